/** How soon a thing is needed, and how much a second of reaching for it weighs. */
export const URGENCY = { life: 9, urgent: 3, comfort: 1 } as const
export type Urgency = keyof typeof URGENCY

/** What was done about leaving the house, for lists of acts: a screen of acts needs no more of it. */

/** What somebody did, after a name. */
export const evacuationPast = {
  evacuation_changed: 'changed the plan for leaving the house',
  evacuation_rehearsed: 'rehearsed leaving the house',
} as const

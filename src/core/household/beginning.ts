/**
 * The first steps of a household, in their order. A step is done when the record says so, not when
 * somebody went on: so it can be left anywhere and taken up on another device.
 */
export const FIRST_STEPS = [
  'country',
  'members',
  'places',
  'kits',
  'things',
  'check',
  'sheet',
] as const
export type FirstStep = (typeof FIRST_STEPS)[number]

/** Open: still to be taken. Over: somebody put the steps away, or the household was there before them. */
export const BEGINNINGS = ['open', 'over'] as const
export type Beginning = (typeof BEGINNINGS)[number]

/** What the record holds of it. */
export interface BegunFacts {
  readonly beginning: Beginning
  /** Somebody can be called: by the country's table or the household's own number. */
  readonly canCall: boolean
  readonly members: number
  readonly places: number
  /** Places without a kit. */
  readonly bare: number
  readonly kits: number
  /** Things that belong somewhere or are there. */
  readonly things: number
  /** Of these, what nobody has said what it is. */
  readonly unmatched: number
  /** Kits that somebody has looked through. */
  readonly checked: number
  /** A lid sheet was printed. */
  readonly hasSheet: boolean
}

export interface Begun {
  readonly done: readonly FirstStep[]
  /** What comes next; null when it is over. */
  readonly next: FirstStep | null
}

const IS_DONE: Readonly<Record<FirstStep, (facts: BegunFacts) => boolean>> = {
  country: ({ canCall }) => canCall,
  members: ({ members }) => members > 0,
  places: ({ places }) => places > 0,
  kits: ({ kits, bare }) => kits > 0 && bare === 0,
  things: ({ things, unmatched }) => things > 0 && unmatched === 0,
  check: ({ checked }) => checked > 0,
  sheet: ({ hasSheet }) => hasSheet,
}

/**
 * The first step that is not done comes next. The lid sheet ends them: what is added later is no
 * first step. Only whom to call is still asked for then.
 */
export function begun(facts: BegunFacts): Begun {
  const done = FIRST_STEPS.filter((step) => IS_DONE[step](facts))
  const isOver = facts.beginning === 'over' || (facts.hasSheet && facts.canCall)
  return { done, next: isOver ? null : (FIRST_STEPS.find((step) => !done.includes(step)) ?? null) }
}

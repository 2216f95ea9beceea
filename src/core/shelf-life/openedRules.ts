/**
 * How long things last once opened. Defaults for a household; the label wins, and every item
 * may carry its own period instead.
 */

export type OpenedPeriod =
  | { readonly kind: 'days'; readonly days: number }
  | { readonly kind: 'months'; readonly months: number }
  /** From the hour it was opened; only its day is recorded, so part of a day is given up. */
  | { readonly kind: 'hours'; readonly hours: number }
  /** Until the course ends: what is left then waits for the prescriber's word. */
  | { readonly kind: 'course' }
  /** Hours are counted to the end of the opened day, since only the day is recorded. */
  | { readonly kind: 'that_day' }
  /** Ends with the opening: nothing is kept. */
  | { readonly kind: 'at_once' }
  /** Opening changes nothing: the printed date stands. */
  | { readonly kind: 'printed' }

export interface OpenedRule {
  readonly name: string
  readonly period: OpenedPeriod
  readonly source: string
}

const CUSTOM = 'Customary in-use period; the label wins'

/** Keyed by id. An opened day counts as day 0: 28 days means good through the 28th day after. */
export const OPENED_RULES = {
  'eye-drops': {
    name: 'Eye drops, many doses',
    period: { kind: 'days', days: 28 },
    source: 'Customary in-use period of preserved eye drops; the label wins',
  },
  'single-dose': {
    name: 'Single-dose vial or sterile pack',
    period: { kind: 'at_once' },
    source: 'Sterile until opened; the label wins',
  },
  'saline-pourable': {
    name: 'Pourable sterile saline',
    period: { kind: 'that_day' },
    source:
      '24 hours after opening; ends with the opened day when the hour is not known; the label wins',
  },
  'saline-pressurised': {
    name: 'Pressurised saline wash',
    period: { kind: 'printed' },
    source: 'Stays sealed under pressure; the label wins',
  },
  peroxide: { name: 'Peroxide', period: { kind: 'months', months: 6 }, source: CUSTOM },
  'peroxide-emesis': {
    name: 'Peroxide kept fresh',
    period: { kind: 'months', months: 1 },
    source: CUSTOM,
  },
  'reconstituted-antibiotic': {
    name: 'Antibiotic mixed with water',
    period: { kind: 'days', days: 14 },
    source: 'Read the label: it differs between products',
  },
  insulin: { name: 'Insulin in use', period: { kind: 'days', days: 28 }, source: CUSTOM },
  nitroglycerin: {
    name: 'Nitroglycerin tablets',
    period: { kind: 'months', months: 6 },
    source: CUSTOM,
  },
  tube: {
    name: 'Cream or ointment in a tube',
    period: { kind: 'months', months: 12 },
    source: CUSTOM,
  },
  'dry-doses': {
    name: 'Tablets, capsules, lozenges',
    period: { kind: 'printed' },
    source: 'Dry single doses keep to the printed date in their closed pack; the label wins',
  },
  'oral-liquid': {
    name: 'Liquid to swallow',
    period: { kind: 'months', months: 6 },
    source: CUSTOM,
  },
  antiseptic: {
    name: 'Antiseptic solution',
    period: { kind: 'months', months: 6 },
    source: CUSTOM,
  },
  'recovery-food': {
    name: 'Recovery food powder, kept cold',
    period: { kind: 'months', months: 6 },
    source: CUSTOM,
  },
} as const satisfies Record<string, OpenedRule>

export type OpenedRuleId = keyof typeof OPENED_RULES

export const isOpenedRuleId = (text: string): text is OpenedRuleId =>
  Object.hasOwn(OPENED_RULES, text)

/** Whose printed labels a household's medicine boxes follow. */
export const LABEL_SETS = ['us', 'uk', 'none'] as const
export type LabelSet = (typeof LABEL_SETS)[number]

const BY_COUNTRY: Readonly<Record<string, LabelSet>> = { US: 'us', GB: 'uk', IE: 'uk' }

/**
 * The set that was chosen, else the country's. Where neither is known, or the country's labels do
 * not ship, there is none: a label of another country is no guess at one's own.
 */
export const labelSetOf = ({
  labels,
  country,
}: {
  readonly labels: LabelSet | null
  readonly country: string
}): LabelSet => labels ?? BY_COUNTRY[country] ?? 'none'

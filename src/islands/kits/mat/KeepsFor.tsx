/** How long it keeps once it is open, as its label says: entered where it is opened. */

import { Select, TextInput } from '@mantine/core'
import type { OpenedPeriod } from '../../../core/shelf-life/openedRules'
import { Stack } from '../../../ui/Box'
import { words } from '../../../words'

const keepsForWords = words.stock.keepsFor

export const PERIODS = ['days', 'months', 'hours', 'course', 'at_once', 'printed'] as const
export type PeriodKind = (typeof PERIODS)[number]

export interface KeepsDraft {
  readonly kind: PeriodKind
  readonly count: string
}
export const NOT_SAID: KeepsDraft = { kind: 'days', count: '' }

const MOST: Readonly<Partial<Record<PeriodKind, number>>> = { days: 3660, months: 120, hours: 720 }
const isCounted = (kind: PeriodKind): kind is 'days' | 'months' | 'hours' => kind in MOST

/** The period that is said; null where nothing is, and "wrong" where it is no number of them. */
export function periodSaid({ kind, count }: KeepsDraft): OpenedPeriod | null | 'wrong' {
  if (!isCounted(kind)) return { kind }
  if (count.trim() === '') return null
  const number = Number(count)
  if (!Number.isInteger(number) || number < 1 || number > (MOST[kind] ?? 0)) return 'wrong'
  return kind === 'days'
    ? { kind, days: number }
    : kind === 'months'
      ? { kind, months: number }
      : { kind, hours: number }
}

export function KeepsFor({
  value,
  now,
  onChange,
}: {
  readonly value: KeepsDraft
  /** What holds at the moment. */
  readonly now: string
  readonly onChange: (draft: KeepsDraft) => void
}) {
  return (
    <Stack columns="repeat(auto-fit, minmax(9rem, 1fr))" gap={4} align="end">
      {isCounted(value.kind) && (
        <TextInput
          label={keepsForWords.label}
          description={keepsForWords.now(now)}
          inputMode="numeric"
          value={value.count}
          error={periodSaid(value) === 'wrong' ? keepsForWords.wrong : undefined}
          onChange={(event) => onChange({ ...value, count: event.currentTarget.value })}
        />
      )}
      <Select
        label={isCounted(value.kind) ? keepsForWords.unit : keepsForWords.label}
        value={value.kind}
        onChange={(kind) => onChange({ ...value, kind: (kind ?? 'days') as PeriodKind })}
        data={PERIODS.map((kind) => ({ value: kind, label: keepsForWords.kind[kind] }))}
      />
    </Stack>
  )
}

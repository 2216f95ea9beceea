/** How long it keeps once it is open, as its label says: entered where it is opened. */

import { Select, TextInput } from '@mantine/core'
import { Stack } from '../../../ui/Box'
import * as words from '../../../words'
import { isCounted, type KeepsDraft, PERIODS, type PeriodKind, periodSaid } from './keepsDraft'

const keepsForWords = words.stock.keepsFor

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

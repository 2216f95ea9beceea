/** Where data is on its way: its lines in outline, and in words for who hears the page. */

import { Skeleton } from '@mantine/core'
import { Stack } from './Box'

interface Props {
  /** What is being fetched: "Reading the stock". */
  readonly said: string
  readonly lines?: number
}

/** As ragged as text is. */
const WIDTHS = ['62%', '88%', '74%', '95%', '81%'] as const

export const ToCome = ({ said, lines = 5 }: Props) => (
  <Stack gap={5} above={5} measure role="status" aria-busy>
    <span className="visually-hidden">{said}</span>
    {Array.from({ length: lines }, (_, line) => (
      // biome-ignore lint/suspicious/noArrayIndexKey: they are all alike
      <Skeleton key={line} height={18} width={WIDTHS[line % WIDTHS.length] ?? '80%'} aria-hidden />
    ))}
  </Stack>
)

/** One proposal that is ticked or not: what, where, and why. */
import { Box, Stack } from '../../../../ui/Box'

interface Props {
  readonly what: string
  readonly where?: string
  readonly why: string
  readonly checked: boolean
  readonly onChange: () => void
}

export const TickLine = ({ what, where, why, checked, onChange }: Props) => (
  <Box as="li" lineBelow="hairline">
    <Stack gapX={4} columns="auto 1fr" as="label" padY={3}>
      <input type="checkbox" checked={checked} onChange={onChange} />
      <b>{what}</b>
      <Box as="span" size={2}>
        {where}
      </Box>
      <Box as="small" tone="second">
        {why}
      </Box>
    </Stack>
  </Box>
)

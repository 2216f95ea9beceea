/** Pockets whose label would say more; none is written unless it is chosen. */
import type { ProposedLabel } from '../../../../core/layout/labels'
import { Box, Stack } from '../../../../ui/Box'
import { words } from '../../../../words'
import { toggled } from './toggled'

const arrangeWords = words.kits.arrange

interface Props {
  readonly labels: readonly ProposedLabel[]
  readonly bay: (index: number) => string
  readonly written: ReadonlySet<number>
  readonly onChange: (written: ReadonlySet<number>) => void
}

export function NewLabels({ labels, bay, written, onChange }: Props) {
  if (labels.length === 0) return null
  return (
    <section aria-label={arrangeWords.labels}>
      <Box as="h2" size={4}>
        {arrangeWords.labels}
      </Box>
      <ul>
        {labels.map((label) => (
          <Box as="li" lineBelow="hairline" key={label.bay}>
            <Stack gapX={4} columns="auto 1fr" as="label" padY={3}>
              <input
                type="checkbox"
                checked={written.has(label.bay)}
                onChange={() => onChange(toggled(written, label.bay))}
              />
              <b>{arrangeWords.label(bay(label.bay), label.name)}</b>
              <span />
              <Box as="small" tone="second">
                {arrangeWords.labelWhy(label.names, label.of)}
              </Box>
            </Stack>
          </Box>
        ))}
      </ul>
    </section>
  )
}

/** Pockets whose label would say more; none is written unless it is chosen. */
import type { ProposedLabel } from '../../../../core/layout/labels'
import { Box } from '../../../../ui/Box'
import * as words from '../../../../words'
import { TickLine } from './TickLine'
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
          <TickLine
            key={label.bay}
            what={arrangeWords.label(bay(label.bay), label.name)}
            why={arrangeWords.labelWhy(label.names, label.of)}
            checked={written.has(label.bay)}
            onChange={() => onChange(toggled(written, label.bay))}
          />
        ))}
      </ul>
    </section>
  )
}

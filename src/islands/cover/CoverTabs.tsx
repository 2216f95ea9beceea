/** The parts of Cover; the place stays chosen from one to the other. */
import { Parts } from '../../ui/Parts'
import * as words from '../../words'

const PARTS = [
  ['board', '/cover'],
  ['if', '/cover/if'],
  ['evening', '/cover/evening'],
  ['lists', '/cover/lists'],
  ['items', '/cover/items'],
] as const
export type CoverPart = (typeof PARTS)[number][0]

export const CoverTabs = ({
  part,
  place,
}: {
  readonly part: CoverPart
  readonly place: string | null
}) => (
  <Parts
    label={words.cover.tabs.label}
    current={part}
    parts={PARTS.map(([id, href]) => ({
      id,
      label: words.cover.tabs[id],
      href: place && id !== 'items' ? `${href}?place=${place}` : href,
    }))}
  />
)

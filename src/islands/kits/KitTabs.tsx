/** The parts of Kits; the place stays chosen from one to the other. */
import { Parts } from '../../ui/Parts'
import * as words from '../../words'

const PARTS = [
  ['kits', '/kits'],
  ['rounds', '/rounds'],
  ['stock', '/stock'],
  ['review', '/review'],
  ['exposure', '/exposure'],
  ['record', '/record'],
] as const
export type KitPart = (typeof PARTS)[number][0]

const tabsWords = words.kits.tabs

export const KitTabs = ({
  part,
  place,
}: {
  readonly part: KitPart
  readonly place: string | null
}) => (
  <Parts
    label={tabsWords.label}
    current={part}
    parts={PARTS.map(([id, href]) => ({
      id,
      label: tabsWords[id],
      href: place ? `${href}?place=${place}` : href,
    }))}
  />
)

/** The parts of Cover; the place stays chosen from one to the other. */
import { words } from '../../words'
import classes from './cover.module.css'

const PARTS = [
  ['board', '/cover'],
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
  <nav className={`${classes.parts} no-print`} aria-label={words.cover.tabs.label}>
    {PARTS.map(([id, href]) => (
      <a
        key={id}
        href={place && id !== 'items' ? `${href}?place=${place}` : href}
        aria-current={id === part ? 'page' : undefined}
      >
        {words.cover.tabs[id]}
      </a>
    ))}
  </nav>
)

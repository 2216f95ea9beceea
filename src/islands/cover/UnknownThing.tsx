/** An item that nobody has matched yet: the likeliest entries, or a search of the catalogue. */
import { Select } from '@mantine/core'
import { useMemo } from 'react'
import { changeItem, matchItems } from '../../contract/endpoints'
import { catalogue } from '../../core/catalogue/catalogue'
import { type Match, matches } from '../../core/catalogue/match'
import { itemTitle } from '../../core/stock/item'
import { useActing } from '../../ui/acting'
import { words } from '../../words'
import classes from './cover.module.css'
import type { CoverView } from './useCover'

const w = words.matching
export type ItemView = CoverView['items'][number]

/** Neither matched nor declared plain; what was prescribed for somebody needs no entry. */
export const isUnknown = ({ courses }: CoverView, { id, catalogueId, own }: ItemView): boolean =>
  catalogueId === null &&
  own.roles === undefined &&
  own.why === undefined &&
  !courses.some(({ itemId }) => itemId === id)

export const ENTRY_CHOICES = [...catalogue().values()].map((entry) => ({
  value: entry.id,
  label: itemTitle(entry),
}))

export function UnknownThing({ item }: { readonly item: ItemView }) {
  const { run, busy } = useActing()
  const found = useMemo(() => matches(item.name, item.strength, 3), [item.name, item.strength])
  const confirm = (catalogueId: string) =>
    void run(matchItems, { body: { matches: [{ itemId: item.id, catalogueId }] } }, w.matched(1))
  return (
    <li>
      <div>
        <b>{itemTitle(item)}</b>
        <span>{item.purpose}</span>
      </div>
      <span className={classes.presses}>
        {found.map((match) => (
          <Guess key={match.entry.id} match={match} item={item} busy={busy} onConfirm={confirm} />
        ))}
        {found.length === 0 && <small>{w.none}</small>}
        <Select
          aria-label={`${w.other}: ${itemTitle(item)}`}
          placeholder={w.other}
          searchable
          limit={40}
          value={null}
          onChange={(id) => id && confirm(id)}
          data={ENTRY_CHOICES}
        />
        <button
          type="button"
          className={classes.reset}
          disabled={busy}
          aria-label={`${w.plain}: ${itemTitle(item)}`}
          onClick={() =>
            void run(
              changeItem,
              {
                params: { itemId: item.id },
                body: { seenVersion: item.version, own: { ...item.own, why: w.plain } },
              },
              w.matched(1),
            )
          }
        >
          {w.plain}
        </button>
      </span>
    </li>
  )
}

const Guess = ({
  match: { entry },
  item,
  busy,
  onConfirm,
}: {
  readonly match: Match
  readonly item: ItemView
  readonly busy: boolean
  readonly onConfirm: (catalogueId: string) => void
}) => (
  <button
    type="button"
    className={classes.press}
    disabled={busy}
    aria-label={`${w.confirm}: ${itemTitle(item)} = ${itemTitle(entry)}`}
    onClick={() => onConfirm(entry.id)}
  >
    {itemTitle(entry)}
  </button>
)

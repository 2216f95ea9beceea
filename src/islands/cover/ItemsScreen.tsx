/** What things are (planning): every item of the household beside its catalogue entry, confirmed by the keeper. */
import { Button } from '@mantine/core'
import { useMemo } from 'react'
import { matchItems } from '../../contract/endpoints'
import { clearMatch, matches } from '../../core/catalogue/match'
import { useActing } from '../../ui/acting'
import { Frame, type Strap } from '../../ui/Frame'
import { words } from '../../words'
import { CoverTabs } from './CoverTabs'
import classes from './cover.module.css'
import { KnownThing } from './KnownThing'
import { isUnknown, UnknownThing } from './UnknownThing'
import { type CoverView, useCover } from './useCover'

interface Props {
  readonly strap: Strap
  readonly initial: CoverView
  readonly place: string | null
}

export const ItemsScreen = (props: Props) => (
  <Frame tab="cover" strap={props.strap} place={props.place}>
    <CoverTabs part="items" place={props.place} />
    <Things {...props} />
  </Frame>
)

const w = words.matching

function Things({ initial }: Props) {
  const { view } = useCover(initial)
  const { run, busy } = useActing()
  const items = useMemo(
    () => [...view.items].sort((a, b) => a.name.localeCompare(b.name)),
    [view.items],
  )
  const open = useMemo(() => items.filter((item) => isUnknown(view, item)), [items, view])
  const known = items.filter((item) => !open.includes(item))
  const clear = useMemo(
    () =>
      open.flatMap((item) => {
        const entry = clearMatch(matches(item.name, item.strength))
        return entry ? [{ itemId: item.id, catalogueId: entry.id }] : []
      }),
    [open],
  )
  return (
    <>
      <header className={classes.head}>
        <h1>{items.length === 0 ? w.title : w.headline(open.length)}</h1>
        <p className="second">{items.length === 0 ? w.noItems : w.under}</p>
      </header>
      {clear.length > 0 && (
        <p className={classes.presses}>
          <Button
            loading={busy}
            onClick={() =>
              void run(matchItems, { body: { matches: clear } }, ({ matched }) =>
                w.matched(matched),
              )
            }
          >
            {w.confirmClear(clear.length)}
          </Button>
        </p>
      )}
      <ul className={classes.lines} aria-label={w.title}>
        {open.map((item) => (
          <UnknownThing key={item.id} item={item} />
        ))}
      </ul>
      {known.length > 0 && (
        <section className={classes.known}>
          <h2>{w.known}</h2>
          <ul>
            {known.map((item) => (
              <KnownThing key={item.id} item={item} />
            ))}
          </ul>
        </section>
      )}
    </>
  )
}

/** Watch, the first screen (planning, at a desk): what matters today, what turns when, what to do where. */
import { useQuery } from '@tanstack/react-query'
import { readWatch } from '../../contract/watch'
import { call } from '../../device/call'
import { Frame } from '../../ui/Frame'
import notes from '../../ui/notes.module.css'
import { words } from '../../words'
import { ErrandGroup } from './ErrandGroup'
import { SeasonRibbon } from './SeasonRibbon'
import type { Watch } from './view'
import classes from './watch.module.css'

interface Props {
  readonly initial: Watch
  readonly place: string | null
}

export const WatchScreen = ({ initial, place }: Props) => (
  <Frame tab="watch" strap={initial.strap} place={place}>
    <Watching initial={initial} place={place} />
  </Frame>
)

function Watching({ initial, place }: Props) {
  const { data: watch } = useQuery({
    queryKey: ['watch', place],
    queryFn: () => call(readWatch, { query: place ? { place } : {} }),
    initialData: initial,
  })
  const { today, places } = watch.strap
  const shown = places.filter(({ id }) => place === null || id === place)
  const aside = words.watch.aside(watch.later, watch.listed)
  return (
    <div className={classes.screen}>
      <h1>{words.watch.headline(watch.headline)}</h1>
      <p className={classes.under}>{words.watch.under(watch.headline, today)}</p>
      {watch.recalled > 0 && (
        <p className={`${notes.mustNot} ${classes.recall}`}>
          {words.restock.recalls.onWatch(watch.recalled)}.{' '}
          <a href="/restock/recalls">{words.restock.recalls.lookAtIt}</a>
        </p>
      )}
      {watch.unasked.length > 0 && (
        <p className={classes.unasked}>
          {words.watch.unasked}{' '}
          {watch.unasked.map(({ memberId, name }, at) => (
            <span key={memberId}>
              {at > 0 && ', '}
              <a href={`/members/${memberId}`}>{name}</a>
            </span>
          ))}
          .
        </p>
      )}
      {watch.headline.code === 'nothing_kept' ? (
        <div className={classes.start}>
          <a href="/bring-in">{words.watch.emptyBring}</a>
          <a href="/kits">{words.watch.emptyKit}</a>
        </div>
      ) : (
        <SeasonRibbon ribbon={watch.ribbon} places={shown} today={today} />
      )}
      <section
        aria-label={words.watch.errands}
        className={classes.groups}
        data-single={shown.length === 1}
      >
        {watch.groups
          .filter(({ placeId, total }) => total > 0 && shown.some(({ id }) => id === placeId))
          .map((group) => {
            const at = places.find(({ id }) => id === group.placeId)
            return (
              at && (
                <ErrandGroup
                  key={group.placeId}
                  group={group}
                  place={at}
                  today={today}
                  alone={shown.length === 1}
                />
              )
            )
          })}
      </section>
      <footer className={classes.foot}>
        {aside && <span>{aside}</span>}
        <span>{words.watch.disclaimer}</span>
      </footer>
    </div>
  )
}

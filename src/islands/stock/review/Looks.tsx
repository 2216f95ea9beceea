/** Where to look next: pockets whose counts have faded most. */
import type { PlainDate } from '../../../core/calendar/plainDate'
import { useStrap } from '../../../ui/Frame'
import { words } from '../../../words'
import classes from './review.module.css'
import type { Review } from './view'

const reviewWords = words.stock.review

interface Props {
  readonly looks: Review['looks']
  readonly place: string | null
  readonly today: PlainDate
}

export function Looks({ looks, place, today }: Props) {
  const { places } = useStrap()
  const here = looks.filter(({ placeId, gain }) => gain > 0 && (!place || placeId === place))
  return (
    <aside className={classes.looks} aria-label={reviewWords.looks}>
      <h2>{reviewWords.looks}</h2>
      <p className="second">{reviewWords.looksIntro}</p>
      {here.length === 0 && <p>{reviewWords.allSure}</p>}
      <ol>
        {here.map((look) => (
          <li key={look.pocketId} data-hue={places.find(({ id }) => id === look.placeId)?.hue}>
            <a href={`/kits/${look.kitId}?pocket=${look.pocketId}`}>
              <b>{look.pocket}</b>
              <span>
                {look.kit}, {look.place}
              </span>
            </a>
            <span className={classes.sureBar} aria-hidden>
              <i style={{ width: `${look.sure}%` }} />
            </span>
            <small>
              {[
                reviewWords.sureNow(look.sure),
                reviewWords.oldest(look.oldest?.on ?? null, today),
                reviewWords.look(look.lots, Math.max(1, Math.round(look.seconds / 60))),
                reviewWords.next(look.next, today),
              ]
                .filter(Boolean)
                .join(' · ')}
            </small>
          </li>
        ))}
      </ol>
    </aside>
  )
}

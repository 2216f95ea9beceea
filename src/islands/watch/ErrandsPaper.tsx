/** What is to be done, place by place, to tick off with a pen: the list of Watch. Prints as it is shown. */

import paper from '../../sheets/paper.module.css'
import * as words from '../../words'
import { fullDay } from '../../words/frame/format'
import classes from './errands.module.css'
import type { Watch } from './view'

const watchWords = words.watch

interface Props {
  readonly watch: Watch
  /** Only this place; null for all. */
  readonly place: string | null
}

export function ErrandsPaper({ watch, place }: Props) {
  const { today, places, habits } = watch.strap
  const groups = watch.groups.filter(
    ({ placeId, errands }) => errands.length > 0 && (place === null || placeId === place),
  )
  return (
    <main id="main" className={`${paper.paper} ${classes.errands}`}>
      <h1>{words.sheets.errands.title}</h1>
      <p>{words.sheets.errands.asOf(fullDay(today))}</p>
      {groups.length === 0 && <p>{words.sheets.errands.none}</p>}
      {groups.map((group) => (
        <section key={group.placeId}>
          <h2>
            {watchWords.group(
              places.find(({ id }) => id === group.placeId)?.name ?? '',
              group.next,
              today,
            )}
          </h2>
          <ul>
            {group.errands.map((errand) => (
              <li key={errand.key}>
                <span aria-hidden className={classes.box} />
                <span>
                  <b>
                    {watchWords.acts[errand.act]}: {errand.title || watchWords.untitled(errand.act)}
                    {watchWords.amount(errand)}
                  </b>
                  <small>
                    {[
                      ...errand.brings.map((one) => watchWords.brings(one, today)),
                      watchWords.reason(errand, today, habits.currency),
                      [errand.pocket, errand.kit].filter(Boolean).join(', '),
                    ]
                      .filter(Boolean)
                      .join(' · ')}
                  </small>
                </span>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </main>
  )
}

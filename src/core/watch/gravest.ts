/** The few errands that the headline offers: the gravest of all places, where somebody is soonest first. */
import type { PlainDate } from '../calendar/plainDate'
import { type Errand, GRAVITIES, gravityOf, soonness } from './errand'

const MOST = 3
/** What can wait for its place's turn is not offered above everything. */
const OFFERED = ['life', 'soon', 'essential']

export const gravest = (open: readonly Errand[], today: PlainDate): readonly Errand[] =>
  open
    .map((errand, at) => ({ errand, at, gravity: gravityOf(errand, today) }))
    .filter(({ gravity }) => OFFERED.includes(gravity))
    .sort(
      (a, b) =>
        GRAVITIES.indexOf(a.gravity) - GRAVITIES.indexOf(b.gravity) ||
        soonness(a.errand.place, today).localeCompare(soonness(b.errand.place, today)) ||
        a.at - b.at,
    )
    .slice(0, MOST)
    .map(({ errand }) => errand)

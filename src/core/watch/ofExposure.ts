/** Errands of heat and frost: what is to be brought out of harm before it comes. */
import { daysBetween, type PlainDate } from '../calendar/plainDate'
import { type HarmAhead, SOON_DAYS } from '../exposure/harmsAhead'
import { anErrand, type Errand } from './errand'

/** @param coming by the model, whenever it comes */
export const ofExposure = (today: PlainDate, coming: readonly HarmAhead[]): readonly Errand[] =>
  coming
    .filter(({ on }) => daysBetween(today, on) <= SOON_DAYS)
    .map(({ place, code, on, hundredths, things }) =>
      anErrand({
        key: `take_in:${place.id}:${code}`,
        act: 'take_in',
        title: [...new Set(things.map(({ title }) => title))].slice(0, 3).join(', '),
        place,
        due: on,
        reason: { code: 'weather', what: code, on, hundredths, things: things.length },
      }),
    )

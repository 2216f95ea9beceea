/** What may turn unused at each place: the table is its own chart. */

import type { Forecast } from '../../../core/forecast/forecast'
import { Box } from '../../../ui/Box'
import { Table } from '../../../ui/Table'
import * as words from '../../../words'
import { money } from '../../../words/frame/format'
import classes from './forecast.module.css'
import type { ForecastView } from './useForecast'

const forecastWords = words.forecast

interface Props {
  readonly found: Forecast
  readonly view: ForecastView
}

export function AtRisk({ found, view }: Props) {
  const sum = (minor: number) => money(Math.round(minor), view.currency)
  const most = Math.max(1, ...found.atRisk.map(({ high }) => high))
  const share = (minor: number) => `${Math.round((minor / most) * 1000) / 10}%`
  const rows = view.stops
    .map((stop, at) => ({ stop, range: found.atRisk[at] }))
    .filter(({ range }) => (range?.high ?? 0) > 0)
    .sort((a, b) => (b.range?.middle ?? 0) - (a.range?.middle ?? 0))
  if (rows.length === 0) return null
  return (
    <section aria-label={forecastWords.risk}>
      <Box as="h2" below={2} size={5}>
        {forecastWords.risk}
      </Box>
      <Table className={classes.risk}>
        <thead>
          <tr>
            <th scope="col">{forecastWords.place}</th>
            <td />
            <th scope="col">{forecastWords.middle}</th>
            <th scope="col">{forecastWords.nineInTen}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ stop, range }) => (
            <tr key={stop.placeId} data-hue={stop.hue}>
              <th scope="row">{stop.name}</th>
              <td>
                <Box anchor as="span" block className={classes.bar} aria-hidden="true">
                  <Box as="i" line="ink" radius={1} style={{ width: share(range?.high ?? 0) }} />
                  <Box as="b" line="ink" radius={1} style={{ width: share(range?.middle ?? 0) }} />
                </Box>
              </td>
              <td>{sum(range?.middle ?? 0)}</td>
              <td>{sum(range?.high ?? 0)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  )
}

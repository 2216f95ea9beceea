/** What one fewer or one more of each thing would cost or save a year, and how long it would lack. */

import { useState } from 'react'
import type { ParCost, WhatIf } from '../../../core/forecast/forecast'
import { Box } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { Table } from '../../../ui/Table'
import * as words from '../../../words'
import { money } from '../../../words/frame/format'
import type { ForecastView } from './useForecast'

const forecastWords = words.forecast

interface Props {
  readonly ifs: readonly WhatIf[]
  readonly view: ForecastView
  readonly place: string | null
}

/** So many rows at first. */
const FIRST = 10
/** A change of less than this a year is none. */
const SAME_MINOR = 5

export function WhatIfs({ ifs, view, place }: Props) {
  const [all, setAll] = useState(false)
  const { problem, lines, stops, currency } = view
  const rows = ifs
    .filter(
      ({ line }) => place === null || stops[problem.lines[line]?.stop ?? -1]?.placeId === place,
    )
    .sort((a, b) => saving(b) - saving(a))
  if (rows.length === 0) return null
  const shown = all ? rows : rows.slice(0, FIRST)
  return (
    <section aria-label={forecastWords.whatIf}>
      <Box as="h2" below={2} size={5}>
        {forecastWords.whatIf}
      </Box>
      <p className="second">
        {forecastWords.whatIfUnder} {forecastWords.order}
      </p>
      <Table>
        <thead>
          <tr>
            <th scope="col">{forecastWords.thing}</th>
            <th scope="col">{forecastWords.now}</th>
            <th scope="col">{forecastWords.fewer}</th>
            <th scope="col">{forecastWords.more}</th>
          </tr>
        </thead>
        <tbody>
          {shown.map(({ line, now, fewer, more }) => {
            const about = lines[line]
            const stop = stops[problem.lines[line]?.stop ?? -1]
            return about ? (
              <tr key={`${about.itemId}/${about.pocketId}`} data-hue={stop?.hue}>
                <th scope="row">
                  {about.title}
                  <small>
                    {about.pocket}, {about.kit}
                  </small>
                </th>
                <td>
                  <b>{now.par}</b>
                  <small>
                    {forecastWords.perYear(money(Math.round(now.spentMinor), currency))}
                    <br />
                    {forecastWords.bareDays(now.bareDays)}
                  </small>
                </td>
                {problem.lines[line]?.mustBe ? (
                  <td>{forecastWords.mustBe}</td>
                ) : (
                  <Changed to={fewer} from={now} currency={currency} unit={about.unit} />
                )}
                <Changed to={more} from={now} currency={currency} unit={about.unit} />
              </tr>
            ) : null
          })}
        </tbody>
      </Table>
      {!all && rows.length > FIRST && (
        <Button kind="plain" onClick={() => setAll(true)}>
          {forecastWords.showAll(rows.length)}
        </Button>
      )}
    </section>
  )
}

const saving = ({ now, fewer }: WhatIf): number => (fewer ? now.spentMinor - fewer.spentMinor : 0)

function Changed({
  to,
  from,
  currency,
  unit,
}: {
  readonly to: ParCost | null
  readonly from: ParCost
  readonly currency: string
  readonly unit: string
}) {
  if (!to) return <td>–</td>
  const by = Math.round(to.spentMinor - from.spentMinor)
  const sum = money(Math.abs(by), currency)
  const without = forecastWords.without(to.without, unit)
  return (
    <td>
      <b>
        {Math.abs(by) < SAME_MINOR
          ? forecastWords.same
          : by < 0
            ? forecastWords.saves(sum)
            : forecastWords.costs(sum)}
      </b>
      <small>
        {forecastWords.bareDays(to.bareDays)}
        {without !== '' && (
          <>
            <br />
            {without}
          </>
        )}
      </small>
    </td>
  )
}

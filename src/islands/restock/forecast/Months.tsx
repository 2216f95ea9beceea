/** A range for each month: drawn, and as a table. */

import { useEffect, useRef } from 'react'
import type { PlainMonth } from '../../../core/calendar/plainDate'
import type { Range } from '../../../core/forecast/forecast'
import { Box } from '../../../ui/Box'
import { Table } from '../../../ui/Table'
import * as words from '../../../words'
import { money, monthYear } from '../../../words/frame/format'
import classes from './forecast.module.css'

const forecastWords = words.forecast

interface Props {
  readonly title: string
  readonly months: readonly PlainMonth[]
  readonly ranges: readonly Range[]
  readonly currency: string
}

export function Months({ title, months, ranges, currency }: Props) {
  const box = useRef<HTMLDivElement>(null)
  const sum = (minor: number) => money(Math.round(minor), currency)
  useEffect(() => {
    const element = box.current
    if (!element) return
    const told = (minor: number) => money(Math.round(minor), currency)
    let dispose = () => {}
    let gone = false
    // The library is large and only a few screens draw with it.
    void import('../../../ui/drawRanges').then(({ drawRanges }) => {
      if (gone) return
      dispose = drawRanges(element, ranges, {
        names: months.map(monthYear),
        label: (minor) => money(Math.round(minor / 100) * 100, currency).replace(/\.00$/, ''),
        told: ({ low, middle, high }) => forecastWords.range(told(low), told(middle), told(high)),
      })
    })
    return () => {
      gone = true
      dispose()
    }
  }, [months, ranges, currency])
  return (
    <Box as="figure" padX={6} padY={5} surface="paper" line="hairline" radius={2}>
      <Box as="figcaption" size={4} weight="bold" face="display">
        {title}
      </Box>
      <div ref={box} className={classes.chart} role="img" aria-label={title} />
      <Box as="p" size={2} className="second">
        {forecastWords.likely}
      </Box>
      <details>
        <summary>{forecastWords.table}</summary>
        <Table>
          <thead>
            <tr>
              <th scope="col">{forecastWords.month}</th>
              <th scope="col">{forecastWords.oneInTen}</th>
              <th scope="col">{forecastWords.middle}</th>
              <th scope="col">{forecastWords.nineInTen}</th>
            </tr>
          </thead>
          <tbody>
            {ranges.map(({ low, middle, high }, at) => (
              <tr key={months[at]}>
                <th scope="row">{monthYear(months[at] ?? '')}</th>
                <td>{sum(low)}</td>
                <td>{sum(middle)}</td>
                <td>{sum(high)}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      </details>
    </Box>
  )
}

/** How many of a lot there were, as a stepped line from the day it came in to the last act. */

import type { z } from 'zod'
import type { readLot } from '../../../contract/stock'
import { daysBetween } from '../../../core/calendar/plainDate'
import { Box, Row } from '../../../ui/Box'
import * as words from '../../../words'
import { counted, monthYear } from '../../../words/frame/format'
import classes from './mat.module.css'

interface Props {
  readonly totals: z.infer<(typeof readLot)['result']>['totals']
  readonly unit: string
}

const WIDTH = 256
const HEIGHT = 46
const FOOT = 4

export function HistoryLine({ totals, unit }: Props) {
  const [first] = totals
  const last = totals.at(-1)
  if (!first || !last || totals.length < 2) return null
  const most = Math.max(...totals.map(({ total }) => total), 1)
  const days = Math.max(1, daysBetween(first.day, last.day))
  const points = totals.map(({ day, total }, index) => ({
    // Several acts of one day still stand beside each other.
    x: Math.round((WIDTH * (daysBetween(first.day, day) + index / totals.length)) / (days + 1)),
    y: Math.round(HEIGHT - FOOT - ((HEIGHT - 2 * FOOT) * total) / most),
  }))
  const path = points.map(({ x, y }, index) => (index === 0 ? `M${x} ${y}` : `H${x}V${y}`)).join('')
  return (
    <Box as="figure" above={3} below={2} className={classes.historyLine}>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={`${words.stock.acts.historyLine}: ${totals.map(({ total }) => counted(total, unit)).join(', ')}`}
      >
        <path d={`${path}H${WIDTH}`} />
        {points.map(({ x, y }, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: points only ever follow
          <circle key={index} cx={Math.max(3, x)} cy={y} r={3} />
        ))}
      </svg>
      <Row as="figcaption" justify="between">
        <small>{monthYear(first.day)}</small>
        <small>{counted(last.total, unit)}</small>
      </Row>
    </Box>
  )
}

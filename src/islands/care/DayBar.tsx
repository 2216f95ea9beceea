/** How much of a day’s most is given, and the answer in one line. */

import type { DoseAnswer } from '../../core/dosing/question'
import type { DoseRefusal } from '../../core/dosing/refusal'
import { measureText, strengthText } from '../../core/quantity/measure'
import { Box, Row } from '../../ui/Box'
import * as words from '../../words'
import classes from './care.module.css'

const benchWords = words.care.bench

/** "Acetaminophen liquid, 160 mg in 5 mL: 10 mL = 320 mg" */
export function Line({ answer }: { readonly answer: DoseAnswer }) {
  const { card } = answer
  const name = card.strength ? `${card.name}, ${strengthText(card.strength)}` : card.name
  if (answer.kind === 'refused')
    return (
      <Box as="p" size={4}>
        {name}
      </Box>
    )
  const { portion, measure } = answer.dose
  return (
    <Box as="p" size={4}>
      {name}:{' '}
      <Box as="strong" size={5} face="display">
        {words.care.portion(portion)}
      </Box>
      {measure && ` = ${measureText(measure)}`}
    </Box>
  )
}

export function DayBar({ answer }: { readonly answer: DoseAnswer }) {
  const { day } = answer
  if (!day?.most || !day.given || answer.kind === 'refused' || !answer.dose.measure) return null
  const most = day.most.thousandths
  const given = (100 * day.given.thousandths) / most
  const dose = (100 * answer.dose.measure.thousandths) / most
  return (
    <div className={classes.dayBar}>
      <dt>{benchWords.dayBar}</dt>
      <Box as="dd" weight="bold" text="right" breakable>
        <Row
          as="span"
          line="ink"
          radius={1}
          className={classes.track}
          role="img"
          aria-label={benchWords.dayBarLabel(
            measureText(day.given),
            measureText(answer.dose.measure),
            measureText(day.most),
          )}
        >
          <span className={classes.trackGiven} style={{ width: `${Math.min(100, given)}%` }} />
          <span
            className={classes.trackDose}
            style={{ width: `${Math.max(0, Math.min(100 - given, dose))}%` }}
          />
        </Row>
      </Box>
    </div>
  )
}

export const isAboutCut = ({ code }: DoseRefusal): boolean =>
  code === 'cut_unknown' || code === 'must_not_cut'

/** A dose slip for the pouch (on paper): worked out once, with the day on which it stops being true. */

import { IconPrinter } from '@tabler/icons-react'
import { addDays } from '../../../core/calendar/plainDate'
import { ageInYears, weighingStandsFor, weightOn } from '../../../core/household/weight'
import { strengthText } from '../../../core/quantity/measure'
import { Box, Row } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { Frame, type Strap } from '../../../ui/Frame'
import * as words from '../../../words'
import { weight } from '../../../words/care/weights'
import { fullDay } from '../../../words/frame/format'
import { askDose } from '../askDose'
import { DoseDrawing } from '../DoseDrawing'
import { type Care, useNow } from '../useCare'
import { WithCare } from '../WithCare'
import classes from './bench.module.css'

interface Props {
  readonly strap: Strap
  readonly place: string | null
}

export const SlipScreen = ({ strap, place }: Props) => (
  <Frame tab="bench" strap={strap} place={place}>
    <WithCare title={words.care.slip.title}>{(care) => <Slip care={care} />}</WithCare>
  </Frame>
)

const slipWords = words.care.slip

function Slip({ care }: { readonly care: Care }) {
  const now = useNow(60_000)
  const search =
    typeof location === 'undefined' ? new URLSearchParams() : new URLSearchParams(location.search)
  const member = care.members.find(({ id }) => id === search.get('for'))
  const card = care.view.cards.find(({ id }) => id === search.get('card'))
  if (!member || !card) return <p>{slipWords.refused}</p>
  // The slip is for any day: what was given today is not on it.
  const { answer } = askDose(care, member, card, { now, given: [], here: null })
  if (answer.kind !== 'give' || !answer.band) return <p>{slipWords.refused}</p>
  const { dose, band } = answer
  const state = weightOn(member.species, member.born, member.weighings, care.view.today)
  const outdated =
    state.kind === 'fresh'
      ? state.until
      : addDays(
          care.view.today,
          weighingStandsFor(member.species, ageInYears(member.born, care.view.today)),
        )
  return (
    <>
      <Row as="header" gap={5} align="start" justify="between" wrap below={6} className="no-print">
        <div>
          <h1>{slipWords.title}</h1>
          <Box as="p" measure className="second">
            {slipWords.cut}
          </Box>
        </div>
        <Button icon={IconPrinter} kind="strong" onClick={() => print()}>
          {slipWords.print}
        </Button>
      </Row>
      <article className={classes.slip}>
        <Box as="h2" size={5}>
          {card.name}
          {card.strength && `, ${strengthText(card.strength)}`}
        </Box>
        <p>
          {slipWords.of(
            state.kind === 'unknown'
              ? member.name
              : `${member.name}, ${weight(state.weighing.grams, care.view.units)}`,
            fullDay(care.view.today),
          )}
        </p>
        <Box as="p" size={6} weight="bold" face="display">
          {words.care.portion(dose.portion)}
        </Box>
        <DoseDrawing dose={dose} cuts={card.cuts} compact={false} />
        <dl>
          <div>
            <dt>{slipWords.again}</dt>
            <Box as="dd" weight="bold" text="right">
              {words.care.interval(band.again)}
            </Box>
          </div>
          {(band.mostDoses !== null || band.most) && (
            <div>
              <dt>{slipWords.most}</dt>
              <Box as="dd" weight="bold" text="right">
                {words.care.cards.most(band.mostDoses, band.most && words.care.amount(band.most))}
              </Box>
            </div>
          )}
        </dl>
        {card.directions && <p>{card.directions}</p>}
        <p>
          <b>{slipWords.stop}:</b> {card.stop.join('; ')}
        </p>
        <Box as="p" size={2} tone="second">
          {words.care.source(card)}. {words.care.notAdvice} {slipWords.outdated(fullDay(outdated))}
        </Box>
      </article>
    </>
  )
}

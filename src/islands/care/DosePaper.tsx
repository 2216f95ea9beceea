/**
 * One dose on paper: who, how much, drawn, with the sum, its source, the clock and the lot. What
 * speaks against it stands in the place of the amount.
 */

import { useState } from 'react'
import type { BarrelId } from '../../core/dosing/barrel'
import { BARRELS } from '../../core/dosing/barrel'
import { type DoseCard, SIGNS, type Sign } from '../../core/dosing/card'
import type { Instant } from '../../core/dosing/given'
import { isCut, lotFor, unitsTaken } from '../../core/dosing/lots'
import type { Dose } from '../../core/dosing/question'
import { type DoseRefusal, isQuestion, isWait } from '../../core/dosing/refusal'
import { disagreeing } from '../../core/dosing/sources'
import { holdsOf, signsAsked, weighedAgo } from '../../core/dosing/workOut'
import type { Member } from '../../core/household/member'
import { weightOn } from '../../core/household/weight'
import type { PlaceId } from '../../core/ids'
import type { CareFact } from '../../core/incident/entry'
import { thousandthsText } from '../../core/quantity/exact'
import { measureText } from '../../core/quantity/measure'
import { Box, Row, Stack } from '../../ui/Box'
import { Chip } from '../../ui/Button'
import { Fact } from '../../ui/Fact'
import * as words from '../../words'
import { weight } from '../../words/care/weights'
import { counted, fullDay } from '../../words/frame/format'
import { askDose, barrelsAtHand } from './askDose'
import classes from './care.module.css'
import { DayBar, isAboutCut, Line } from './DayBar'
import { DoseDrawing, Spoons } from './DoseDrawing'
import { NoteDose } from './NoteDose'
import { OtherLots } from './OtherLots'
import { Questions } from './Questions'
import { unkeptWords, useAnswers } from './useAnswers'
import { type Care, givenTo, patientNow, useNow } from './useCare'

const benchWords = words.care.bench
const questionsWords = words.care.questions

interface Props {
  readonly care: Care
  readonly member: Member
  readonly card: DoseCard
  /** Where it is given: its kits come first. */
  readonly here: PlaceId | null
  readonly onGiven: (fact: Extract<CareFact, { kind: 'dose' }>, minutesAgo: number) => Promise<void>
  /** Where the drawing has little room. */
  readonly compact?: boolean
}

export function DosePaper({ care, member, card, here, onGiven, compact = false }: Props) {
  const now = useNow()
  const [choice, setChoice] = useState<'lower' | 'upper'>('lower')
  const [barrel, setBarrel] = useState<BarrelId | null>(null)
  const [signs, setSigns] = useState<ReadonlySet<Sign>>(new Set())
  const answers = useAnswers(care, member)
  const { view } = care
  const patient = patientNow(care, member)
  const atHand = barrelsAtHand(care)
  const { answer, offers } = askDose(care, member, card, {
    now,
    given: givenTo(care, member.id),
    here,
    choice,
    signs,
    answered: answers.answered,
    barrel,
  })
  const state = weightOn(member.species, member.born, member.weighings, view.today)
  const asked = signsAsked(card, patient)
  const time = (at: Instant): string => words.care.time(at, now, view.timeZone)
  const lot =
    answer.kind === 'refused' ? (offers.good[0] ?? null) : lotFor(offers, answer.dose.portion)
  const refusals: readonly DoseRefusal[] = answer.kind === 'give' ? [] : answer.refusals
  const questions = refusals.filter(isQuestion)
  const cut = refusals.find(({ code }) => code === 'cut_unknown')
  const raised = choice === 'upper'
  const others = disagreeing(card, view.cards, patient)
  const next = answer.kind === 'wait' ? answer.until : null
  const give = async (minutesAgo: number, anyway: string, dose: Dose) => {
    const taken = lot && unitsTaken(lot, dose.portion)
    await onGiven(
      {
        kind: 'dose',
        cardId: card.id,
        title: card.name,
        portion: dose.portion,
        holds: holdsOf(card, dose.portion),
        rule: answer.rule,
        takes: lot && taken ? [{ lotId: lot.lotId, pocketId: lot.pocketId, amount: taken }] : [],
        anyway: [anyway, unkeptWords(answers.unkept, view.today)].filter(Boolean).join('; '),
      },
      minutesAgo,
    )
  }
  return (
    <Stack packed as="article" gap={4} aria-labelledby="dose-head">
      <Box as="h2" size={6} breakable id="dose-head">
        {benchWords.head(
          member.name,
          state.kind === 'unknown' ? null : weight(state.weighing.grams, view.units),
          weighedAgo(patient),
        )}
        {state.kind !== 'fresh' && (
          <>
            {' '}
            <Box as="a" size={2} weight="bold" face="text" href={`/members/${member.id}`}>
              {benchWords.weigh}
            </Box>
          </>
        )}
      </Box>
      <Line answer={answer} />
      <Box as="p" size={2} tone="second">
        {answer.band?.printed && `${answer.band.printed}. `}
        {words.care.source(card)}. {words.care.notAdvice}
      </Box>
      {asked.length > 0 && (
        <Row as="fieldset" gap={4} align="center" wrap>
          <Box as="legend" weight="bold">
            {benchWords.signs}
          </Box>
          {asked.map((sign) => (
            <Chip
              key={sign}
              pressed={signs.has(sign)}
              onClick={() => {
                const next = new Set(signs)
                if (!next.delete(sign)) next.add(sign)
                setSigns(next)
              }}
            >
              {SIGNS[sign]}
            </Chip>
          ))}
        </Row>
      )}
      <Questions member={member} questions={questions} answers={answers} />
      {answers.unkept.length > 0 && (
        <Box as="p" note="caution">
          {questionsWords.unkept}
        </Box>
      )}
      {answers.unlooked && (
        <Box as="p" note="caution" role="alert">
          {questionsWords.unlooked}
        </Box>
      )}
      {refusals.length > questions.length && (
        <div role="alert">
          <Stack
            note="mustNot"
            as="ul"
            gap={3}
            className={classes.refusals}
            data-wait={answer.kind === 'wait'}
          >
            {refusals
              .filter((refusal) => !isQuestion(refusal))
              .map((refusal) => (
                <Box
                  as="li"
                  padX={4}
                  padY={2}
                  size={4}
                  weight="bold"
                  surface="paper"
                  radius={1}
                  key={refusal.code}
                  data-wait={isWait(refusal)}
                >
                  {words.care.refusal(refusal, { now, timeZone: view.timeZone })}
                  {refusal.code === 'lot_ask' && (
                    <>
                      {' '}
                      <Box as="a" size={2} weight="bold" face="text" href="/cover/items">
                        {questionsWords.readLabel}
                      </Box>
                    </>
                  )}
                </Box>
              ))}
          </Stack>
        </div>
      )}
      {cut && lot && (
        <Row gap={4} align="center" wrap className="no-print">
          <p>{questionsWords.scored}</p>
          {[true, false].map((isScored) => (
            <Chip
              key={String(isScored)}
              disabled={answers.busy}
              onClick={() => {
                const itemId = care.cover.lots.find(({ id }) => id === lot.lotId)?.itemId
                if (itemId) answers.scored(itemId, isScored)
              }}
            >
              {isScored ? questionsWords.isScored : questionsWords.isNotScored}
            </Chip>
          ))}
        </Row>
      )}
      {answer.kind === 'refused' && answer.mayRaise && refusals.some(isAboutCut) && (
        <Row gap={4} align="center" wrap className="no-print">
          <Chip onClick={() => setChoice(raised ? 'lower' : 'upper')}>
            {raised
              ? benchWords.lower(words.care.amount(answer.band?.amount as never))
              : benchWords.raise(words.care.amount(answer.band?.upTo as never))}
          </Chip>
        </Row>
      )}
      {answer.kind !== 'refused' && (
        <DoseDrawing dose={answer.dose} cuts={card.cuts} compact={compact} />
      )}
      {answer.kind === 'give' && answer.muchLess && (
        <Box as="p" note="caution">
          {benchWords.muchLess}
        </Box>
      )}
      {answer.kind !== 'refused' && (
        <Row gap={4} align="center" wrap className="no-print">
          {answer.mayRaise && (
            <Chip onClick={() => setChoice(raised ? 'lower' : 'upper')}>
              {raised
                ? benchWords.lower(words.care.amount(answer.band?.amount as never))
                : benchWords.raise(words.care.amount(answer.band?.upTo as never))}
            </Chip>
          )}
          {answer.dose.measuring &&
            BARRELS.filter(({ wide }) => !wide).map(({ id, capacity }) => (
              <Chip
                key={id}
                pressed={answer.dose.measuring?.barrel.id === id}
                onClick={() => setBarrel(barrel === id ? null : id)}
              >
                {thousandthsText(capacity)} mL
                <Box as="small" size={1}>
                  {atHand.has(id) ? ` ${benchWords.atHand}` : ''}
                </Box>
              </Chip>
            ))}
          {answer.dose.measuring && answer.dose.portion.thousandths % 2500 === 0 && (
            <Row as="p" gap={4} align="center" wrap size={3} tone="second">
              <Spoons millilitres={answer.dose.portion.thousandths / 1000} />
              {benchWords.spoon(thousandthsText(answer.dose.portion.thousandths / 5))}
            </Row>
          )}
        </Row>
      )}
      <Stack as="dl" className={classes.rows}>
        <Fact name={benchWords.lastGiven}>
          {answer.last
            ? benchWords.by(
                answer.last.holds[0]?.measure
                  ? measureText(answer.last.holds[0].measure)
                  : words.care.portion(answer.last.portion),
                answer.last.by,
                time(answer.last.at),
              )
            : benchWords.never}
        </Fact>
        <Fact name={benchWords.notBefore}>
          {next
            ? benchWords.inSpan(time(next), words.care.span(next - now))
            : answer.kind === 'give'
              ? benchWords.maybeNow
              : '–'}
        </Fact>
        {answer.day && (
          <Fact name={benchWords.inDay}>
            {answer.day.mostDoses !== null || !answer.day.most || !answer.day.given
              ? benchWords.doses(answer.day.doses, answer.day.mostDoses)
              : benchWords.ofMost(measureText(answer.day.given), measureText(answer.day.most))}
          </Fact>
        )}
        <DayBar answer={answer} />
        {answer.kind !== 'refused' && (
          <Fact name={benchWords.takeFrom}>
            {lot && <b>{benchWords.bottle(lot.title, lot.form)} </b>}
            {lot
              ? benchWords.lot(
                  lot.place,
                  `${lot.kit}, ${lot.pocket}`,
                  lot.through ? `good through ${fullDay(lot.through)}` : 'no date',
                  lot.millilitres === null
                    ? counted(lot.amount, lot.unit)
                    : `${Math.round(lot.millilitres)} mL`,
                )
              : benchWords.none}
            {!lot && isCut(answer.dose.portion) && (
              <Box as="small" note="caution">
                {benchWords.notScored(false)}
              </Box>
            )}
          </Fact>
        )}
      </Stack>
      <OtherLots offers={offers} now={now} timeZone={view.timeZone} />
      {others.length > 0 && (
        <Box as="section" padX={5} padY={4} line="seam" radius={2}>
          <Box as="h3" size={3}>
            {benchWords.disagree}
          </Box>
          <Box as="ul" above={2}>
            {others.map(({ card: other, measure }) => (
              <li key={other.id}>
                <b>{measureText(measure)}</b> {words.care.source(other)}
              </li>
            ))}
          </Box>
        </Box>
      )}
      <details>
        <Box as="summary" weight="bold">
          {benchWords.sum}
        </Box>
        <Box numbers as="ol" above={2}>
          {answer.steps.map((step) => (
            <li key={words.care.step(step, view.units)}>{words.care.step(step, view.units)}</li>
          ))}
        </Box>
      </details>
      {card.stop.length > 0 && (
        <Box as="p" size={3} tone="ink">
          <b>{benchWords.stop}:</b> {card.stop.join('; ')}.
        </Box>
      )}
      {answer.kind !== 'refused' && (
        <NoteDose
          answer={answer}
          dose={answer.dose}
          onNote={(minutesAgo, anyway) => give(minutesAgo, anyway, answer.dose)}
        />
      )}
      {answer.kind === 'give' && !compact && (
        <Box
          as="a"
          size={2}
          weight="bold"
          face="text"
          className="no-print"
          href={`/bench/slip?card=${card.id}&for=${member.id}`}
        >
          {benchWords.slip}
        </Box>
      )}
    </Stack>
  )
}

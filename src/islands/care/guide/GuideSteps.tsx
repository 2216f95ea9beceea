/** A guided card step by step, in type that is read at arm's length. */

import { useState } from 'react'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { roleName } from '../../../core/catalogue/roles'
import type { GuideCard, GuideStep } from '../../../core/guide/card'
import { type Member, skillsOn } from '../../../core/household/member'
import { Box, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import classes from './guide.module.css'

const guideWords = words.care.guide

interface Props {
  readonly card: GuideCard
  readonly members: readonly Member[]
  readonly today: PlainDate
  /** Null while it is only rehearsed. */
  readonly onStep: ((step: GuideStep, at: number) => Promise<void>) | null
  readonly onEnd: () => void
}

export function GuideSteps({ card, members, today, onStep, onEnd }: Props) {
  // Before the first step: whom to call, when to stop, what must be true.
  const [at, setAt] = useState(-1)
  const step = card.steps[at]
  const taught = (skill: NonNullable<GuideStep['skill']>): readonly string[] =>
    members.filter((member) => skillsOn(member, today).includes(skill)).map(({ name }) => name)
  // A second press while the first is written down would do the step twice.
  const [busy, setBusy] = useState(false)
  const done = async () => {
    setBusy(true)
    try {
      if (step && onStep) await onStep(step, at)
      setAt(at + 1)
    } finally {
      setBusy(false)
    }
  }
  // It opens the card; while a step is done it stands below it, so that the step is read first.
  const whenToStop = (
    <>
      <Box
        surface="strap"
        as="p"
        padX={6}
        padY={4}
        size={4}
        weight="bold"
        tone="onStrap"
        face="display"
        radius={2}
        className={classes.call}
      >
        {card.call}
      </Box>
      <Box edge="bad" as="section" padX={6} padY={4} surface="spent">
        <Box as="h3" size={3}>
          {guideWords.stop}
        </Box>
        <ul>
          {card.stop.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
      </Box>
    </>
  )
  return (
    <Stack gap={5}>
      {at === -1 && whenToStop}
      {onStep === null && (
        <Box as="p" tone="second">
          {guideWords.rehearse}
        </Box>
      )}
      {at === -1 ? (
        <>
          {card.before.length > 0 && (
            <section>
              <h3>{guideWords.before}</h3>
              <Box dots as="ul" above={2} size={4}>
                {card.before.map((one) => (
                  <li key={one}>{one}</li>
                ))}
              </Box>
            </section>
          )}
          <Button kind="main" className={classes.next} onClick={() => setAt(0)}>
            {guideWords.begin}
          </Button>
        </>
      ) : step ? (
        <Stack as="section" gap={4} aria-live="polite">
          <small>{guideWords.stepOf(at + 1, card.steps.length)}</small>
          <Box as="p" size={6} weight="bold" face="display">
            {step.text}
          </Box>
          {step.skill && (
            <Box as="p" note="caution">
              {guideWords.onlyTaught(step.skill)}. {guideWords.taught(taught(step.skill))}
            </Box>
          )}
          <Box as="p" tone="second">
            {[
              step.takes.length > 0 &&
                `${guideWords.takes}: ${step.takes.map((role) => roleName(role).toLowerCase()).join(', ')}`,
              step.timer && guideWords.timer(step.timer.minutes),
            ]
              .filter(Boolean)
              .join(' · ')}
          </Box>
          <Stack columns="auto auto 1fr" gap={4} className={classes.presses}>
            <Button kind="plain" onClick={() => setAt(at - 1)}>
              {guideWords.back}
            </Button>
            {onStep && (
              <Button kind="plain" onClick={() => setAt(at + 1)}>
                {guideWords.skip}
              </Button>
            )}
            <Button
              kind="main"
              className={classes.next}
              disabled={busy}
              onClick={() => void done()}
            >
              {onStep ? guideWords.done : guideWords.next}
            </Button>
          </Stack>
        </Stack>
      ) : (
        <Stack as="section" gap={4}>
          <Box as="p" size={6} weight="bold" face="display">
            {guideWords.end}
          </Box>
          <p>{guideWords.endLead}</p>
          {card.later.length > 0 && (
            <>
              <h3>{guideWords.laterTitle}</h3>
              <Box dots as="ul" above={2}>
                {card.later.map(({ days, what }) => (
                  <li key={what}>{guideWords.later(days, what)}</li>
                ))}
              </Box>
            </>
          )}
          <h3>{guideWords.handover}</h3>
          <p>{card.handover}</p>
          <Stack columns="auto auto 1fr" gap={4} className={classes.presses}>
            <Button kind="plain" onClick={() => setAt(card.steps.length - 1)}>
              {guideWords.back}
            </Button>
            <Button kind="main" className={classes.next} onClick={onEnd}>
              {guideWords.done}
            </Button>
          </Stack>
        </Stack>
      )}
      {at >= 0 && whenToStop}
      <Box as="p" size={2} tone="second">
        {guideWords.follows(card.guideline)}. {words.care.notAdvice}
      </Box>
    </Stack>
  )
}

/** A guided card step by step, in type that is read at arm's length. */
import { useState } from 'react'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { roleName } from '../../../core/catalogue/roles'
import type { GuideCard, GuideStep } from '../../../core/guide/card'
import { type Member, skillsOn } from '../../../core/household/member'
import { words } from '../../../words'
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
      <p className={classes.call}>{card.call}</p>
      <section className={classes.stop}>
        <h3>{guideWords.stop}</h3>
        <ul>
          {card.stop.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
      </section>
    </>
  )
  return (
    <div className={classes.steps}>
      {at === -1 && whenToStop}
      {onStep === null && <p className={classes.rehearse}>{guideWords.rehearse}</p>}
      {at === -1 ? (
        <>
          {card.before.length > 0 && (
            <section>
              <h3>{guideWords.before}</h3>
              <ul className={classes.before}>
                {card.before.map((one) => (
                  <li key={one}>{one}</li>
                ))}
              </ul>
            </section>
          )}
          <button type="button" className={classes.next} onClick={() => setAt(0)}>
            {guideWords.begin}
          </button>
        </>
      ) : step ? (
        <section className={classes.step} aria-live="polite">
          <small>{guideWords.stepOf(at + 1, card.steps.length)}</small>
          <p className={classes.big}>{step.text}</p>
          {step.skill && (
            <p className={classes.gate}>
              {guideWords.onlyTaught(step.skill)}. {guideWords.taught(taught(step.skill))}
            </p>
          )}
          <p className={classes.notes}>
            {[
              step.takes.length > 0 &&
                `${guideWords.takes}: ${step.takes.map((role) => roleName(role).toLowerCase()).join(', ')}`,
              step.timer && guideWords.timer(step.timer.minutes),
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
          <div className={classes.presses}>
            <button type="button" onClick={() => setAt(at - 1)}>
              {guideWords.back}
            </button>
            {onStep && (
              <button type="button" onClick={() => setAt(at + 1)}>
                {guideWords.skip}
              </button>
            )}
            <button
              type="button"
              className={classes.next}
              disabled={busy}
              onClick={() => void done()}
            >
              {onStep ? guideWords.done : guideWords.next}
            </button>
          </div>
        </section>
      ) : (
        <section className={classes.step}>
          <p className={classes.big}>{guideWords.end}</p>
          <p>{guideWords.endLead}</p>
          {card.later.length > 0 && (
            <>
              <h3>{guideWords.laterTitle}</h3>
              <ul>
                {card.later.map(({ days, what }) => (
                  <li key={what}>{guideWords.later(days, what)}</li>
                ))}
              </ul>
            </>
          )}
          <h3>{guideWords.handover}</h3>
          <p>{card.handover}</p>
          <div className={classes.presses}>
            <button type="button" onClick={() => setAt(card.steps.length - 1)}>
              {guideWords.back}
            </button>
            <button type="button" className={classes.next} onClick={onEnd}>
              {guideWords.done}
            </button>
          </div>
        </section>
      )}
      {at >= 0 && whenToStop}
      <p className={classes.source}>
        {guideWords.follows(card.guideline)}. {words.care.notAdvice}
      </p>
    </div>
  )
}

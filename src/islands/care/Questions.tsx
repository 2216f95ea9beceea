/** What has to be asked before a dose is shown: answered here in one press, and kept. */
import { useState } from 'react'
import type { Question } from '../../core/dosing/refusal'
import { questionKey } from '../../core/dosing/refusal'
import type { Member } from '../../core/household/member'
import { words } from '../../words'
import classes from './care.module.css'
import type { Answers } from './useAnswers'

const questionsWords = words.care.questions

interface Props {
  readonly member: Member
  readonly questions: readonly Question[]
  readonly answers: Answers
}

export function Questions({ member, questions, answers }: Props) {
  if (questions.length === 0) return null
  return (
    <section className={classes.questions} aria-label={questionsWords.title}>
      <h3>{questionsWords.title}</h3>
      <ul>
        {questions.map((question) => (
          <li key={questionKey(question)}>
            <Asked question={question} member={member} answers={answers} />
          </li>
        ))}
      </ul>
    </section>
  )
}

function Asked({
  question,
  member,
  answers,
}: {
  readonly question: Question
  readonly member: Member
  readonly answers: Answers
}) {
  const page = `/members/${member.id}`
  switch (question.code) {
    case 'not_asked':
      return (
        <>
          <p>{questionsWords.notAsked(question.topic, member.name)}</p>
          <div className={classes.presses}>
            <button type="button" disabled={answers.busy} onClick={() => answers.none(question)}>
              {questionsWords.none(question.topic)}
            </button>
            <a href={page}>{questionsWords.some}</a>
          </div>
        </>
      )
    case 'note_says':
      return (
        <>
          <p>{questionsWords.noteSays(question.noted)}</p>
          <div className={classes.presses}>
            <button
              type="button"
              disabled={answers.busy}
              onClick={() => answers.noted(question, true)}
            >
              {questionsWords.isSo}
            </button>
            <button
              type="button"
              disabled={answers.busy}
              onClick={() => answers.noted(question, false)}
            >
              {questionsWords.isNotSo}
            </button>
          </div>
        </>
      )
    case 'ask_first':
      return <Word question={question} answers={answers} />
  }
}

function Word({
  question,
  answers,
}: {
  readonly question: Extract<Question, { code: 'ask_first' }>
  readonly answers: Answers
}) {
  const [who, setWho] = useState('')
  return (
    <>
      <p>{questionsWords.askFirst(question.reason)}</p>
      <p className={classes.source}>{question.source}</p>
      <form
        className={classes.presses}
        onSubmit={(event) => {
          event.preventDefault()
          if (who.trim() !== '') answers.settled(question, who.trim())
        }}
      >
        <label>
          {questionsWords.who}
          <input value={who} maxLength={120} onChange={(event) => setWho(event.target.value)} />
        </label>
        <button type="submit" disabled={answers.busy || who.trim() === ''}>
          {questionsWords.mayBeGiven}
        </button>
      </form>
    </>
  )
}

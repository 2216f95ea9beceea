/** What has to be asked before a dose is shown: answered here in one press, and kept. */

import { useState } from 'react'
import type { Question } from '../../core/dosing/refusal'
import { questionKey } from '../../core/dosing/refusal'
import type { Member } from '../../core/household/member'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import * as words from '../../words'
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
    <Stack
      as="section"
      gap={4}
      padX={6}
      padY={5}
      surface="paper"
      line="heavy"
      radius={2}
      aria-label={questionsWords.title}
    >
      <Box as="h3" size={3}>
        {questionsWords.title}
      </Box>
      <Stack as="ul" gap={5}>
        {questions.map((question) => (
          <Stack as="li" gap={3} key={questionKey(question)}>
            <Asked question={question} member={member} answers={answers} />
          </Stack>
        ))}
      </Stack>
    </Stack>
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
          <Row gap={4} align="center" wrap>
            <Button kind="plain" disabled={answers.busy} onClick={() => answers.none(question)}>
              {questionsWords.none(question.topic)}
            </Button>
            <ButtonLink kind="plain" href={page}>
              {questionsWords.some}
            </ButtonLink>
          </Row>
        </>
      )
    case 'note_says':
      return (
        <>
          <p>{questionsWords.noteSays(question.noted)}</p>
          <Row gap={4} align="center" wrap>
            <Button
              kind="plain"
              disabled={answers.busy}
              onClick={() => answers.noted(question, true)}
            >
              {questionsWords.isSo}
            </Button>
            <Button
              kind="plain"
              disabled={answers.busy}
              onClick={() => answers.noted(question, false)}
            >
              {questionsWords.isNotSo}
            </Button>
          </Row>
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
      <Box as="p" size={2} tone="second">
        {question.source}
      </Box>
      <Row
        as="form"
        gap={4}
        align="center"
        wrap
        onSubmit={(event) => {
          event.preventDefault()
          if (who.trim() !== '') answers.settled(question, who.trim())
        }}
      >
        <Stack as="label" gap={2} size={2}>
          {questionsWords.who}
          <input value={who} maxLength={120} onChange={(event) => setWho(event.target.value)} />
        </Stack>
        <Button kind="plain" type="submit" disabled={answers.busy || who.trim() === ''}>
          {questionsWords.mayBeGiven}
        </Button>
      </Row>
    </>
  )
}

/** Prescriptions of a member: days left, whether a course will finish, and what waits for the prescriber. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { changeCourse, removeCourse } from '../../contract/members'
import type { CourseLine, MemberSheet } from '../../core/judgement/memberSheet'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { counted } from '../../words/frame/format'
import type { Cover } from '../cover/useCover'
import { CourseForm } from './CourseForm'
import classes from './member.module.css'

const membersWords = words.members

export function Courses({ sheet, cover }: { readonly sheet: MemberSheet; readonly cover: Cover }) {
  const [adding, setAdding] = useState(false)
  return (
    <Box as="section" asides="beside" className={classes.part} aria-label={membersWords.medicines}>
      <Row as="header" gap={5} align="baseline" justify="between">
        <Box as="h2" size={4}>
          {membersWords.medicines}
        </Box>
        {!adding && (
          <Button kind="quiet" className="no-print" onClick={() => setAdding(true)}>
            {membersWords.addCourse}
          </Button>
        )}
      </Row>
      {sheet.courses.length === 0 && !adding && (
        <p className="second">{membersWords.noMedicines}</p>
      )}
      <ul className={classes.courses}>
        {sheet.courses.map((line) => (
          <CourseItem key={line.course.id} line={line} sheet={sheet} cover={cover} />
        ))}
      </ul>
      {adding && (
        <CourseForm
          member={sheet.member}
          view={cover.view}
          course={null}
          onDone={() => setAdding(false)}
        />
      )}
    </Box>
  )
}

function CourseItem({
  line: { course, title, unit, state },
  sheet: { member },
  cover: { view },
}: {
  readonly line: CourseLine
  readonly sheet: MemberSheet
  readonly cover: Cover
}) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const [changing, setChanging] = useState(false)
  const [word, setWord] = useState<{ by: string; words: string } | null>(null)
  const release = async () => {
    if (!word) return
    const result = await run(
      changeCourse,
      {
        params: { courseId: course.id },
        body: { seenVersion: course.version, release: { ...word, on: today } },
      },
      words.undo.did.saved(words.members.prescriptionOf(member.name)),
    )
    if (result) setWord(null)
  }
  return (
    <li data-kind={state.kind}>
      <div>
        <b>{title}</b> {course.perDay !== null && <span>{counted(course.perDay, unit)} a day</span>}
        <small>
          {[course.reason, course.directions && `“${course.directions}”`, course.prescriber]
            .filter(Boolean)
            .join(' · ')}
        </small>
        <Box
          snug
          as="p"
          padX={4}
          padY={1}
          above={1}
          size={3}
          surface="mat"
          radius={1}
          className={classes.courseState}
        >
          {membersWords.course(state, unit)}
        </Box>
        {course.release && (
          <small>
            {membersWords.released(course.release.by, course.release.on, course.release.words)}
          </small>
        )}
      </div>
      {changing ? (
        <CourseForm member={member} view={view} course={course} onDone={() => setChanging(false)} />
      ) : word ? (
        <Stack
          as="form"
          gap={5}
          above={4}
          onSubmit={(event) => {
            event.preventDefault()
            void release()
          }}
        >
          <TextInput
            autoFocus
            required
            withAsterisk={false}
            label={membersWords.releaseBy}
            value={word.by}
            onChange={(event) => setWord({ ...word, by: event.currentTarget.value })}
          />
          <TextInput
            required
            withAsterisk={false}
            label={membersWords.releaseWords}
            value={word.words}
            onChange={(event) => setWord({ ...word, words: event.currentTarget.value })}
          />
          <Row gap={5} align="center" wrap>
            <Button kind="strong" type="submit" busy={busy}>
              {membersWords.save}
            </Button>
            <Button onClick={() => setWord(null)}>{membersWords.cancel}</Button>
          </Row>
        </Stack>
      ) : (
        <span className="no-print">
          {state.kind === 'left_over' && (
            <Button
              kind="quiet"
              aria-label={`${membersWords.release}: ${title}`}
              onClick={() => setWord({ by: course.prescriber, words: '' })}
            >
              {membersWords.release}
            </Button>
          )}{' '}
          <Button
            kind="quiet"
            aria-label={`${words.items.matching.change}: ${title}`}
            onClick={() => setChanging(true)}
          >
            {words.items.matching.change}
          </Button>{' '}
          <Button
            kind="quiet"
            disabled={busy}
            aria-label={`${membersWords.remove}: ${title}`}
            onClick={() =>
              void run(removeCourse, { params: { courseId: course.id } }, membersWords.removed)
            }
          >
            {membersWords.remove}
          </Button>
        </span>
      )}
    </li>
  )
}

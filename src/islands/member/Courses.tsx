/** Prescriptions of a member: days left, whether a course will finish, and what waits for the prescriber. */
import { Button, Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { addCourse, changeCourse, removeCourse } from '../../contract/endpoints'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { CourseLine, MemberSheet } from '../../core/cover/memberSheet'
import type { ItemId } from '../../core/ids'
import { readAmount } from '../../core/quantity/readAmount'
import { itemTitle } from '../../core/stock/item'
import { useActing } from '../../ui/acting'
import { useStrap } from '../../ui/Frame'
import { words } from '../../words'
import { counted } from '../../words/format'
import type { Cover } from '../cover/useCover'
import classes from './member.module.css'

const w = words.member

export function Courses({ sheet, cover }: { readonly sheet: MemberSheet; readonly cover: Cover }) {
  const [adding, setAdding] = useState(false)
  return (
    <section className={classes.part} aria-label={w.medicines}>
      <header>
        <h2>{w.medicines}</h2>
        {!adding && (
          <button
            type="button"
            className={`${classes.quiet} no-print`}
            onClick={() => setAdding(true)}
          >
            {w.addCourse}
          </button>
        )}
      </header>
      {sheet.courses.length === 0 && !adding && <p className="second">{w.noMedicines}</p>}
      <ul className={classes.courses}>
        {sheet.courses.map((line) => (
          <CourseItem key={line.course.id} line={line} />
        ))}
      </ul>
      {adding && <AddCourse sheet={sheet} cover={cover} onDone={() => setAdding(false)} />}
    </section>
  )
}

function CourseItem({ line: { course, title, unit, state } }: { readonly line: CourseLine }) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const [word, setWord] = useState<{ by: string; words: string } | null>(null)
  const release = async () => {
    if (!word) return
    const result = await run(
      changeCourse,
      {
        params: { courseId: course.id },
        body: { seenVersion: course.version, release: { ...word, on: today } },
      },
      words.undo.did.saved,
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
        <p className={classes.courseState}>{w.course(state, unit)}</p>
        {course.release && (
          <small>{w.released(course.release.by, course.release.on, course.release.words)}</small>
        )}
      </div>
      {word ? (
        <form
          className={classes.form}
          onSubmit={(event) => {
            event.preventDefault()
            void release()
          }}
        >
          <TextInput
            autoFocus
            required
            withAsterisk={false}
            label={w.releaseBy}
            value={word.by}
            onChange={(event) => setWord({ ...word, by: event.currentTarget.value })}
          />
          <TextInput
            required
            withAsterisk={false}
            label={w.releaseWords}
            value={word.words}
            onChange={(event) => setWord({ ...word, words: event.currentTarget.value })}
          />
          <div className={classes.presses}>
            <Button type="submit" loading={busy}>
              {w.save}
            </Button>
            <Button variant="default" onClick={() => setWord(null)}>
              {w.cancel}
            </Button>
          </div>
        </form>
      ) : (
        <span className="no-print">
          {state.kind === 'left_over' && (
            <button
              type="button"
              className={classes.quiet}
              aria-label={`${w.release}: ${title}`}
              onClick={() => setWord({ by: course.prescriber, words: '' })}
            >
              {w.release}
            </button>
          )}{' '}
          <button
            type="button"
            className={classes.quiet}
            disabled={busy}
            aria-label={`${w.remove}: ${title}`}
            onClick={() => void run(removeCourse, { params: { courseId: course.id } }, w.removed)}
          >
            {w.remove}
          </button>
        </span>
      )}
    </li>
  )
}

function AddCourse({
  sheet: { member },
  cover: { view },
  onDone,
}: {
  readonly sheet: MemberSheet
  readonly cover: Cover
  readonly onDone: () => void
}) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const [fields, setFields] = useState({
    itemId: null as ItemId | null,
    reason: '',
    prescriber: '',
    directions: '',
    perDay: '',
    startsOn: today as string,
    endsOn: '',
  })
  const taken = new Set(
    view.courses.filter(({ memberId }) => memberId !== member.id).map(({ itemId }) => itemId),
  )
  const amount = fields.perDay.trim() === '' ? null : readAmount(fields.perDay)
  const wrong = amount !== null && amount.kind !== 'read'
  const text = (name: 'reason' | 'prescriber' | 'directions' | 'perDay') => ({
    value: fields[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setFields({ ...fields, [name]: event.currentTarget.value }),
  })
  const submit = async () => {
    if (!fields.itemId || wrong) return
    const result = await run(
      addCourse,
      {
        params: { memberId: member.id },
        body: {
          itemId: fields.itemId,
          reason: fields.reason,
          prescriber: fields.prescriber,
          directions: fields.directions,
          perDay: amount?.kind === 'read' ? amount.amount : null,
          unit: amount?.kind === 'read' ? amount.unit : '',
          startsOn: fields.startsOn as PlainDate,
          endsOn: fields.endsOn === '' ? null : (fields.endsOn as PlainDate),
        },
      },
      words.undo.did.saved,
    )
    if (result) onDone()
  }
  return (
    <form
      className={`${classes.form} no-print`}
      aria-label={w.addCourse}
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      <Select
        label={w.item}
        searchable
        required
        withAsterisk={false}
        value={fields.itemId}
        onChange={(id) =>
          setFields({ ...fields, itemId: view.items.find((one) => one.id === id)?.id ?? null })
        }
        data={view.items
          .filter(
            ({ id, kind }) =>
              !taken.has(id) && ['medicine', 'sharp', 'pressurised', 'food'].includes(kind),
          )
          .map((item) => ({ value: item.id, label: itemTitle(item) }))}
      />
      <div className={classes.pair}>
        <TextInput label={w.reason} maxLength={120} {...text('reason')} />
        <TextInput label={w.prescriber} maxLength={120} {...text('prescriber')} />
      </div>
      <TextInput label={w.directions} maxLength={2000} {...text('directions')} />
      <TextInput
        label={w.perDay}
        description={w.asNeeded}
        {...text('perDay')}
        error={wrong ? w.wrongAmount : undefined}
      />
      <div className={classes.pair}>
        <TextInput
          type="date"
          required
          withAsterisk={false}
          label={w.starts}
          value={fields.startsOn}
          onChange={(event) => setFields({ ...fields, startsOn: event.currentTarget.value })}
        />
        <TextInput
          type="date"
          label={w.ends}
          description={w.endsHint}
          min={fields.startsOn}
          value={fields.endsOn}
          onChange={(event) => setFields({ ...fields, endsOn: event.currentTarget.value })}
        />
      </div>
      <div className={classes.presses}>
        <Button type="submit" loading={busy} disabled={!fields.itemId || wrong}>
          {w.addCourse}
        </Button>
        <Button variant="default" onClick={onDone}>
          {w.cancel}
        </Button>
      </div>
    </form>
  )
}

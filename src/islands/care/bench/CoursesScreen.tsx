/** Courses ahead (planning): will it finish, by when to fetch more, what to draw up. */

import { useState } from 'react'
import { changeHousehold, readHousehold } from '../../../contract/household'
import type { Weekday } from '../../../core/calendar/plainDate'
import { type CourseQuestion, coursePlan } from '../../../core/dosing/coursePlan'
import { type Course, isRunning } from '../../../core/household/course'
import { call } from '../../../device/call'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { ButtonLink, Chip } from '../../../ui/Button'
import { Empty } from '../../../ui/Empty'
import { Frame, type Strap, useStrap } from '../../../ui/Frame'
import * as words from '../../../words'
import { counted } from '../../../words/frame/format'
import type { Care } from '../useCare'
import { WithCare } from '../WithCare'
import { BenchTabs } from './BenchTabs'
import classes from './bench.module.css'

interface Props {
  readonly strap: Strap
  readonly place: string | null
}

export const CoursesScreen = ({ strap, place }: Props) => (
  <Frame tab="bench" strap={strap} place={place}>
    <BenchTabs part="courses" />
    <WithCare title={words.care.courses.title}>{(care) => <Courses care={care} />}</WithCare>
  </Frame>
)

const coursesWords = words.care.courses
const WEEKDAYS: readonly Weekday[] = [1, 2, 3, 4, 5, 6, 7]

function Courses({ care }: { readonly care: Care }) {
  const { run, busy } = useActing()
  const { view, cover } = care
  const courses = (cover.courses as readonly Course[]).filter(
    (course) => isRunning(course, view.today) && course.perDay !== null && course.perDay > 0,
  )
  const toggle = async (day: Weekday) => {
    const { household } = await call(readHousehold)
    const now = new Set(household.pharmacyDays)
    if (!now.delete(day)) now.add(day)
    await run(
      changeHousehold,
      {
        body: {
          seenVersion: household.version,
          pharmacyDays: [...now].sort((a, b) => a - b),
        } as never,
      },
      coursesWords.pharmacy,
    )
  }
  return (
    <>
      <Row as="header" gap={5} align="start" justify="between" wrap below={6}>
        <div>
          <h1>{coursesWords.title}</h1>
          <Box as="p" measure className="second">
            {coursesWords.lead}
          </Box>
        </div>
        <Row as="fieldset" gap={4} align="center" wrap className={classes.volumes}>
          <legend>{coursesWords.pharmacy}</legend>
          {WEEKDAYS.map((day) => (
            <Chip
              key={day}
              disabled={busy}
              pressed={view.pharmacyDays.includes(day)}
              onClick={() => void toggle(day)}
            >
              {coursesWords.weekdays[day - 1]}
            </Chip>
          ))}
        </Row>
      </Row>
      {courses.length === 0 && (
        <Empty text={coursesWords.none}>
          <ButtonLink kind="strong" href="/household">
            {coursesWords.toMembers}
          </ButtonLink>
        </Empty>
      )}
      <div className={classes.cards}>
        {courses.map((course) => (
          <CoursePlan key={course.id} care={care} course={course} />
        ))}
      </div>
    </>
  )
}

function CoursePlan({ care, course }: { readonly care: Care; readonly course: Course }) {
  const { today } = useStrap()
  const { laid, view } = care
  const [times, setTimes] = useState(() => String(timesGuessed(course)))
  const [order, setOrder] = useState('1')
  const [keeps, setKeeps] = useState('')
  const thing = laid.thingOf.get(course.itemId)
  const known = thing === undefined ? null : laid.known[thing]
  const member = care.members.find(({ id }) => id === course.memberId)
  if (!known || !member || thing === undefined) return null
  const perDay = course.perDay ?? 0
  const whole = (text: string, least: number): number =>
    Math.max(least, Number.isInteger(Number(text)) ? Number(text) : least)
  const dosesADay = Math.min(24, whole(times, 1))
  const dose = Math.max(1, Math.floor(perDay / dosesADay))
  const question: CourseQuestion = {
    today: view.today,
    endsOn: course.endsOn,
    dose,
    dosesADay,
    givenToday: 0,
    supply: (laid.shelvesOf[thing] ?? [])
      .filter((shelf) => !shelf.barred)
      .map((shelf) => ({ amount: shelf.amount, through: shelf.through })),
    openOn: view.pharmacyDays,
    orderDays: whole(order, 0),
    drawnKeepsDays: keeps.trim() === '' ? null : whole(keeps, 1),
  }
  const plan = coursePlan(question)
  const isShort = plan.finishes === false || plan.tooLate
  const { unit } = known.item
  const each = known.facts.millilitres
    ? `${Math.round((known.facts.millilitres * dose) / 100) / 10} mL`
    : counted(dose as never, unit)
  const shown = Math.min(60, plan.dosesNeeded ?? plan.dosesThere)
  return (
    <Stack
      as="section"
      gap={4}
      pad={6}
      line="dashed"
      radius={2}
      aria-label={`${member.name}: ${known.item.name}`}
    >
      <Box as="h3" size={4}>
        {member.name}: {known.item.name} {known.item.strength}
      </Box>
      <Box as="p" size={2} tone="second">
        {course.directions} · {coursesWords.each(each)}
      </Box>
      <Box as="p" note={isShort ? 'caution' : undefined} size={4} weight="bold" face="display">
        {plan.finishes === true
          ? coursesWords.finishes
          : plan.finishes === false
            ? coursesWords.short(plan.missing)
            : plan.lastFullDay
              ? `${coursesWords.there(plan.dosesThere)}: ${coursesWords.lasts(plan.lastFullDay, today)}.`
              : coursesWords.notToday}{' '}
        {plan.tooLate
          ? coursesWords.askNow
          : plan.askBy
            ? `${coursesWords.askBy(plan.askBy, today)}.`
            : ''}
      </Box>
      <Row
        gap={2}
        wrap
        className={classes.doseRow}
        role="img"
        aria-label={`${coursesWords.there(plan.dosesThere)}${plan.dosesNeeded === null ? '' : `, ${coursesWords.needed(plan.dosesNeeded)}`}`}
      >
        {Array.from({ length: shown }, (_, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: doses are alike
          <Box as="i" line="ink" radius={1} key={at} data-there={at < plan.dosesThere} />
        ))}
      </Row>
      {plan.drawUp && (
        <p>
          <b>{coursesWords.drawUp(plan.drawUp.syringes, each, plan.drawUp.through, today)}</b>
        </p>
      )}
      <Row gapX={6} gapY={4} wrap className={`${classes.asks} no-print`}>
        <Ask label={coursesWords.times} value={times} onChange={setTimes} />
        <Ask label={coursesWords.order} value={order} onChange={setOrder} />
        <Ask label={coursesWords.keeps} value={keeps} onChange={setKeeps} />
      </Row>
    </Stack>
  )
}

/** As many times a day as whole units go, as prescriptions are mostly written. */
const timesGuessed = ({ perDay }: Course): number =>
  Math.min(4, Math.max(1, Math.round((perDay ?? 0) / 1000)))

interface AskProps {
  readonly label: string
  readonly value: string
  readonly onChange: (value: string) => void
}

const Ask = ({ label, value, onChange }: AskProps) => (
  <Row inline as="label" gap={4} align="center">
    {label}
    <input
      inputMode="numeric"
      value={value}
      onChange={(event) => onChange(event.currentTarget.value)}
    />
  </Row>
)

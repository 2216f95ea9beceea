/**
 * What readings say has to be done: whom to call and how soon, whether to cool or to warm, when to
 * read again, and what has to be asked. What was once told stands for a day although a later reading
 * is lower; a falling reading that is still high is spoken of.
 */
import type { Instant } from '../dosing/given'
import { DAY_MILLISECONDS } from '../dosing/given'
import type { AlarmLine, Member } from '../household/member'
import { BIRDS, type Species } from '../household/species'
import type { Temperature } from '../quantity/measure'
import { type AlarmLines, ANYBODY_HOT, alarmLines, EAR_FROM_MONTHS } from './alarmLines'
import type { Reading, Seen, Site } from './entry'
import { ARMPIT_OF_ANIMALS, type Normal, standingOf } from './readings'

/** The gravest first. */
export const URGENCIES = ['emergency', 'now', 'today'] as const
export type Urgency = (typeof URGENCIES)[number]

/** Why somebody has to be seen. */
export type Cause =
  | { readonly kind: 'hot'; readonly line: number }
  | { readonly kind: 'cold'; readonly line: number }
  /** At or over the line, and confused, seizing, or after heat. */
  | { readonly kind: 'hot_with'; readonly with: 'confused' | 'seizure' | 'heat' }
  /** Outside the normal range, and drowsy or hard to wake. */
  | { readonly kind: 'drowsy' }
  /** Cooled, and after five minutes not lower. */
  | { readonly kind: 'not_falling' }

export interface Told {
  readonly urgency: Urgency
  readonly whom: 'doctor' | 'vet'
  readonly cause: Cause
  readonly value: Temperature
  readonly at: Instant
}

/** What to do and to ask now. */
export type Advice =
  | { readonly kind: 'cool'; readonly to: number; readonly falling: boolean }
  | { readonly kind: 'stop_cooling' }
  | { readonly kind: 'do_not_cool' }
  | { readonly kind: 'warm' }
  | { readonly kind: 'read_again'; readonly minutes: number; readonly due: Instant }
  | { readonly kind: 'seen_today'; readonly whom: 'doctor' | 'vet' }
  /** A site that is not trusted for this: take it in another. */
  | { readonly kind: 'other_site'; readonly site: Site }
  | { readonly kind: 'ask_age' }
  | { readonly kind: 'ask_heat' }
  /** Of a bird no temperature is taken at home: how it breathes and sits is asked. */
  | { readonly kind: 'watch_bird' }
  /** Pulse or breaths outside normal: again, at rest. */
  | { readonly kind: 'count_again'; readonly of: 'pulse' | 'breathing'; readonly high: boolean }

export interface Trend {
  /** Hundredths of a degree against the last reading at least five, and fifteen, minutes before. */
  readonly five: number | null
  readonly fifteen: number | null
}

export interface AlarmState {
  /** The gravest of the last day; null where nobody has to be seen. */
  readonly told: Told | null
  readonly advice: readonly Advice[]
  readonly trend: Trend
}

export interface TimedReading {
  readonly at: Instant
  readonly reading: Reading
}
export interface TimedSeen {
  readonly at: Instant
  readonly seen: readonly Seen[]
}

export interface AlarmQuestion {
  readonly patient: Pick<Member, 'species' | 'facts'>
  /** Whole months; null where nobody has said. */
  readonly months: number | null
  /** Said to be grown up, whatever the age. */
  readonly grownUp: boolean
  readonly normal: (of: Reading['of']) => Normal | null
  /** As they were read, not corrected; in any order. */
  readonly readings: readonly TimedReading[]
  readonly seen: readonly TimedSeen[]
  /** It happened in the heat, or after running. */
  readonly isHeat: boolean
  readonly now: Instant
}

const MINUTE = 60_000
/** Hundredths that an armpit of people reads too low, for the hot lines. */
const ARMPIT_OF_PEOPLE = 50
const FALLING = 20
const FIVE_MINUTES = 5 * MINUTE
const FIFTEEN_MINUTES = 15 * MINUTE
const AGAIN_AFTER_HEAT = 5
const AGAIN_WITHOUT_HEAT = 30
const GROWN_UP_MONTHS = 18 * 12

/** How high a reading counts for the hot lines: an armpit reads low. */
export function hotValue({ value, site }: TemperatureReading, isAnimal: boolean): number {
  if (site !== 'armpit') return value
  return value + (isAnimal ? ARMPIT_OF_ANIMALS : ARMPIT_OF_PEOPLE)
}

type TemperatureReading = Extract<Reading, { of: 'temperature' }>
interface TimedTemperature {
  readonly at: Instant
  readonly reading: TemperatureReading
}

const isTemperature = (one: TimedReading): one is TimedTemperature =>
  one.reading.of === 'temperature'

/** What stands in the way of trusting a low reading of this site. */
const isUntrusted = (site: Site, species: Species, months: number | null): boolean =>
  site === 'armpit' ||
  (site === 'ear' && species === 'person' && months !== null && months < EAR_FROM_MONTHS)

export function alarmOf(question: AlarmQuestion): AlarmState {
  const { patient, now } = question
  const isAnimal = patient.species !== 'person'
  const months = question.months ?? (question.grownUp ? GROWN_UP_MONTHS : null)
  const lines = withOwn(alarmLines(patient.species, months), patient.facts.alarm ?? null)
  const marks = marksOf(question)
  const since = Math.max(
    now - DAY_MILLISECONDS,
    ...question.seen.filter(({ seen }) => seen.includes('looked-at')).map(({ at }) => at),
  )
  const temperatures = question.readings
    .filter(isTemperature)
    .filter(({ at }) => at > since && at <= now)
    .sort((a, b) => a.at - b.at)
  const about: About = { lines, isAnimal, species: patient.species, months, marks, question }
  const told = [
    ...temperatures.flatMap((one) => toldBy(one, about)),
    ...notFalling(temperatures, about),
  ]
  const gravest = URGENCIES.map((urgency) => told.findLast((one) => one.urgency === urgency)).find(
    (one) => one !== undefined,
  )
  return {
    told: gravest ?? null,
    advice: adviceOf(temperatures, told, about),
    trend: trendOf(temperatures),
  }
}

/**
 * The doctor's or vet's own line moves a line, and never makes it less urgent: where a baby's says
 * "at once", theirs says so too.
 */
function withOwn(lines: AlarmLines, own: AlarmLine | null): AlarmLines {
  if (!own) return lines
  return {
    ...lines,
    ...(own.hot !== null && (lines.hotNow === null ? { hot: own.hot } : { hotNow: own.hot })),
    ...(own.cold !== null && (lines.coldNow === null ? { cold: own.cold } : { coldNow: own.cold })),
  }
}

interface Marks {
  readonly confused: boolean
  readonly drowsy: boolean
  readonly seizure: boolean
  readonly heat: boolean
  /** Somebody has answered that it was not in the heat. */
  readonly notHeat: boolean
}

/** What is seen stands until it is seen otherwise. */
function marksOf({ seen, isHeat, now }: AlarmQuestion): Marks {
  const lately = [...seen]
    .filter(({ at }) => at <= now && at > now - DAY_MILLISECONDS)
    .sort((a, b) => a.at - b.at)
  const stands = (marks: readonly Seen[], against: readonly Seen[]): boolean =>
    lately.reduce(
      (before, one) =>
        marks.some((mark) => one.seen.includes(mark))
          ? true
          : against.some((mark) => one.seen.includes(mark))
            ? false
            : before,
      false,
    )
  const heat = stands(['in-heat'], ['not-in-heat'])
  return {
    confused: stands(['confused'], ['awake']),
    drowsy: stands(['drowsy', 'unconscious'], ['awake']),
    seizure: stands(['seizure'], []),
    heat: heat || (isHeat && !stands(['not-in-heat'], ['in-heat'])),
    notHeat: stands(['not-in-heat'], ['in-heat']),
  }
}

interface About {
  readonly lines: AlarmLines
  readonly isAnimal: boolean
  readonly species: Species
  readonly months: number | null
  readonly marks: Marks
  readonly question: AlarmQuestion
}

/** What one reading says by itself. */
function toldBy(
  { at, reading }: TimedTemperature,
  { lines, isAnimal, species, months, marks, question }: About,
): readonly Told[] {
  const hot = hotValue(reading, isAnimal)
  const told: Told[] = []
  const tell = (urgency: Urgency, cause: Cause): void =>
    void told.push({
      urgency,
      whom: isAnimal ? 'vet' : 'doctor',
      cause,
      value: reading.value,
      at,
    })
  const reaches = (line: number | null): line is number => line !== null && hot >= line
  const emergency = Math.min(lines.hotEmergency ?? ANYBODY_HOT, ANYBODY_HOT)
  if (hot >= emergency) tell('emergency', { kind: 'hot', line: emergency })
  if (reaches(lines.hotNow)) tell('now', { kind: 'hot', line: lines.hotNow })
  if (reaches(lines.hot)) tell('today', { kind: 'hot', line: lines.hot })
  if (!isAnimal && reaches(lines.heat)) {
    if (marks.heat) tell('emergency', { kind: 'hot_with', with: 'heat' })
    if (marks.seizure) tell('emergency', { kind: 'hot_with', with: 'seizure' })
    if (marks.confused) tell('emergency', { kind: 'hot_with', with: 'confused' })
  }
  const isLow = (line: number | null): line is number => line !== null && reading.value < line
  if (!isUntrusted(reading.site, species, months)) {
    if (isLow(lines.coldEmergency)) tell('emergency', { kind: 'cold', line: lines.coldEmergency })
    if (isLow(lines.coldNow)) tell('now', { kind: 'cold', line: lines.coldNow })
    if (isLow(lines.cold)) tell('today', { kind: 'cold', line: lines.cold })
  }
  const standing = standingOf(
    { ...reading, value: hot as Temperature },
    question.normal('temperature'),
  )
  const isLowTrusted = standing === 'below' && !isUntrusted(reading.site, species, months)
  if (marks.drowsy && (standing === 'above' || isLowTrusted)) tell('emergency', { kind: 'drowsy' })
  return told
}

/** The first reading of a spell of heat; null where there was none. */
function heatBegan(
  temperatures: readonly TimedTemperature[],
  { lines, isAnimal, marks }: About,
): TimedTemperature | null {
  // Over its emergency line an animal is cooled as if it were heat, whatever was said of it.
  const line = marks.heat ? lines.heat : isAnimal ? lines.hotEmergency : null
  return line === null
    ? null
    : (temperatures.find(({ reading }) => hotValue(reading, isAnimal) >= line) ?? null)
}

/** Five minutes or more after the alarm, and not clearly under the highest since. */
function isNotFalling(
  temperatures: readonly TimedTemperature[],
  began: TimedTemperature,
  isAnimal: boolean,
): boolean {
  const spell = temperatures.filter(({ at }) => at >= began.at)
  const last = spell.at(-1)
  if (!last || last.at - began.at < FIVE_MINUTES) return false
  const earlier = spell.filter(({ at }) => last.at - at >= FIVE_MINUTES)
  const highest = Math.max(...earlier.map(({ reading }) => hotValue(reading, isAnimal)))
  return hotValue(last.reading, isAnimal) > highest - FALLING
}

function notFalling(temperatures: readonly TimedTemperature[], about: About): readonly Told[] {
  const { isAnimal, lines, species } = about
  const began =
    heatBegan(temperatures, about) ??
    // A dog that is not falling is an emergency at any reading above its line.
    (species === 'dog' && lines.hot !== null
      ? (temperatures.find(({ reading }) => hotValue(reading, true) >= (lines.hot ?? 0)) ?? null)
      : null)
  const last = temperatures.at(-1)
  if (!began || !last) return []
  const isCooled = lines.cooledTo !== null && hotValue(last.reading, isAnimal) <= lines.cooledTo
  return !isCooled && isNotFalling(temperatures, began, isAnimal)
    ? [
        {
          urgency: 'emergency',
          whom: isAnimal ? 'vet' : 'doctor',
          cause: { kind: 'not_falling' },
          value: last.reading.value,
          at: last.at,
        },
      ]
    : []
}

// ---- what to do now ----------------------------------------------------------------------------

function adviceOf(
  temperatures: readonly TimedTemperature[],
  told: readonly Told[],
  about: About,
): readonly Advice[] {
  const { isAnimal, species, question, months } = about
  const advice: Advice[] = []
  if (BIRDS.includes(species)) advice.push({ kind: 'watch_bird' })
  const last = temperatures.at(-1)
  if (last) advice.push(...ofLast(last, temperatures, told, about))
  if (last && !isAnimal && months === null) advice.push({ kind: 'ask_age' })
  for (const of of ['pulse', 'breathing'] as const) {
    const latest = question.readings
      .filter(({ reading, at }) => reading.of === of && at <= question.now)
      .sort((a, b) => a.at - b.at)
      .at(-1)
    const standing = latest ? standingOf(latest.reading, question.normal(of)) : 'unknown'
    if (standing === 'above' || standing === 'below')
      advice.push({ kind: 'count_again', of, high: standing === 'above' })
  }
  return advice
}

function ofLast(
  last: TimedTemperature,
  temperatures: readonly TimedTemperature[],
  told: readonly Told[],
  about: About,
): readonly Advice[] {
  const { lines, isAnimal, species, months, marks } = about
  const whom = isAnimal ? 'vet' : 'doctor'
  const value = hotValue(last.reading, isAnimal)
  const again = (minutes: number): Advice => ({
    kind: 'read_again',
    minutes,
    due: (last.at + minutes * MINUTE) as Instant,
  })
  const began = heatBegan(temperatures, about)
  if (began && lines.cooledTo !== null) {
    if (value <= lines.cooledTo)
      return [
        { kind: 'stop_cooling' },
        again(FIFTEEN_MINUTES / MINUTE),
        { kind: 'seen_today', whom },
      ]
    const falling = last.at > began.at && value < hotValue(began.reading, isAnimal)
    return [
      { kind: 'cool', to: lines.cooledTo, falling },
      again(AGAIN_AFTER_HEAT),
      { kind: 'seen_today', whom },
    ]
  }
  const advice: Advice[] = []
  const isLowest = Math.max(lines.cold ?? 0, lines.coldNow ?? 0, lines.coldEmergency ?? 0)
  const isLow = last.reading.value < isLowest
  if (isUntrusted(last.reading.site, species, months) && (isLow || last.reading.site === 'ear'))
    advice.push({ kind: 'other_site', site: last.reading.site })
  if (told.some(({ cause }) => cause.kind === 'cold') && isLow)
    advice.push({ kind: 'warm' }, again(AGAIN_WITHOUT_HEAT))
  const wasHot = told.some(({ cause }) => cause.kind !== 'cold')
  const highest = Math.min(lines.hot ?? lines.hotNow ?? Number.POSITIVE_INFINITY)
  if (wasHot && value >= highest) {
    if (isAnimal && !marks.notHeat) advice.push({ kind: 'ask_heat' })
    advice.push({ kind: 'do_not_cool' }, again(AGAIN_WITHOUT_HEAT))
  } else if (
    wasHot &&
    standingOf(
      { ...last.reading, value: value as Temperature },
      about.question.normal('temperature'),
    ) === 'above'
  )
    // Lower than it was, and still high: what was told stands.
    advice.push(again(AGAIN_WITHOUT_HEAT), { kind: 'seen_today', whom })
  return advice
}

function trendOf(temperatures: readonly TimedTemperature[]): Trend {
  const last = temperatures.at(-1)
  const against = (milliseconds: number): number | null => {
    if (!last) return null
    const before = temperatures.findLast(({ at }) => last.at - at >= milliseconds)
    return before ? last.reading.value - before.reading.value : null
  }
  return { five: against(FIVE_MINUTES), fifteen: against(FIFTEEN_MINUTES) }
}

/** The handover in words: the same lines on the page, on paper and read aloud. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Instant } from '../../core/dosing/given'
import type { Topic } from '../../core/household/told'
import type { Handover } from '../../core/incident/handover'
import { fullDay } from '../frame/format'
import { refusalText } from './doses'
import { incident } from './incident'
import { timeText } from './times'
import { ageText, weight } from './weights'

export interface HandoverAt {
  readonly now: Instant
  readonly today: PlainDate
  readonly timeZone: string
  readonly units: 'metric' | 'us'
}

/** A heading with its lines. */
export interface HandoverPart {
  readonly title: string
  readonly lines: readonly string[]
}

export const handover = {
  title: 'Handover',
  who: 'Who',
  known: 'What is known',
  allergies: 'Allergies',
  notAsked: 'not asked',
  toldNone: (by: string, on: PlainDate): string => `none, said ${by} on ${fullDay(on)}`,
  conditions: 'Conditions',
  thinner: 'takes a blood thinner',
  pregnancy: 'Pregnancy',
  medicines: 'Takes every day',
  weight: 'Weight',
  weighed: (text: string, on: PlainDate): string => `${text} (${fullDay(on)})`,
  weightUnknown: 'not known',
  happened: 'What happened',
  given: 'Given',
  nothingGiven: 'nothing',
  readings: 'Readings',
  noReadings: 'none',
  contacts: 'To reach',
  tourniquet: 'Tourniquet on at',
  photos: (count: number): string => `${count} ${count === 1 ? 'photo' : 'photos'} on the phone`,
  madeAt: (time: string): string =>
    `As of ${time}. Written by the household, not by a professional.`,
  guest: 'a guest: only what was said at the time',
  none: 'nothing noted',
} as const

const weightText = ({ weight: state }: Handover, units: 'metric' | 'us'): string =>
  state.kind === 'unknown'
    ? handover.weightUnknown
    : handover.weighed(weight(state.weighing.grams, units), state.weighing.on)

const join = (names: readonly string[], none: string): string =>
  names.length === 0 ? none : names.join(', ')

/** The list where there is one; else who said that there is nothing, or that nobody has asked. */
function knownText(page: Handover, topic: Topic, names: readonly string[]): string {
  if (names.length > 0) return names.join(', ')
  const knowledge = page.knowledge[topic]
  switch (knowledge.kind) {
    case 'none':
      return handover.toldNone(knowledge.told.by, knowledge.told.on)
    case 'not_asked':
      return handover.notAsked
    case 'known':
      return topic === 'medicines' && page.bloodThinner ? handover.thinner : handover.guest
  }
}

/** "Ned, 7 years, 22.4 kg" */
export const handoverHead = (page: Handover, { units }: Pick<HandoverAt, 'units'>): string =>
  [
    page.name,
    page.species === 'person' ? null : page.species,
    page.months === null ? null : ageText(page.months),
    page.weight.kind === 'unknown' ? null : weight(page.weight.weighing.grams, units),
  ]
    .filter(Boolean)
    .join(', ')

export function handoverParts(page: Handover, at: HandoverAt): readonly HandoverPart[] {
  const time = (when: Instant): string => timeText(when, at.now, at.timeZone)
  const known = [
    `${handover.weight}: ${weightText(page, at.units)}`,
    `${handover.allergies}: ${knownText(page, 'allergies', page.allergies)}`,
    `${handover.conditions}: ${knownText(page, 'conditions', page.conditions)}`,
    ...(page.bloodThinner ? [handover.thinner] : []),
    ...(page.said ? [page.said] : []),
    ...(page.pregnancy ? [`${handover.pregnancy}: ${page.pregnancy}`] : []),
    `${handover.medicines}: ${knownText(
      page,
      'medicines',
      page.medicines.map(({ title, directions }) =>
        directions ? `${title} (${directions})` : title,
      ),
    )}`,
  ]
  return [
    { title: handover.known, lines: known },
    ...(page.tourniquet
      ? [
          {
            title: handover.tourniquet,
            lines: [`${time(page.tourniquet.at)} ${page.tourniquet.where}`.trim()],
          },
        ]
      : []),
    {
      title: handover.given,
      lines: orNone(
        page.doses.map(
          ({ at: when, by, fact, beyond }) =>
            `${time(when)} ${incident.fact(fact, at.units)}, ${incident.by(by)}${beyond.length > 0 ? ` (${refusalText(beyond[0] as NonNullable<(typeof beyond)[0]>, at)})` : ''}`,
        ),
        handover.nothingGiven,
      ),
    },
    {
      title: handover.readings,
      lines: orNone(
        page.readings.map(
          ({ at: when, reading, standing, normal }) =>
            `${time(when)} ${incident.of[reading.of]} ${incident.reading(reading, at.units)}${standing === 'unknown' ? '' : `, ${incident.standing[standing]}`}${normal ? ` (${incident.normal(normal, reading.of, at.units)})` : ''}`,
        ),
        handover.noReadings,
      ),
    },
    {
      title: handover.happened,
      lines: orNone(
        [
          `${time(page.startedAt)} ${incident.kind(page.kind)}`,
          ...page.happened.map(
            ({ at: when, fact }) => `${time(when)} ${incident.fact(fact, at.units)}`,
          ),
        ],
        handover.none,
      ),
    },
    ...(page.photos.length > 0
      ? [{ title: '', lines: [handover.photos(page.photos.length)] }]
      : []),
    ...(page.contacts.length > 0
      ? [
          {
            title: handover.contacts,
            lines: page.contacts.map(({ name, phone }) => `${name} ${phone}`),
          },
        ]
      : []),
  ]
}

const orNone = (lines: readonly string[], none: string): readonly string[] =>
  lines.length === 0 ? [none] : lines

/** The handover as a compact text to read aloud over the telephone. */
export function readAloud(page: Handover, at: HandoverAt): string {
  const time = (when: Instant): string => timeText(when, at.now, at.timeZone)
  const sentences = [
    `${handoverHead(page, at)}. ${incident.kind(page.kind)} since ${time(page.startedAt)}.`,
    page.tourniquet
      ? `${handover.tourniquet} ${time(page.tourniquet.at)}${page.tourniquet.where ? `, ${page.tourniquet.where}` : ''}.`
      : '',
    `${handover.allergies}: ${knownText(page, 'allergies', page.allergies)}.`,
    page.conditions.length > 0 || page.bloodThinner
      ? `${join([...page.conditions, ...(page.bloodThinner ? [handover.thinner] : [])], '')}.`
      : `${handover.conditions}: ${knownText(page, 'conditions', [])}.`,
    page.medicines.length > 0
      ? `${handover.medicines}: ${page.medicines.map(({ title }) => title).join(', ')}.`
      : `${handover.medicines}: ${knownText(page, 'medicines', [])}.`,
    `${handover.given}: ${join(
      page.doses.map(({ at: when, fact }) => `${incident.fact(fact, at.units)} at ${time(when)}`),
      handover.nothingGiven,
    )}.`,
    ...page.readings
      .slice(-3)
      .map(
        ({ at: when, reading, standing }) =>
          `${incident.of[reading.of]} ${incident.reading(reading, at.units)} at ${time(when)}${standing === 'unknown' ? '' : `, ${incident.standing[standing]}`}.`,
      ),
    ...page.happened
      .slice(-4)
      .map(({ at: when, fact }) => `${incident.fact(fact, at.units)}, ${time(when)}.`),
  ]
  return sentences.filter((one) => one !== '').join(' ')
}

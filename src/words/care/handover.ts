/** The handover in words: the same lines on the page, on paper and read aloud. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Instant } from '../../core/dosing/given'
import type { Topic } from '../../core/household/told'
import type { Handover } from '../../core/incident/handover'
import { care, timeText } from './care'
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

const w = care.handover

const weightText = ({ weight: state }: Handover, units: 'metric' | 'us'): string =>
  state.kind === 'unknown'
    ? w.weightUnknown
    : w.weighed(weight(state.weighing.grams, units), state.weighing.on)

const join = (names: readonly string[], none: string): string =>
  names.length === 0 ? none : names.join(', ')

/** The list where there is one; else who said that there is nothing, or that nobody has asked. */
function knownText(page: Handover, topic: Topic, names: readonly string[]): string {
  if (names.length > 0) return names.join(', ')
  const knowledge = page.knowledge[topic]
  switch (knowledge.kind) {
    case 'none':
      return w.toldNone(knowledge.told.by, knowledge.told.on)
    case 'not_asked':
      return w.notAsked
    case 'known':
      return topic === 'medicines' && page.bloodThinner ? w.thinner : w.guest
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
    `${w.weight}: ${weightText(page, at.units)}`,
    `${w.allergies}: ${knownText(page, 'allergies', page.allergies)}`,
    `${w.conditions}: ${knownText(page, 'conditions', page.conditions)}`,
    ...(page.bloodThinner ? [w.thinner] : []),
    ...(page.said ? [page.said] : []),
    ...(page.pregnancy ? [`${w.pregnancy}: ${page.pregnancy}`] : []),
    `${w.medicines}: ${knownText(
      page,
      'medicines',
      page.medicines.map(({ title, directions }) =>
        directions ? `${title} (${directions})` : title,
      ),
    )}`,
  ]
  return [
    { title: w.known, lines: known },
    ...(page.tourniquet
      ? [
          {
            title: w.tourniquet,
            lines: [`${time(page.tourniquet.at)} ${page.tourniquet.where}`.trim()],
          },
        ]
      : []),
    {
      title: w.given,
      lines: orNone(
        page.doses.map(
          ({ at: when, by, fact, beyond }) =>
            `${time(when)} ${care.incident.fact(fact, at.units)}, ${care.incident.by(by)}${beyond.length > 0 ? ` (${care.refusal(beyond[0] as NonNullable<(typeof beyond)[0]>, at)})` : ''}`,
        ),
        w.nothingGiven,
      ),
    },
    {
      title: w.readings,
      lines: orNone(
        page.readings.map(
          ({ at: when, reading, standing, normal }) =>
            `${time(when)} ${care.incident.of[reading.of]} ${care.incident.reading(reading, at.units)}${standing === 'unknown' ? '' : `, ${care.incident.standing[standing]}`}${normal ? ` (${care.incident.normal(normal, reading.of, at.units)})` : ''}`,
        ),
        w.noReadings,
      ),
    },
    {
      title: w.happened,
      lines: orNone(
        [
          `${time(page.startedAt)} ${care.incident.kind(page.kind)}`,
          ...page.happened.map(
            ({ at: when, fact }) => `${time(when)} ${care.incident.fact(fact, at.units)}`,
          ),
        ],
        w.none,
      ),
    },
    ...(page.photos.length > 0 ? [{ title: '', lines: [w.photos(page.photos.length)] }] : []),
    ...(page.contacts.length > 0
      ? [{ title: w.contacts, lines: page.contacts.map(({ name, phone }) => `${name} ${phone}`) }]
      : []),
  ]
}

const orNone = (lines: readonly string[], none: string): readonly string[] =>
  lines.length === 0 ? [none] : lines

/** The handover as a compact text to read aloud over the telephone. */
export function readAloud(page: Handover, at: HandoverAt): string {
  const time = (when: Instant): string => timeText(when, at.now, at.timeZone)
  const sentences = [
    `${handoverHead(page, at)}. ${care.incident.kind(page.kind)} since ${time(page.startedAt)}.`,
    page.tourniquet
      ? `${w.tourniquet} ${time(page.tourniquet.at)}${page.tourniquet.where ? `, ${page.tourniquet.where}` : ''}.`
      : '',
    `${w.allergies}: ${knownText(page, 'allergies', page.allergies)}.`,
    page.conditions.length > 0 || page.bloodThinner
      ? `${join([...page.conditions, ...(page.bloodThinner ? [w.thinner] : [])], '')}.`
      : `${w.conditions}: ${knownText(page, 'conditions', [])}.`,
    page.medicines.length > 0
      ? `${w.medicines}: ${page.medicines.map(({ title }) => title).join(', ')}.`
      : `${w.medicines}: ${knownText(page, 'medicines', [])}.`,
    `${w.given}: ${join(
      page.doses.map(
        ({ at: when, fact }) => `${care.incident.fact(fact, at.units)} at ${time(when)}`,
      ),
      w.nothingGiven,
    )}.`,
    ...page.readings
      .slice(-3)
      .map(
        ({ at: when, reading, standing }) =>
          `${care.incident.of[reading.of]} ${care.incident.reading(reading, at.units)} at ${time(when)}${standing === 'unknown' ? '' : `, ${care.incident.standing[standing]}`}.`,
      ),
    ...page.happened
      .slice(-4)
      .map(({ at: when, fact }) => `${care.incident.fact(fact, at.units)}, ${time(when)}.`),
  ]
  return sentences.filter((one) => one !== '').join(' ')
}

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

const handoverWords = care.handover

const weightText = ({ weight: state }: Handover, units: 'metric' | 'us'): string =>
  state.kind === 'unknown'
    ? handoverWords.weightUnknown
    : handoverWords.weighed(weight(state.weighing.grams, units), state.weighing.on)

const join = (names: readonly string[], none: string): string =>
  names.length === 0 ? none : names.join(', ')

/** The list where there is one; else who said that there is nothing, or that nobody has asked. */
function knownText(page: Handover, topic: Topic, names: readonly string[]): string {
  if (names.length > 0) return names.join(', ')
  const knowledge = page.knowledge[topic]
  switch (knowledge.kind) {
    case 'none':
      return handoverWords.toldNone(knowledge.told.by, knowledge.told.on)
    case 'not_asked':
      return handoverWords.notAsked
    case 'known':
      return topic === 'medicines' && page.bloodThinner
        ? handoverWords.thinner
        : handoverWords.guest
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
    `${handoverWords.weight}: ${weightText(page, at.units)}`,
    `${handoverWords.allergies}: ${knownText(page, 'allergies', page.allergies)}`,
    `${handoverWords.conditions}: ${knownText(page, 'conditions', page.conditions)}`,
    ...(page.bloodThinner ? [handoverWords.thinner] : []),
    ...(page.said ? [page.said] : []),
    ...(page.pregnancy ? [`${handoverWords.pregnancy}: ${page.pregnancy}`] : []),
    `${handoverWords.medicines}: ${knownText(
      page,
      'medicines',
      page.medicines.map(({ title, directions }) =>
        directions ? `${title} (${directions})` : title,
      ),
    )}`,
  ]
  return [
    { title: handoverWords.known, lines: known },
    ...(page.tourniquet
      ? [
          {
            title: handoverWords.tourniquet,
            lines: [`${time(page.tourniquet.at)} ${page.tourniquet.where}`.trim()],
          },
        ]
      : []),
    {
      title: handoverWords.given,
      lines: orNone(
        page.doses.map(
          ({ at: when, by, fact, beyond }) =>
            `${time(when)} ${care.incident.fact(fact, at.units)}, ${care.incident.by(by)}${beyond.length > 0 ? ` (${care.refusal(beyond[0] as NonNullable<(typeof beyond)[0]>, at)})` : ''}`,
        ),
        handoverWords.nothingGiven,
      ),
    },
    {
      title: handoverWords.readings,
      lines: orNone(
        page.readings.map(
          ({ at: when, reading, standing, normal }) =>
            `${time(when)} ${care.incident.of[reading.of]} ${care.incident.reading(reading, at.units)}${standing === 'unknown' ? '' : `, ${care.incident.standing[standing]}`}${normal ? ` (${care.incident.normal(normal, reading.of, at.units)})` : ''}`,
        ),
        handoverWords.noReadings,
      ),
    },
    {
      title: handoverWords.happened,
      lines: orNone(
        [
          `${time(page.startedAt)} ${care.incident.kind(page.kind)}`,
          ...page.happened.map(
            ({ at: when, fact }) => `${time(when)} ${care.incident.fact(fact, at.units)}`,
          ),
        ],
        handoverWords.none,
      ),
    },
    ...(page.photos.length > 0
      ? [{ title: '', lines: [handoverWords.photos(page.photos.length)] }]
      : []),
    ...(page.contacts.length > 0
      ? [
          {
            title: handoverWords.contacts,
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
    `${handoverHead(page, at)}. ${care.incident.kind(page.kind)} since ${time(page.startedAt)}.`,
    page.tourniquet
      ? `${handoverWords.tourniquet} ${time(page.tourniquet.at)}${page.tourniquet.where ? `, ${page.tourniquet.where}` : ''}.`
      : '',
    `${handoverWords.allergies}: ${knownText(page, 'allergies', page.allergies)}.`,
    page.conditions.length > 0 || page.bloodThinner
      ? `${join([...page.conditions, ...(page.bloodThinner ? [handoverWords.thinner] : [])], '')}.`
      : `${handoverWords.conditions}: ${knownText(page, 'conditions', [])}.`,
    page.medicines.length > 0
      ? `${handoverWords.medicines}: ${page.medicines.map(({ title }) => title).join(', ')}.`
      : `${handoverWords.medicines}: ${knownText(page, 'medicines', [])}.`,
    `${handoverWords.given}: ${join(
      page.doses.map(
        ({ at: when, fact }) => `${care.incident.fact(fact, at.units)} at ${time(when)}`,
      ),
      handoverWords.nothingGiven,
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

/** Both faces of a wallet card: what must be known, and whom to call. */
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Topic } from '../../core/household/told'
import type { LabelText, TextLine } from '../../core/labels/fit'
import type { WalletCard } from '../../core/sheet/walletCard'
import { ageText, weight } from '../care/weights'
import { fullDay, list } from '../frame/format'

const must = (text: string, face: TextLine['face'] = 'text'): readonly TextLine[] =>
  text === '' ? [] : [{ text, face, spare: false }]
const may = (text: string): readonly TextLine[] => [{ text, face: 'text', spare: true }]
const faceOf = (lines: readonly TextLine[]): LabelText => ({
  lines,
  badge: '',
  hasCode: false,
  isHatched: false,
})

/** Never left out: a list, who said that there is nothing, or that nobody has asked. */
function known(card: WalletCard, topic: Topic, name: string, names: readonly string[]): string {
  if (names.length > 0) return `${name}: ${list(names)}`
  const knowledge = card.known[topic]
  return knowledge.kind === 'none'
    ? `${name}: none, asked ${fullDay(knowledge.told.on)}`
    : knowledge.kind === 'not_asked'
      ? `${name}: nobody has asked`
      : ''
}

export interface Faces {
  readonly front: LabelText
  readonly back: LabelText
}

/** @param isPrivate with conditions, medicines, weight and the doctor; else the name, allergies and whom to call */
export function walletFaces(card: WalletCard, isPrivate: boolean, units: 'metric' | 'us'): Faces {
  const who = [
    card.species === 'person' ? '' : card.species,
    card.born ? `born ${fullDay(card.born)}` : card.months === null ? '' : ageText(card.months),
    isPrivate && card.weight.kind === 'fresh' ? weight(card.weight.weighing.grams, units) : '',
  ].filter(Boolean)
  const { numbers } = card
  return {
    front: faceOf([
      ...must(card.name, 'title'),
      ...must(known(card, 'allergies', 'ALLERGY', card.allergies), 'strong'),
      ...(card.bloodThinner ? must('TAKES A BLOOD THINNER', 'strong') : []),
      ...(isPrivate
        ? must(known(card, 'conditions', 'Conditions', card.conditions), 'strong')
        : []),
      ...must(who.join(', ')),
      ...(isPrivate
        ? must(
            known(
              card,
              'medicines',
              'Takes',
              card.medicines.map(({ title }) => title),
            ),
          )
        : []),
      ...(isPrivate
        ? card.medicines.flatMap(({ title, directions }) =>
            directions === '' ? [] : may(`${title}: ${directions}`),
          )
        : []),
    ]),
    back: faceOf([
      ...(numbers.emergency ? must(`Emergency ${numbers.emergency}`, 'strong') : []),
      ...card.call.slice(0, 2).flatMap((one) => must(`${one.name} ${one.phone}`.trim(), 'strong')),
      ...card.call.slice(2).flatMap((one) => may(`${one.name} ${one.phone}`.trim())),
      ...(isPrivate && card.doctor
        ? must(`${card.doctor.name === '' ? 'Doctor' : card.doctor.name} ${card.doctor.phone}`)
        : []),
      ...(numbers.poison ? must(`Poison line ${numbers.poison}`) : []),
      ...must(`As of ${fullDay(card.on)}. The pack label and the prescriber win.`),
    ]),
  }
}

export const wallet = {
  title: 'Cards for the wallet',
  under:
    'One for each, as large as a bank card; cut it out and fold it. For an animal: in the car, with the lead.',
  all: 'All cards as a PDF',
  one: (name: string): string => `Card of ${name}`,
  withPrivate: 'With private data',
  withoutPrivate: 'Without',
  never: 'never printed',
  upToDate: (on: PlainDate): string => `printed ${fullDay(on)}, still true`,
  old: (on: PlainDate): string => `printed ${fullDay(on)}, out of date`,
  hangs: 'Where it is',
  hangsOf: (name: string): string => `Where the card of ${name} is`,
  note: 'It is printed',
  noteOf: (name: string): string => `It is printed: card of ${name}`,
  noted: (name: string): string => `Card of ${name} noted as printed`,
  tooMuch: 'Too much for a card. Print it without private data, or print their sheet.',
  leftOut: (what: readonly string[]): string => `Left off, for lack of room: ${what.join('; ')}`,
  titleOf: 'Wallet cards',
}

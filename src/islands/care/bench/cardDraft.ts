/** A rule as it is typed, read into a card or told what is missing. */
import { isPlainDate, type PlainDate } from '../../../core/calendar/plainDate'
import { type SubstanceId, substanceNamed } from '../../../core/catalogue/substances'
import {
  type Cuts,
  type DoseAmount,
  type DoseCard,
  hours,
  type PortionUnit,
  type SourceKind,
} from '../../../core/dosing/card'
import { type CardFault, cardFaults } from '../../../core/dosing/cardFaults'
import type { Species } from '../../../core/household/species'
import type { ItemId, MemberId } from '../../../core/ids'
import { thousandthsText } from '../../../core/quantity/exact'
import {
  type MeasureFault,
  measureText,
  readMeasure,
  readStrength,
} from '../../../core/quantity/measure'
import { readAmount } from '../../../core/quantity/readAmount'

export type CardDraft = {
  readonly memberIds: readonly string[]
  readonly name: string
  readonly substance: string
  readonly itemId: string | null
  readonly unit: PortionUnit
  readonly strength: string
  readonly by: DoseAmount['kind']
  readonly amount: string
  readonly again: string
  readonly mostDoses: string
  readonly most: string
  readonly largest: string
  readonly cuts: Cuts
  readonly purpose: string
  readonly days: string
  readonly stop: string
  readonly directions: string
  readonly source: SourceKind
  readonly who: string
  readonly on: string
  readonly reviewOn: string
  readonly endsOn: string
  readonly confirmWho: string
  readonly confirmOn: string
  readonly confirmWhy: string
}

export type DraftField = keyof CardDraft

/** What is wrong with a field; the words are chosen where it is shown. */
export type FieldFault =
  | { readonly kind: 'measure'; readonly fault: MeasureFault }
  | { readonly kind: 'number' }
  | { readonly kind: 'day' }
  | { readonly kind: 'pick' }

export type DraftReading =
  | { readonly kind: 'read'; readonly body: CardBody; readonly faults: readonly CardFault[] }
  | { readonly kind: 'unread'; readonly fields: Partial<Record<DraftField, FieldFault>> }

type CardBody = Omit<DoseCard, 'id' | 'version' | 'for'>

export const emptyDraft = (
  memberId: string | null,
  today: PlainDate,
  animal: boolean,
): CardDraft => ({
  memberIds: memberId ? [memberId] : [],
  name: '',
  substance: '',
  itemId: null,
  unit: 'tablet',
  strength: '',
  by: 'measure',
  amount: '',
  again: '',
  mostDoses: '',
  most: '',
  largest: '',
  cuts: 1,
  purpose: '',
  days: '',
  stop: '',
  directions: '',
  source: animal ? 'vet' : 'doctor',
  who: '',
  on: today,
  reviewOn: '',
  endsOn: '',
  confirmWho: '',
  confirmOn: '',
  confirmWhy: '',
})

/** A card as it was typed. */
export function draftOf(card: DoseCard): CardDraft {
  const [band] = card.bands
  const typed = (amount: DoseAmount): string =>
    amount.kind === 'portion'
      ? thousandthsText(amount.portion.thousandths)
      : measureText(
          amount.kind === 'rate'
            ? amount.perKg
            : amount.kind === 'pound_rate'
              ? amount.perPound
              : amount.measure,
        )
  return {
    memberIds: card.for.kind === 'members' ? card.for.memberIds : [],
    name: card.name,
    substance: card.about.kind === 'substance' ? card.about.substance : '',
    itemId: card.about.kind === 'item' ? card.about.itemId : null,
    unit: card.unit,
    strength: card.strength
      ? card.strength.kind === 'liquid'
        ? `${measureText(card.strength.holds)}/${thousandthsText(card.strength.in)} mL`
        : measureText(card.strength.holds)
      : '',
    by: band.amount.kind,
    amount: typed(band.amount),
    again: thousandthsText((band.again * 1000) / 60),
    mostDoses: band.mostDoses === null ? '' : String(band.mostDoses),
    most: band.most ? typed(band.most) : '',
    largest: card.largest ? measureText(card.largest) : '',
    cuts: card.cuts,
    purpose: card.purpose,
    days: card.days === null ? '' : String(card.days),
    stop: card.stop.join('\n'),
    directions: card.directions,
    source: card.source.kind,
    who: card.source.who,
    on: card.source.on ?? '',
    reviewOn: card.reviewOn ?? '',
    endsOn: card.endsOn ?? '',
    confirmWho: card.confirmed?.who ?? '',
    confirmOn: card.confirmed?.on ?? '',
    confirmWhy: card.confirmed?.why ?? '',
  }
}

/** Reads a draft; every field that cannot be read is named. @param species of the chosen members */
export function readDraft(
  draft: CardDraft,
  species: readonly Species[],
  today: PlainDate,
): DraftReading {
  const fields: Partial<Record<DraftField, FieldFault>> = {}
  const measured = (field: DraftField, text: string) => {
    if (text.trim() === '') return null
    const reading = readMeasure(text)
    if (reading.kind === 'read') return reading.value
    fields[field] = { kind: 'measure', fault: reading.fault }
    return null
  }
  const whole = (field: DraftField, text: string): number | null => {
    if (text.trim() === '') return null
    const value = Number(text.trim())
    if (Number.isInteger(value) && value > 0) return value
    fields[field] = { kind: 'number' }
    return null
  }
  const day = (field: DraftField, text: string): PlainDate | null => {
    if (text.trim() === '') return null
    if (isPlainDate(text.trim())) return text.trim() as PlainDate
    fields[field] = { kind: 'day' }
    return null
  }
  const amount = (field: DraftField, text: string): DoseAmount | null => {
    if (text.trim() === '') return null
    if (draft.by === 'portion') {
      const reading = readAmount(text)
      if (reading.kind === 'read' && reading.amount > 0)
        return { kind: 'portion', portion: { unit: draft.unit, thousandths: reading.amount } }
      fields[field] = { kind: 'number' }
      return null
    }
    const measure = measured(field, text)
    if (!measure) return null
    if (draft.by === 'rate') return { kind: 'rate', perKg: measure }
    if (draft.by === 'pound_rate') return { kind: 'pound_rate', perPound: measure }
    return { kind: 'measure', measure }
  }

  const dose = amount('amount', draft.amount)
  if (!dose && !fields.amount) fields.amount = { kind: 'number' }
  const again = Number(draft.again.trim().replace(',', '.'))
  if (!(draft.again.trim() !== '' && again > 0 && Number.isInteger(again * 60)))
    fields.again = { kind: 'number' }
  const strength = draft.strength.trim() === '' ? null : readStrength(draft.strength)
  if (strength?.kind === 'refused') fields.strength = { kind: 'measure', fault: strength.fault }
  const substance = substanceNamed(draft.substance)
  if (substance === null && draft.itemId === null) fields.substance = { kind: 'pick' }
  if (draft.name.trim() === '') fields.name = { kind: 'pick' }
  const limit = amount('most', draft.most)
  const rest = {
    mostDoses: whole('mostDoses', draft.mostDoses),
    largest: measured('largest', draft.largest),
    days: whole('days', draft.days),
    on: day('on', draft.on),
    reviewOn: day('reviewOn', draft.reviewOn),
    endsOn: day('endsOn', draft.endsOn),
    confirmOn: day('confirmOn', draft.confirmOn),
  }
  if (!dose || Object.keys(fields).length > 0) return { kind: 'unread', fields }

  const body: CardBody = {
    about:
      draft.itemId !== null
        ? { kind: 'item', itemId: draft.itemId as ItemId, name: draft.name.trim() }
        : { kind: 'substance', substance: substance as SubstanceId },
    name: draft.name.trim(),
    unit: draft.unit,
    strength: strength?.kind === 'read' ? strength.value : null,
    cuts: draft.unit === 'tablet' ? draft.cuts : 1,
    bands: [
      {
        printed: '',
        grams: null,
        months: null,
        amount: dose,
        upTo: null,
        afterFirst: null,
        again: hours(again),
        mostDoses: rest.mostDoses,
        most: limit,
      },
    ],
    largest: rest.largest,
    purpose: draft.purpose.trim(),
    days: rest.days,
    notWith: [],
    notWithUnderYears: null,
    stop: draft.stop
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== ''),
    directions: draft.directions.trim(),
    source: { kind: draft.source, who: draft.who.trim(), on: rest.on },
    reviewOn: rest.reviewOn,
    endsOn: rest.endsOn,
    confirmed: rest.confirmOn
      ? { who: draft.confirmWho.trim(), on: rest.confirmOn, why: draft.confirmWhy.trim() }
      : null,
  }
  const memberIds = draft.memberIds as readonly string[] as readonly MemberId[]
  return {
    kind: 'read',
    body,
    faults: cardFaults({ ...body, for: { kind: 'members', memberIds } }, species, today),
  }
}

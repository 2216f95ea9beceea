/** What the forms of a prescriber's rule and of a pack's label ask for, with every fault in words. */
import { addCard, changeCard } from '../../../contract/care'
import type { PlainDate } from '../../../core/calendar/plainDate'
import type { DoseCard } from '../../../core/dosing/card'
import type { Species } from '../../../core/household/species'
import { act, type Faults, type FormReading } from '../../../ui/formReading'
import * as words from '../../../words'
import { type CardDraft, type FieldFault, readDraft } from './cardDraft'
import { type PackDraft, readPack } from './packDraft'

function faultText(fault: FieldFault): string {
  switch (fault.kind) {
    case 'measure':
      return words.care.measureFault(fault.fault)
    case 'number':
      return words.care.cards.badNumber
    case 'day':
      return words.care.cards.badDay
    case 'pick':
      return words.care.cards.pick
  }
}

interface AboutCard {
  /** Null for a new one. */
  readonly card: Pick<DoseCard, 'id' | 'version'> | null
  readonly species: readonly Species[]
  readonly today: PlainDate
}

/** A rule that contradicts itself is not sent either: its faults stand below the form. */
export function readCardForm(
  draft: CardDraft,
  { card, species, today }: AboutCard,
): FormReading<CardDraft, typeof addCard | typeof changeCard> {
  const reading = readDraft(draft, species, today)
  if (reading.kind === 'unread')
    return {
      kind: 'faults',
      faults: Object.fromEntries(
        Object.entries(reading.fields).map(([field, fault]) => [field, faultText(fault)]),
      ),
    }
  if (reading.faults.length > 0) return { kind: 'faults', faults: {} }
  const body = { ...reading.body, memberIds: draft.memberIds } as never
  return card
    ? act(changeCard, {
        params: { cardId: card.id },
        body: { ...(body as object), seenVersion: card.version } as never,
      })
    : act(addCard, { body })
}

/** The form of a label has a photo beside what is typed. */
export type PackFormDraft = PackDraft & { readonly photo: string | null }

export function readPackForm(
  draft: PackFormDraft,
  today: PlainDate,
): FormReading<PackFormDraft, typeof addCard> {
  const reading = readPack(draft, today)
  if (reading.kind === 'read')
    return reading.faults.length > 0
      ? { kind: 'faults', faults: {} }
      : act(addCard, {
          body: {
            ...reading.body,
            memberIds: draft.memberIds,
            ...(draft.photo && { photo: draft.photo }),
          } as never,
        })
  const faults: Faults<PackFormDraft> = Object.fromEntries(
    reading.faults.map((fault) =>
      fault.kind === 'field'
        ? [fault.field, words.care.pack.faults.field]
        : ['lines', words.care.pack.faults.line[fault.field]],
    ),
  )
  return { kind: 'faults', faults }
}

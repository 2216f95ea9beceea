/** What whoever sits in sees, and what they note. They have a code and no account; the house acts for them. */
import type { CardId, Portion } from '../../core/dosing/card'
import { lotFor, unitsTaken } from '../../core/dosing/lots'
import { holdsOf } from '../../core/dosing/workOut'
import { askFor, type ToKnow } from '../../core/evenings/plan'
import { eveningView, isForSitter, isHere } from '../../core/evenings/view'
import type { Contact } from '../../core/household/contact'
import { numbersToCall } from '../../core/household/emergencyNumbers'
import type { LotId, MemberId, PocketId } from '../../core/ids'
import type { CareEntryId, CareFact } from '../../core/incident/entry'
import { type Amount, formatAmount } from '../../core/quantity/amount'
import { itemTitle } from '../../core/stock/item'
import * as db from '../../db/evenings/evenings'
import type { AccountDesk } from '../account/desk'
import { sayCare } from '../care/careActs'
import { notFound, Refusal } from '../frame/refusal'
import { type Caller, type Reading, reading, surveyOf, type World } from '../frame/world'
import { openedByCode } from '../people/openedByCode'
import { doseContext } from './eveningActs'

/** What was noted without a connection still arrives so many days after the end. */
const LATE_DAYS = 14
const DAY_MILLISECONDS = 86_400_000

async function mustBeKept(at: Reading, code: string): Promise<db.KeptEvening> {
  const evening = await db.eveningOfCode(at.trx, code)
  if (!evening) throw new Refusal({ code: 'code_not_right' })
  return evening
}

/** @throws {Refusal} `evening_not_yet`; `evening_over` */
function mustGoOn({ from, to, endedAt }: db.KeptEvening, now: Date): void {
  if (endedAt !== null || now >= to) throw new Refusal({ code: 'evening_over' })
  if (now < from) throw new Refusal({ code: 'evening_not_yet', from: from.toISOString() })
}

export interface InWords {
  readonly toAsk: (known: ToKnow) => string
  readonly emergency: string
  readonly poison: string
}

/**
 * The evening as its sitter sees it.
 * @throws {Refusal} `code_not_right`; `evening_not_yet`; `evening_over`; `too_many_tries`
 */
export async function readEvening(
  world: World,
  desk: AccountDesk,
  typed: string,
  inWords: InWords,
) {
  const { householdId, code } = await openedByCode(desk, typed, db.householdOfEvening)
  return reading(world, householdId, async (at) => {
    const evening = await mustBeKept(at, code)
    mustGoOn(evening, world.now())
    return viewOf(world, at, evening, inWords)
  })
}

async function viewOf(world: World, at: Reading, evening: db.KeptEvening, inWords: InWords) {
  const { plan, forName, from, to } = evening
  const seen = eveningView(plan, await surveyOf(at), await doseContext(world, at, plan.placeId))
  const { emergency, poison } = numbersToCall(at.household)
  return {
    forName,
    from: from.getTime(),
    to: to.getTime(),
    now: world.now().getTime(),
    timeZone: at.household.timeZone,
    units: at.household.units,
    know: [...plan.know],
    // What nobody has asked is said to the sitter as well: unknown is not none.
    asks: seen.inCare.flatMap(({ know }) =>
      know.filter(({ code }) => code === 'not_asked').map(inWords.toAsk),
    ),
    call: eachOnce([
      plan.call,
      { name: inWords.emergency, phone: emergency ?? '' },
      { name: inWords.poison, phone: poison ?? '' },
      ...seen.inCare.flatMap(({ contacts }) => contacts),
    ]),
    address: plan.address,
    mayNot: [...plan.mayNot],
    seen,
    notes: (await db.notesOf(at.trx, evening.id)).map(({ id, at: when, by, memberId, fact }) => ({
      id,
      at: when,
      by,
      memberId,
      fact,
    })),
  }
}

/** Two animals have one vet. */
const eachOnce = (contacts: readonly Contact[]): Contact[] => [
  ...new Map(
    contacts.filter(({ phone }) => phone !== '').map((one) => [one.phone, one] as const),
  ).values(),
]

/** The keeper walks through it before it begins; nothing is written down. */
export const rehearseEvening = (
  world: World,
  caller: Caller,
  eveningId: db.KeptEvening['id'],
  inWords: InWords,
) =>
  reading(world, caller, async (at) => {
    const evening = await db.eveningById(at.trx, eveningId)
    if (!evening) throw notFound()
    return viewOf(world, at, evening, inWords)
  })

export type Note =
  | { readonly kind: 'given'; readonly cardId: CardId; readonly portion: Portion }
  | {
      readonly kind: 'used'
      readonly lotId: LotId
      readonly pocketId: PocketId
      readonly amount: Amount
    }
  | { readonly kind: 'seen'; readonly words: string }
  | { readonly kind: 'called'; readonly whom: string }

export interface Noting {
  readonly entryId: CareEntryId
  readonly memberId: MemberId
  readonly note: Note
}

/**
 * Takes a note of the sitter's into the household's record, signed with their name. A dose is judged as at
 * the bench, and refused where somebody else was faster; what was given without a connection was given.
 * @throws {Refusal} `not_found` for whoever or whatever is not in the plan; `dose_refused`; `evening_over`
 */
export async function noteEvening(
  world: World,
  desk: AccountDesk,
  typed: string,
  { entryId, memberId, note }: Noting,
  takenAgo: number,
): Promise<{ readonly entryId: CareEntryId }> {
  const { householdId, code } = await openedByCode(desk, typed, db.householdOfEvening)
  const { evening, fact } = await reading(world, householdId, async (at) => {
    const found = await mustBeKept(at, code)
    mustBeOf(found, world.now(), takenAgo)
    if (!found.plan.members.includes(memberId)) throw notFound()
    return { evening: found, fact: await factOf(world, at, found, memberId, note) }
  })
  const sitter: Caller = {
    householdId,
    userId: db.sitterOf(evening.id),
    name: evening.forName,
    role: 'helper',
    byHouse: true,
    ...(takenAgo > 0 && { takenAgo }),
  }
  await sayCare(world, sitter, {
    key: `evening-${entryId}`,
    entryId,
    incidentId: null,
    memberId,
    fact,
    photo: null,
  })
  return { entryId }
}

/** Noted while the evening went on, even where it is heard of later. */
function mustBeOf(evening: db.KeptEvening, now: Date, takenAgo: number): void {
  const done = new Date(now.getTime() - takenAgo)
  mustGoOn(
    evening.endedAt !== null && done < evening.endedAt ? { ...evening, endedAt: null } : evening,
    done,
  )
  const end = evening.endedAt ?? evening.to
  if (now.getTime() - end.getTime() > LATE_DAYS * DAY_MILLISECONDS)
    throw new Refusal({ code: 'evening_over' })
}

async function factOf(
  world: World,
  at: Reading,
  { plan }: db.KeptEvening,
  memberId: MemberId,
  note: Note,
): Promise<CareFact> {
  switch (note.kind) {
    case 'given':
      return doseOf(world, at, plan, memberId, note)
    case 'used':
      return usedOf(at, plan, note)
    case 'seen':
      return { kind: 'seen', seen: [], words: note.words }
    default:
      return note
  }
}

async function doseOf(
  world: World,
  at: Reading,
  plan: db.KeptEvening['plan'],
  memberId: MemberId,
  { cardId, portion }: Extract<Note, { kind: 'given' }>,
): Promise<CareFact> {
  const context = await doseContext(world, at, plan.placeId)
  const isPlanned = plan.gives.some((one) => one.memberId === memberId && one.cardId === cardId)
  const card = context.cards.find(({ id }) => id === cardId)
  const member = context.laid.stock.members.find(({ id }) => id === memberId)
  if (!isPlanned || !card || !member || card.unit !== portion.unit) throw notFound()
  const { offers } = askFor(member, card, context)
  const lot = lotFor({ good: offers.good.filter(isHere(context)) }, portion)
  const amount = lot && unitsTaken(lot, portion)
  return {
    kind: 'dose',
    cardId,
    title: card.name,
    portion,
    holds: holdsOf(card, portion),
    rule: null,
    takes: lot && amount ? [{ lotId: lot.lotId, pocketId: lot.pocketId, amount }] : [],
    anyway: '',
  }
}

async function usedOf(
  at: Reading,
  plan: db.KeptEvening['plan'],
  { lotId, pocketId, amount }: Extract<Note, { kind: 'used' }>,
): Promise<CareFact> {
  const line = (await surveyOf(at)).lines.find(
    (one) =>
      one.site.pocket.id === pocketId &&
      plan.kits.includes(one.site.kit.id) &&
      one.holdings.some(({ lot }) => lot.id === lotId) &&
      isForSitter(one),
  )
  if (!line) throw notFound()
  return {
    kind: 'used',
    title: itemTitle(line.item),
    words: `${formatAmount(amount)} ${line.item.unit}`.trim(),
    takes: [{ lotId, pocketId, amount }],
  }
}

/** Planning an evening, handing it to a sitter, ending it, and what comes back. */
import { randomUUID } from 'node:crypto'
import type { PlainDate } from '../../core/calendar/plainDate'
import { addDays } from '../../core/calendar/plainDate'
import type { Instant } from '../../core/dosing/given'
import { LABELS } from '../../core/dosing/labels'
import {
  type DoseContext,
  type EveningPlan,
  instantAt,
  MOST_HOURS,
  mayBeGiven,
  type ToKnow,
  toKnow,
} from '../../core/evenings/plan'
import { isRunning } from '../../core/household/course'
import { labelSetOf } from '../../core/household/labelSet'
import type { EveningId, MemberId, PlaceId } from '../../core/ids'
import { dosesAmong } from '../../core/incident/timeline'
import { itemTitle } from '../../core/stock/item'
import { readCards, readDosesSince } from '../../db/care/care'
import * as db from '../../db/evenings/evenings'
import { dosesSince } from '../care/careActs'
import { judgedStockOf } from '../cover/judgementOf'
import { act } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { notFound, Refusal } from '../frame/refusal'
import { type Caller, type Reading, reading, surveyOf, type World } from '../frame/world'
import { codeFrom } from '../people/codes'

const MOST_LISTED = 30
const HOUR_MILLISECONDS = 3_600_000

const codeOfEvening = (secret: string, id: EveningId): string => codeFrom(secret, `evening ${id}`)

export type EveningState = 'to_come' | 'now' | 'over'

export function stateOf({ from, to, endedAt }: db.KeptEvening, now: Date): EveningState {
  if (endedAt !== null || to <= now) return 'over'
  return from > now ? 'to_come' : 'now'
}

/** What a dose is judged by that evening. */
export async function doseContext(
  world: World,
  at: Reading,
  placeId: PlaceId,
): Promise<DoseContext> {
  const { pantry } = await judgedStockOf(at)
  const now = world.now()
  const doses = await readDosesSince(at.trx, dosesSince(now))
  return {
    laid: pantry,
    cards: [...LABELS[labelSetOf(at.household)], ...(await readCards(at.trx))],
    given: (memberId) => dosesAmong(doses.filter((entry) => entry.memberId === memberId)),
    placeId,
    day: at.today,
    now: now.getTime() as Instant,
  }
}

export const proposeEvening = (
  world: World,
  caller: Caller,
  { placeId, members }: { readonly placeId: PlaceId; readonly members: readonly MemberId[] },
  inWords: (known: ToKnow) => string,
) =>
  reading(world, caller, async (at) => {
    const survey = await surveyOf(at)
    if (survey.places.every(({ id }) => id !== placeId)) throw notFound()
    const context = await doseContext(world, at, placeId)
    const { courses, members: all } = context.laid.stock
    const chosen = all.filter(({ id }) => members.includes(id))
    const known = chosen.flatMap((member) =>
      toKnow(member, courses, at.today).map((one) => ({ memberId: member.id, one })),
    )
    return {
      // With whom each is about: what is known of somebody who does not stay with the sitter is not theirs.
      know: known.flatMap(({ memberId, one }) =>
        one.code === 'not_asked' ? [] : [{ memberId, words: inWords(one) }],
      ),
      asks: known.flatMap(({ one }) => (one.code === 'not_asked' ? [inWords(one)] : [])),
      gives: chosen.flatMap((member) =>
        mayBeGiven(member, context).map((card) => ({
          memberId: member.id,
          cardId: card.id,
          who: member.name,
          title: card.name,
          source: card.source.who,
        })),
      ),
      courses: courses.flatMap(({ id, memberId, itemId, directions, ...course }) => {
        const member = chosen.find((one) => one.id === memberId)
        const item = survey.stock.items.find((one) => one.id === itemId)
        return member &&
          item &&
          isRunning({ ...course, id, memberId, itemId, directions }, at.today)
          ? [{ id, who: member.name, title: itemTitle(item), directions }]
          : []
      }),
      kits: survey.kits.flatMap(({ id, name, placeId: of }) =>
        of === placeId ? [{ id, name }] : [],
      ),
    }
  })

export interface Giving {
  readonly key: string
  readonly forName: string
  readonly day: PlainDate
  readonly from: string
  readonly to: string
  readonly plan: EveningPlan
}

/**
 * Hands an evening over. An end that is not after the beginning is one of the next day.
 * @throws {Refusal} `evening_times`; `not_found` for somebody or a kit that the household does not have
 */
export async function giveEvening(
  world: World,
  caller: Caller,
  { key, forName, day, from, to, plan }: Giving,
  secret: string,
) {
  const made = await act(
    world,
    caller,
    { key, kind: 'evening_given', why: forName, request: { forName, day, from, to, plan } },
    async ({ trx, householdId, household, at, who }) => {
      const begins = instantAt(day, from, household.timeZone)
      const same = instantAt(day, to, household.timeZone)
      const ends =
        begins !== null && same !== null && same <= begins
          ? instantAt(addDays(day, 1), to, household.timeZone)
          : same
      if (begins === null || ends === null || ends <= at.getTime())
        throw new Refusal({ code: 'evening_times' })
      if (ends - begins > MOST_HOURS * HOUR_MILLISECONDS)
        throw new Refusal({ code: 'evening_times' })
      await mustHave(trx, 'place', plan.placeId)
      for (const id of plan.members) await mustHave(trx, 'member', id)
      for (const id of plan.kits) await mustHave(trx, 'kit', id)
      const eveningId = randomUUID() as EveningId
      await db.addEvening(trx, {
        id: eveningId,
        householdId,
        code: codeOfEvening(secret, eveningId),
        forName,
        from: new Date(begins),
        to: new Date(ends),
        plan,
        madeBy: who,
        at,
      })
      return { eveningId }
    },
  )
  return { ...made, code: codeOfEvening(secret, made.eveningId) }
}

export const endEvening = (
  world: World,
  caller: Caller,
  { key, eveningId }: { readonly key: string; readonly eveningId: EveningId },
) =>
  act(world, caller, { key, kind: 'evening_ended', request: eveningId }, async ({ trx, at }) => {
    if (!(await db.endEvening(trx, eveningId, at))) throw notFound()
    return {}
  })

export const readEvenings = (world: World, caller: Caller, secret: string) =>
  reading(world, caller, async (at) => {
    const names = await namesIn(at)
    return {
      evenings: (await db.eveningsOf(at.trx, MOST_LISTED)).map((one) =>
        lineOf(one, world.now(), names, secret),
      ),
    }
  })

async function namesIn(at: Reading): Promise<ReadonlyMap<string, string>> {
  const { pantry } = await judgedStockOf(at)
  return new Map(pantry.stock.members.map(({ id, name }) => [id, name]))
}

function lineOf(
  evening: db.KeptEvening,
  now: Date,
  names: ReadonlyMap<string, string>,
  secret: string,
) {
  const { id, forName, from, to, endedAt, madeBy, plan } = evening
  const state = stateOf(evening, now)
  return {
    id,
    forName,
    from: from.toISOString(),
    to: to.toISOString(),
    endedAt: endedAt?.toISOString() ?? null,
    madeBy,
    state,
    members: plan.members.flatMap((one) => names.get(one) ?? []),
    code: state === 'over' ? null : codeOfEvening(secret, id),
  }
}

/** What happened, what was given, what is to be replaced. */
export const readHandBack = (
  world: World,
  caller: Caller,
  { eveningId }: { readonly eveningId: EveningId },
  secret: string,
) =>
  reading(world, caller, async (at) => {
    const evening = await db.eveningById(at.trx, eveningId)
    if (!evening) throw notFound()
    const survey = await surveyOf(at)
    const names = await namesIn(at)
    const notes = await db.notesOf(at.trx, eveningId)
    const lots = new Map(survey.stock.lots.map((lot) => [lot.id, lot]))
    return {
      evening: lineOf(evening, world.now(), names, secret),
      timeZone: at.household.timeZone,
      notes: notes.map(({ id, at: when, by, memberId, fact }) => ({
        id,
        at: when,
        by,
        memberId,
        fact,
      })),
      names: Object.fromEntries(names),
      replace: notes.flatMap(({ fact }) =>
        fact.kind === 'used'
          ? fact.takes.flatMap(({ lotId, pocketId, amount }) => {
              const site = survey.sites.get(pocketId)
              const item = survey.stock.items.find(({ id }) => id === lots.get(lotId)?.itemId)
              return site
                ? [
                    {
                      title: item ? itemTitle(item) : fact.title,
                      unit: item?.unit ?? '',
                      amount,
                      kit: site.kit.name,
                      pocket: site.pocket.name,
                    },
                  ]
                : []
            })
          : [],
      ),
    }
  })

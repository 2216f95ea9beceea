/** The people and animals that kits are kept for: who they are, what they weigh, how they look. */
import type { PlainDate } from '../../core/calendar/plainDate'
import { allergyFaults } from '../../core/cover/suitability'
import { signed } from '../../core/household/asked'
import { blankFacts, isAnimal, type Member, type MemberFacts } from '../../core/household/member'
import type { Species } from '../../core/household/species'
import { weightFault } from '../../core/household/weight'
import type { MemberId, WeighingId } from '../../core/ids'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { readMembers, readMembersAndGuests } from '../../db/members/members'
import { photoOf } from '../../db/members/photos'
import { type Acting, act, mustEdit } from '../frame/act'
import { notFound, Refusal } from '../frame/refusal'
import { type Caller, reading, type World } from '../frame/world'

export interface MemberFields {
  readonly name: string
  readonly species: Species
  readonly born: PlainDate | null
  readonly helper: boolean
  readonly note: string
  readonly facts: MemberFacts | null
  readonly guestUntil: PlainDate | null
  /** Of a guest who comes again every week. */
  readonly guestDays?: Member['guestDays']
}

/** Adds a member; a weight may come along, as for a guest made in seconds. */
export const addMember = (
  world: World,
  caller: Caller,
  { key, grams, ...member }: MemberFields & { readonly key: string; readonly grams: number | null },
) =>
  act(
    world,
    caller,
    {
      key,
      kind: member.guestUntil === null ? 'member_added' : 'guest_added',
      why: member.name,
      request: { member, grams },
    },
    async (acting) => {
      mustFit(acting, member.species, member)
      const memberId = (await createRecord(acting, 'member', {
        name: member.name,
        species: member.species,
        born: member.born,
        helper: member.helper,
        note: member.note,
        facts: JSON.stringify(
          signed(member.facts ?? blankFacts(member.species), undefined, acting.who, acting.today),
        ),
        guest_until: member.guestUntil,
        guest_days: daysColumn(member.guestDays),
      })) as MemberId
      if (grams !== null) {
        const weighing = { on: acting.today, grams }
        const fault = weightFault(member.species, weighing, [])
        if (fault) throw new Refusal(fault)
        await createRecord(acting, 'weighing', {
          member_id: memberId,
          on_day: weighing.on,
          grams,
        })
      }
      return { memberId }
    },
  )

export const changeMember = (
  world: World,
  caller: Caller,
  {
    key,
    memberId,
    seenVersion,
    ...patch
  }: { key: string; memberId: MemberId; seenVersion: number } & Partial<MemberFields>,
) =>
  act(
    world,
    caller,
    { key, kind: 'member_changed', request: { memberId, seenVersion, patch } },
    async (acting) => {
      const member = await mustBeMember(acting, memberId)
      const { facts, guestUntil, guestDays, ...same } = patch
      mustFit(acting, patch.species ?? member.species, { facts: member.facts, ...patch })
      mustEdit(
        await editRecord(
          acting,
          'member',
          memberId,
          {
            ...same,
            ...(facts && {
              facts: JSON.stringify(signed(facts, member.facts.told, acting.who, acting.today)),
            }),
            ...(guestUntil !== undefined && { guest_until: guestUntil }),
            ...(guestDays !== undefined && { guest_days: daysColumn(guestDays) }),
          },
          seenVersion,
        ),
      )
      return {}
    },
  )

/**
 * A guest stays again: what was asked the first time stays with the name.
 * @throws {Refusal} when nobody of that id was a guest; `day_gone` for a stay that ended already
 */
export const stayAgain = (
  world: World,
  caller: Caller,
  asked: {
    readonly key: string
    readonly memberId: MemberId
    readonly seenVersion: number
    readonly until: PlainDate
    readonly days?: Member['guestDays']
  },
) => {
  const { key, memberId, seenVersion, until, days } = asked
  const request = { memberId, seenVersion, until, days }
  return act(world, caller, { key, kind: 'guest_stays', request }, async (acting) => {
    const { trx, today } = acting
    if (until < today) throw new Refusal({ code: 'day_gone', today })
    const { earlierGuests } = await readMembersAndGuests(trx, today)
    if (!earlierGuests.some(({ id }) => id === memberId)) throw notFound()
    const stay = { guest_until: until, guest_days: daysColumn(days) }
    mustEdit(await editRecord(acting, 'member', memberId, stay, seenVersion))
    return {}
  })
}

const daysColumn = (days: Member['guestDays']): string | null =>
  days ? JSON.stringify([...days].sort()) : null

/** @throws {Refusal} born in the future, facts of another kind, the same allergy twice */
function mustFit(
  { today }: Acting,
  species: Species,
  { born, facts }: { readonly born?: PlainDate | null; readonly facts?: MemberFacts | null },
): void {
  if (born && born > today) throw new Refusal({ code: 'born_in_future', today })
  if (!facts) return
  if ((facts.kind === 'animal') !== isAnimal(species))
    throw new Refusal({ code: 'facts_of_another_kind' })
  const [twice] = allergyFaults(
    facts.allergies.map((one) => (one.kind === 'substance' ? one.substance : one.name)),
  )
  if (twice !== undefined) throw new Refusal({ code: 'allergy_twice', name: twice })
}

async function mustBeMember({ trx, today }: Acting, memberId: MemberId) {
  const member = (await readMembers(trx, today)).find(({ id }) => id === memberId)
  if (!member) throw notFound()
  return member
}

export const removeMember = (
  world: World,
  caller: Caller,
  { key, memberId }: { key: string; memberId: MemberId },
) =>
  act(world, caller, { key, kind: 'member_removed', request: memberId }, async (acting) => {
    if (!(await removeRecord(acting, 'member', memberId))) throw notFound()
    return {}
  })

/** Notes a weight. One that jumps is asked about: `sure` answers. */
export async function weigh(
  world: World,
  caller: Caller,
  {
    key,
    ...asked
  }: { key: string; memberId: MemberId; on: PlainDate; grams: number; sure: boolean },
) {
  return act(world, caller, { key, kind: 'weighed', request: asked }, async (acting) => {
    const { species, weighings } = await mustBeMember(acting, asked.memberId)
    if (asked.on > acting.today)
      throw new Refusal({ code: 'weighed_in_future', today: acting.today })
    const fault = weightFault(species, asked, weighings)
    if (fault && !(fault.code === 'weight_jumps' && asked.sure)) throw new Refusal(fault)
    return {
      weighingId: (await createRecord(acting, 'weighing', {
        member_id: asked.memberId,
        on_day: asked.on,
        grams: asked.grams,
      })) as WeighingId,
    }
  })
}

export const removeWeighing = (
  world: World,
  caller: Caller,
  { key, weighingId }: { key: string; weighingId: WeighingId },
) =>
  act(world, caller, { key, kind: 'weighing_removed', request: weighingId }, async (acting) => {
    if (!(await removeRecord(acting, 'weighing', weighingId))) throw notFound()
    return {}
  })

export interface Photo {
  readonly type: string
  readonly bytes: Buffer
}

/** Puts a photo in the place of the one before; null takes it away. */
export const setPhoto = (
  world: World,
  caller: Caller,
  { key, memberId, photo }: { key: string; memberId: MemberId; photo: Photo | null },
) =>
  act(
    world,
    caller,
    { key, kind: 'photo_set', request: { memberId, photo: photo?.bytes.toString('base64') } },
    async (acting) => {
      await mustBeMember(acting, memberId)
      const before = await photoOf(acting.trx, memberId)
      if (before) await removeRecord(acting, 'member_photo', before.id)
      if (photo)
        await createRecord(acting, 'member_photo', {
          member_id: memberId,
          media_type: photo.type,
          bytes: photo.bytes,
        })
      return {}
    },
  )

export const readPhoto = (world: World, caller: Caller, memberId: MemberId): Promise<Photo> =>
  reading(world, caller, async ({ trx }) => {
    const row = await photoOf(trx, memberId)
    if (!row) throw notFound()
    return { type: row.media_type, bytes: row.bytes }
  })

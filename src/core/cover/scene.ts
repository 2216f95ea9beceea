/** What a place is judged for: who is expected there, what its kits are for, what is left out. */
import type { PlainDate } from '../calendar/plainDate'
import { goesTo } from '../household/goesWith'
import type { KitUse } from '../household/kitUse'
import { belongsOn, comesOn } from '../household/member'
import { guessRange, kitUseOf } from '../household/places'
import type { KitId, MemberId } from '../ids'
import { type Question, skillsAmong } from './asking'
import { leftOutKey } from './leftOut'
import type { CoverKit, CoverPlace, CoverStock } from './pantry'

/**
 * Who is expected at a place on a day. Where nobody has said who is usually there, everybody is:
 * unknown is never nobody. Guests, and those of whom nobody has said where they are, are where the
 * household lives; where it lives nowhere, everywhere. Whoever is on a trip all day is not there, nor is
 * a guest who comes on other days of the week.
 */
export function expectedAt(
  place: Pick<CoverPlace, 'usuallyThere' | 'isStore' | 'elsewhere'>,
  { members, places }: Pick<CoverStock, 'members' | 'places'>,
  day: PlainDate,
): ReadonlySet<MemberId> {
  const away = new Set(
    (place.elsewhere ?? []).flatMap(({ memberId, from, to }) =>
      from <= day && day <= to ? [memberId] : [],
    ),
  )
  const all = members.filter((member) => belongsOn(member, day))
  const here = all.filter((member) => !away.has(member.id) && comesOn(member, day))
  const usual = new Set(place.usuallyThere)
  if (!all.some(({ id }) => usual.has(id))) return new Set(here.map(({ id }) => id))
  const somewhere = new Set(places.flatMap(({ usuallyThere }) => usuallyThere))
  const isHome = place.isStore || !places.some(({ isStore }) => isStore)
  return new Set(
    here
      .filter(
        ({ id, guestUntil }) =>
          usual.has(id) || (isHome && (guestUntil !== null || !somewhere.has(id))),
      )
      .map(({ id }) => id),
  )
}

/**
 * The kits that are at a place on a day: its own, but for what is on a trip, and what goes with
 * those who are expected there.
 */
export function kitsAt(
  stock: Pick<CoverStock, 'kits' | 'members' | 'places'>,
  place: CoverPlace,
  day: PlainDate,
): readonly CoverKit[] {
  const there = stock.kits.some(({ goesWith }) => goesWith)
    ? expectedAt(place, stock, day)
    : new Set<MemberId>()
  return stock.kits.filter(
    ({ placeId, goesWith, isAway }) =>
      isAway !== true &&
      (goesWith
        ? goesTo(goesWith, place.id) && there.has(goesWith.memberId)
        : placeId === place.id),
  )
}

/**
 * What is expected of the kits at a place. What is worn everywhere makes no place ready: without a kit
 * of its own, or one that is carried to it in particular, what the place suggests is asked for.
 */
export function usesOfKits(kits: readonly CoverKit[], place: CoverPlace): readonly KitUse[] {
  const its = kits.filter(({ goesWith }) => !goesWith || goesWith.to.includes(place.id))
  return its.length === 0
    ? [{ range: guessRange(place, place.isStore), whom: 'everybody' }]
    : its.map((kit) => kitUseOf(kit, place, place.isStore))
}

export const leftOutAt = (
  { leftOut }: Pick<CoverStock, 'leftOut'>,
  placeId: CoverPlace['id'],
): ReadonlySet<string> =>
  new Set(
    leftOut.flatMap((one) =>
      one.placeId === placeId ? [leftOutKey(one.needId, one.memberId)] : [],
    ),
  )

/** The same with a member there, whether they usually are or not, and what goes with them. */
export function withMember(
  { members: all, kits }: Pick<CoverStock, 'members' | 'kits'>,
  place: Pick<CoverPlace, 'id'>,
  usual: Question,
  memberId: MemberId,
): Question {
  const members = new Set([...usual.members, memberId])
  const theirs = kits.flatMap(({ id, goesWith, isAway }) =>
    goesWith?.memberId === memberId && goesTo(goesWith, place.id) && !isAway ? [id] : [],
  )
  return {
    ...usual,
    members,
    kits: new Set([...usual.kits, ...theirs]),
    skills: skillsAmong(all, members, usual.date),
  }
}

/** The question that every screen asks of a place: its own kits, whoever is expected, nothing thought away. */
export function questionAt(stock: CoverStock, place: CoverPlace, day: PlainDate): Question {
  const kits = kitsAt(stock, place, day)
  const members = expectedAt(place, stock, day)
  return {
    date: day,
    place,
    kits: new Set<KitId>(kits.map(({ id }) => id)),
    members,
    skills: skillsAmong(stock.members, members, day),
    without: new Set(),
    days: 1,
    expected: usesOfKits(kits, place),
    leftOut: leftOutAt(stock, place.id),
  }
}

/** What a place is judged for: who is expected there, what its kits are for, what is left out. */
import type { PlainDate } from '../calendar/plainDate'
import type { KitUse } from '../household/kitUse'
import { belongsOn } from '../household/member'
import { guessRange, kitUseOf } from '../household/places'
import type { KitId, MemberId } from '../ids'
import { type Question, skillsAmong } from './asking'
import { leftOutKey } from './leftOut'
import type { CoverKit, CoverPlace, CoverStock } from './pantry'

/**
 * Who is expected at a place on a day. Where nobody has said who is usually there, everybody is:
 * unknown is never nobody. Guests, and those of whom nobody has said where they are, are where the
 * household lives; where it lives nowhere, everywhere.
 */
export function expectedAt(
  place: Pick<CoverPlace, 'usuallyThere' | 'isStore'>,
  { members, places }: Pick<CoverStock, 'members' | 'places'>,
  day: PlainDate,
): ReadonlySet<MemberId> {
  const here = members.filter((member) => belongsOn(member, day))
  const usual = new Set(place.usuallyThere)
  if (!here.some(({ id }) => usual.has(id))) return new Set(here.map(({ id }) => id))
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

/** The kits of a place that are there: what is on a trip is not. */
export const kitsAt = (
  { kits }: Pick<CoverStock, 'kits'>,
  placeId: CoverPlace['id'],
): readonly CoverKit[] => kits.filter((kit) => kit.placeId === placeId && kit.isAway !== true)

/** What is expected of kits where they are; of a place without any: what the place suggests. */
export const usesOfKits = (kits: readonly CoverKit[], place: CoverPlace): readonly KitUse[] =>
  kits.length === 0
    ? [{ range: guessRange(place, place.isStore), whom: 'everybody' }]
    : kits.map((kit) => kitUseOf(kit, place, place.isStore))

export const leftOutAt = (
  { leftOut }: Pick<CoverStock, 'leftOut'>,
  placeId: CoverPlace['id'],
): ReadonlySet<string> =>
  new Set(
    leftOut.flatMap((one) =>
      one.placeId === placeId ? [leftOutKey(one.needId, one.memberId)] : [],
    ),
  )

/** The same with a member there, whether they usually are or not. */
export function withMember(
  { members: all }: Pick<CoverStock, 'members'>,
  usual: Question,
  memberId: MemberId,
): Question {
  const members = new Set([...usual.members, memberId])
  return { ...usual, members, skills: skillsAmong(all, members, usual.date) }
}

/** The question that every screen asks of a place: its own kits, whoever is expected, nothing thought away. */
export function questionAt(stock: CoverStock, place: CoverPlace, day: PlainDate): Question {
  const kits = kitsAt(stock, place.id)
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

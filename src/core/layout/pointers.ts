/** What to point out in a kit as it lies: what cannot be reached in time, and what needs its rule. */
import type { Climate } from '../household/places'
import type { Bay, LayoutProblem, Thing } from './problem'
import { QUICK, USUAL_REACH } from './reach'

/** In the order in which they matter. */
export const POINTERS = {
  deep: {
    rule: 'What is needed within the first minute lies outside or on top.',
    source: 'Our rule: bleeding and own emergency medicine within 10 seconds',
  },
  too_big: {
    rule: 'It does not go in whichever way it is turned: find it another pocket.',
    source: 'Its measures and the pocket’s',
  },
  fridge: {
    rule: 'Keep at 2–8 °C, never frozen.',
    source: 'Label storage; the label wins',
  },
  frost: {
    rule: 'Frost harms it: take it along in winter or keep it where it is warm.',
    source: 'Label storage; the label wins',
  },
  strengths: {
    rule: 'Two strengths of one ingredient lie together: keep them apart, so that nobody takes the wrong one.',
    source: 'Our rule: adult, junior and animal strengths apart',
  },
  mixed: {
    rule: 'Medicines for people and for animals lie together: keep them apart.',
    source: 'Our rule',
  },
  burns: {
    rule: 'Flammable: keep it apart from cells and flames.',
    source: 'Hazard label',
  },
  upright: {
    rule: 'Can leak: stand it upright or bag it.',
    source: 'Customary packing: liquids apart',
  },
  light: {
    rule: 'Light harms it: wrap it or use a closed pocket.',
    source: 'Label storage; the label wins',
  },
  sharp: {
    rule: 'Cover the point or blade.',
    source: 'Customary packing',
  },
} as const
export type PointerCode = keyof typeof POINTERS
export const POINTER_CODES = Object.keys(POINTERS) as readonly PointerCode[]

export interface Pointer {
  readonly code: PointerCode
  /** Index of the bay. */
  readonly bay: number
  /** Titles of what it is about. */
  readonly things: readonly string[]
  /** Seconds to reach, for what lies deep. */
  readonly seconds: number | null
}

/** Each once a bay, in the order in which they matter. */
export function pointersOf(
  { things, bays }: LayoutProblem,
  climate: Climate | null,
): readonly Pointer[] {
  return bays.flatMap((bay, index) => {
    const here = things.filter(({ at }) => at === index)
    return POINTER_CODES.flatMap((code): Pointer[] => {
      const about = CHECKS[code](here, bay, climate)
      return about.length === 0
        ? []
        : [
            {
              code,
              bay: index,
              things: about.map(({ title }) => title),
              seconds: code === 'deep' ? (bay.reachSeconds ?? null) : null,
            },
          ]
    })
  })
}

type Check = (here: readonly Thing[], bay: Bay, climate: Climate | null) => readonly Thing[]

const CHECKS: Readonly<Record<PointerCode, Check>> = {
  deep: (here, bay) =>
    (bay.reachSeconds ?? USUAL_REACH) > QUICK
      ? here.filter(({ goods }) => goods.urgency === 'life')
      : [],
  too_big: (here, { inner }) =>
    inner === null
      ? []
      : here.filter(({ stiff }) => stiff?.some((edge, at) => edge > (inner[at] ?? 0))),
  fridge: (here, { spot }) => here.filter(({ goods }) => goods.cold && spot !== 'fridge'),
  frost: (here, { spot }, climate) =>
    spot === 'freezer' ||
    spot === 'outdoors' ||
    (spot === null && (climate === 'unheated' || climate === 'car'))
      ? here.filter(({ goods }) => goods.frostHarms)
      : [],
  upright: (here, { upright }) => (upright ? [] : here.filter(({ goods }) => goods.leaks)),
  sharp: (here) => here.filter(({ goods }) => goods.sharp),
  light: (here, { clear }) => (clear ? here.filter(({ goods }) => goods.lightHarms) : []),
  burns: (here) =>
    here.some(({ goods }) => goods.sparks) ? here.filter(({ goods }) => goods.flammable) : [],
  strengths: (here) =>
    here.filter(
      ({ goods }) =>
        goods.ingredient !== '' &&
        here.some(
          (other) =>
            other.goods.ingredient === goods.ingredient && other.goods.strength !== goods.strength,
        ),
    ),
  mixed: (here) => {
    const made = (whom: 'people' | 'animals') =>
      here.filter(({ goods }) => goods.isMedicine && goods.made === whom)
    const people = made('people')
    const animals = made('animals')
    return people.length > 0 && animals.length > 0 ? [...animals, ...people] : []
  },
}

/** After an act only what it touched is judged and looked for again: the errands are those from scratch. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { catalogue } from '../src/core/catalogue/catalogue'
import { judgeAgain } from '../src/core/judgement/again'
import type { Errand } from '../src/core/watch/errand'
import { errands, type Known } from '../src/core/watch/errands'
import { TODAY } from './support/household'
import { drawn, laidOf, laidOut, PEOPLE } from './support/households'
import { knownOf, type Laid } from './support/known'

type Change = (laid: readonly Laid[]) => readonly Laid[]

const at = (laid: readonly Laid[], n: number, change: (one: Laid) => readonly Laid[]) =>
  laid.flatMap((one, index) => (index === n % laid.length ? change(one) : [one]))

/** What keepers do: count, say what belongs there, hear a price, take away, put in, put on hold. */
const aChange: fc.Arbitrary<Change> = fc.oneof(
  fc.tuple(fc.nat(), fc.nat(6)).map(
    ([n, there]): Change =>
      (laid) =>
        at(laid, n, (one) => [{ ...one, there }]),
  ),
  fc.tuple(fc.nat(), fc.nat(4)).map(
    ([n, par]): Change =>
      (laid) =>
        at(laid, n, (one) => [{ ...one, par }]),
  ),
  fc.tuple(fc.nat(), fc.integer({ min: 1, max: 5000 })).map(
    ([n, packPriceMinor]): Change =>
      (laid) =>
        at(laid, n, (one) => [{ ...one, item: { packPriceMinor, packSize: 2000 as never } }]),
  ),
  fc.nat().map(
    (n): Change =>
      (laid) =>
        laid.length > 1 ? at(laid, n, () => []) : laid,
  ),
  laidOf(3).map(
    (more): Change =>
      (laid) => [...laid, { ...more, number: 900 + laid.length }],
  ),
)

/** What is found after an act by somebody who knows what was found before it, and from scratch. */
function bothWays(before: Known, scratch: Known) {
  const { pantry } = scratch.judged
  const judgement = judgeAgain(before.judged, pantry, TODAY, untilOf(scratch))
  const again: Known = { ...scratch, judged: { pantry, judgement } }
  return { again, found: errands(again), fromScratch: errands(scratch) }
}

const untilOf = ({ judged }: Known) =>
  new Map(judged.judgement.places.map(({ place, until }) => [place.id, until]))

describe('errands after an act', () => {
  it('are those that are found from scratch, act after act', () => {
    let reused = 0
    fc.assert(
      fc.property(drawn, fc.array(aChange, { minLength: 1, maxLength: 4 }), (first, changes) => {
        const numbered = first.laid.map((one, n) => ({ ...one, number: n + 1 }))
        let laid: readonly Laid[] = numbered
        let before = laidOut({ ...first, laid: [...laid] })
        errands(before)
        for (const change of changes) {
          laid = change(laid)
          const scratch = laidOut({ ...first, laid: [...laid] })
          const { again, found, fromScratch } = bothWays(before, scratch)
          reused += again.judged.judgement.closings.size
          expect(found).toEqual(fromScratch)
          before = again
        }
      }),
      { numRuns: 50 },
    )
    // Else it would prove nothing.
    expect(reused).toBeGreaterThan(300)
  })
  it('buy the companion as well once it is gone: of each thing of the catalogue that has one', () => {
    const all = [...catalogue().values()]
    const known = (of: readonly string[]) =>
      knownOf({ members: PEOPLE, laid: of.map((one) => ({ of: one, there: 3 })) })
    let differ = 0
    for (const { companions } of all)
      for (const { role } of companions) {
        const player = all.find(({ roles }) => roles.includes(role))
        if (!player) continue
        const before = known([player.id])
        const first = errands(before)
        const { found, fromScratch } = bothWays(before, known([]))
        expect([role, found]).toEqual([role, fromScratch])
        if (found.some(({ key, steps }) => steps.length > stepsOf(first, key))) differ += 1
      }
    expect(differ).toBeGreaterThan(3)
  })
})

const stepsOf = (all: readonly Errand[], key: string): number =>
  all.find((one) => one.key === key)?.steps.length ?? Number.POSITIVE_INFINITY

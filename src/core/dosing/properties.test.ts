/** What holds of every dose, whatever the weights, rules and orders of entries. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aRule, ask, codesOf, given, labelCard, NOON } from '../../../tests/support/care'
import { aMember, aPerson } from '../../../tests/support/cover'
import { exact } from '../quantity/exact'
import type { Measure } from '../quantity/measure'
import { beyondLimits, nextAllowed, timingRefusals } from './allowance'
import type { DoseCard, IngredientKey } from './card'
import { DAY_MILLISECONDS, type DoseRule, type GivenDose, type Instant } from './given'
import { LABELS } from './labels'

const SEED = { seed: 20261126 }
const mg = (thousandths: number): Measure => ({ unit: 'mg', thousandths })

const rule = fc.record({
  perKg: fc.integer({ min: 1, max: 40_000 }),
  holds: fc.integer({ min: 100, max: 500_000 }),
  inMicrolitres: fc.constantFrom(1000, 5000),
  largest: fc.option(fc.integer({ min: 100, max: 900_000 })),
  liquid: fc.boolean(),
  cuts: fc.constantFrom<1 | 2 | 4>(1, 2, 4),
})
type Drawn = typeof rule extends fc.Arbitrary<infer T> ? T : never

const dogOf = (grams: number) => aMember('dog', { years: 6, kg: grams / 1000 })
function cardOf(
  { perKg, holds, inMicrolitres, largest, liquid, cuts }: Drawn,
  dog: ReturnType<typeof dogOf>,
): DoseCard {
  const card = aRule(dog, { rate: '1 mg', strength: liquid ? '1 mg/mL' : '1 mg', cuts })
  const [band] = card.bands
  return {
    ...card,
    strength: liquid
      ? { kind: 'liquid', holds: mg(holds), in: inMicrolitres as never }
      : { kind: 'each', holds: mg(holds) },
    largest: largest === null ? null : mg(largest),
    bands: [{ ...band, amount: { kind: 'rate', perKg: mg(perKg) } }],
  }
}

describe('a dose by weight', () => {
  it('is never above the rule, the largest single amount, or a mark up', () => {
    fc.assert(
      fc.property(rule, fc.integer({ min: 100, max: 90_000 }), (drawn, grams) => {
        const dog = dogOf(grams)
        const answer = ask(cardOf(drawn, dog), dog)
        if (answer.kind !== 'give') return
        const { holds, inMicrolitres, liquid, perKg, largest } = drawn
        const acts = exact(answer.dose.portion.thousandths)
          .mul(holds)
          .div(liquid ? inMicrolitres : 1000)
        expect(acts.compare(exact(perKg).mul(grams).div(1000))).toBeLessThanOrEqual(0)
        if (largest !== null) expect(acts.compare(largest)).toBeLessThanOrEqual(0)
        const step = answer.dose.measuring?.barrel.mark ?? 1000 / drawn.cuts
        expect(answer.dose.portion.thousandths % step).toBe(0)
        // Nor more than a fifth below it.
        const rule = exact(perKg).mul(grams).div(1000)
        const capped = largest === null || rule.compare(largest) < 0 ? rule : exact(largest)
        expect(acts.compare(capped.mul(exact(4, 5)))).toBeGreaterThanOrEqual(0)
      }),
      SEED,
    )
  })
  it('is never less for the heavier, on one card', () => {
    fc.assert(
      fc.property(
        rule,
        fc.integer({ min: 100, max: 90_000 }),
        fc.integer({ min: 0, max: 20_000 }),
        (drawn, grams, more) => {
          const amount = (of: number): number => {
            const dog = dogOf(of)
            const answer = ask(cardOf(drawn, dog), dog)
            if (answer.kind === 'give') return answer.dose.portion.thousandths
            const codes = codesOf(answer)
            if (codes.includes('too_much_to_measure')) return Number.POSITIVE_INFINITY
            // No piece comes near enough: another strength is named, and no amount.
            return codes.includes('rounds_too_far') ? Number.NaN : 0
          }
          const [lighter, heavier] = [amount(grams), amount(grams + more)]
          if (Number.isNaN(lighter) || Number.isNaN(heavier)) return
          expect(heavier).toBeGreaterThanOrEqual(lighter)
        },
      ),
      SEED,
    )
  })
  it('is never less for the heavier child on a label', () => {
    const labels = LABELS.us.filter(({ bands }) => bands.some(({ grams }) => grams !== null))
    fc.assert(
      fc.property(
        fc.constantFrom(...labels),
        fc.integer({ min: 10_886, max: 43_091 }),
        fc.integer({ min: 0, max: 15_000 }),
        (label, grams, more) => {
          const amount = (of: number): number => {
            const answer = ask(label, aPerson(8, { kg: of / 1000 }))
            return answer.kind === 'give' ? answer.dose.portion.thousandths : 0
          }
          if (grams + more <= 43_091)
            expect(amount(grams + more)).toBeGreaterThanOrEqual(amount(grams))
        },
      ),
      { ...SEED, numRuns: 300 },
    )
  })
})

// ---- the clock, over all products, helpers and kits --------------------------------------------

const KEY = 'acetaminophen' as IngredientKey
const PRODUCTS: readonly {
  readonly title: string
  readonly rule: DoseRule
  readonly holds: Measure
}[] = [
  {
    title: 'Liquid',
    rule: { key: KEY, again: 240 as never, mostDoses: 5, most: mg(1_600_000) },
    holds: mg(320_000),
  },
  {
    title: 'Tablets',
    rule: { key: KEY, again: 360 as never, mostDoses: null, most: mg(3_000_000) },
    holds: mg(500_000),
  },
  {
    title: 'Cold remedy',
    rule: { key: KEY, again: 300 as never, mostDoses: 4, most: mg(2_000_000) },
    holds: mg(250_000),
  },
]
const attempt = fc.record({
  product: fc.constantFrom(...PRODUCTS),
  minute: fc.integer({ min: 0, max: 3 * 1440 }),
})
type Attempt = typeof attempt extends fc.Arbitrary<infer T> ? T : never

const doseAt = ({ product, minute }: Attempt, id: string): GivenDose => ({
  id,
  at: (NOON + minute * 60_000) as Instant,
  by: id.startsWith('a') ? 'Ilse' : 'Tove',
  title: product.title,
  portion: { unit: 'mL', thousandths: 1000 },
  holds: [{ key: KEY, measure: product.holds }],
  rule: product.rule,
})

/** What any 24 hours hold, and the strictest limit among the cards used in them. */
function worstWindow(doses: readonly GivenDose[]): { sum: number; most: number; count: number } {
  let worst = { sum: 0, most: Number.POSITIVE_INFINITY, count: 0, over: Number.NEGATIVE_INFINITY }
  for (const { at } of doses) {
    const within = doses.filter((dose) => dose.at <= at && dose.at > at - DAY_MILLISECONDS)
    const sum = within.reduce(
      (total, dose) => total + (dose.holds[0]?.measure?.thousandths ?? 0),
      0,
    )
    const most = Math.min(
      ...within.map((dose) => dose.rule?.most?.thousandths ?? Number.POSITIVE_INFINITY),
    )
    if (sum - most > worst.over) worst = { sum, most, count: within.length, over: sum - most }
  }
  return worst
}

/** Doses that are given only where nothing speaks against it, in the order in which they come. */
function admitted(attempts: readonly Attempt[], prefix: string): readonly GivenDose[] {
  const doses: GivenDose[] = []
  for (const [at, one] of attempts.entries()) {
    const dose = doseAt(one, `${prefix}${String(at).padStart(3, '0')}`)
    const wanted = { rule: one.product.rule, title: dose.title, measure: one.product.holds }
    if (timingRefusals(doses, wanted, dose.at).length === 0) doses.push(dose)
  }
  return doses
}

describe('doses of one ingredient, over all products', () => {
  it('never pass a limit in any 24 hours, in whatever order they are entered', () => {
    fc.assert(
      fc.property(fc.array(attempt, { maxLength: 40 }), (attempts) => {
        const { sum, most } = worstWindow(admitted(attempts, 'a'))
        expect(sum).toBeLessThanOrEqual(most)
      }),
      SEED,
    )
  })
  it('of two phones without a connection are flagged alike whichever is heard of first, and those that are not flagged stay within the limit', () => {
    fc.assert(
      fc.property(
        fc.array(attempt, { maxLength: 14 }),
        fc.array(attempt, { maxLength: 14 }),
        fc.infiniteStream(fc.integer({ min: 0, max: 1000 })),
        (here, there, shuffle) => {
          const doses = [...admitted(here, 'a'), ...admitted(there, 'b')]
          const flagged = beyondLimits(doses)
          const order = doses
            .map((dose) => ({ dose, by: shuffle.next().value ?? 0 }))
            .sort((a, b) => a.by - b.by)
            .map(({ dose }) => dose)
          expect(
            [...beyondLimits(order)].map(([id, why]) => [id, why.map(({ code }) => code)]),
          ).toEqual([...flagged].map(([id, why]) => [id, why.map(({ code }) => code)]))
          const { sum, most } = worstWindow(doses.filter(({ id }) => !flagged.has(id)))
          expect(sum).toBeLessThanOrEqual(most)
        },
      ),
      SEED,
    )
  })
  it('may be given at the moment that is named, and not a minute before', () => {
    fc.assert(
      fc.property(
        fc.array(attempt, { maxLength: 25 }),
        fc.constantFrom(...PRODUCTS),
        (attempts, product) => {
          const doses = admitted(attempts, 'a').filter(
            ({ at }) => at <= NOON + 2 * DAY_MILLISECONDS,
          )
          const from = (NOON + 2 * DAY_MILLISECONDS) as Instant
          const wanted = { rule: product.rule, title: product.title, measure: product.holds }
          const next = nextAllowed(doses, wanted, from)
          if (next === null) return
          expect(timingRefusals(doses, wanted, next)).toEqual([])
          if (next > from)
            expect(timingRefusals(doses, wanted, (next - 60_000) as Instant)).not.toEqual([])
        },
      ),
      SEED,
    )
  })
  it('worked out on a card are refused where the limit would be passed', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 2000 }), { maxLength: 8 }), (amounts) => {
        const child = aPerson(7, { kg: 22.4 })
        const before = amounts.map((amount, at) =>
          given('acetaminophen', `${amount + 1} mg`, 5 + at * 2),
        )
        const answer = ask(labelCard('acetaminophen-liquid'), child, { given: before })
        const sum = amounts.reduce((total, amount) => total + amount + 1, 0)
        if (answer.kind === 'give') expect(sum + 320).toBeLessThanOrEqual(1600)
      }),
      SEED,
    )
  })
})

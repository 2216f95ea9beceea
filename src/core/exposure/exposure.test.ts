/** Heat and frost: figures held against a plain second way of reckoning, and what must never be. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { idOf } from '../../../tests/support/ids'
import { STORAGE_CLASS_IDS } from '../catalogue/storageClass'
import type { LotId, PlaceId, PocketId } from '../ids'
import { units } from '../quantity/amount'
import { judgeHousehold, type Log, linesOf, type PocketSite } from './household'
import { kineticOf, meanKinetic } from './kinetic'
import { LIMITS, THRESHOLDS } from './limits'
import { pathsOf, type TimedMovement } from './path'
import { merged, type Series } from './readings'
import { gapsOf, type Span, spansOf, stuckIn } from './spans'
import type { Keeping } from './storage'
import { added, type Figures, type Frost, pushFrost, Timeline } from './timeline'
import { together } from './together'
import { judgeExposure } from './verdict'

const HOUR = 60
const keeping = (more: Partial<Keeping> = {}): Keeping => ({
  storage: 'room',
  source: 'label',
  frostHarms: false,
  millilitres: null,
  ...more,
})

/** Readings one step apart, in whole or broken °C. */
const series = (celsius: readonly number[], step = HOUR, begin = 0): Series => ({
  minutes: celsius.map((_, n) => begin + n * step),
  hundredths: celsius.map((one) => Math.round(one * 100)),
})

const figuresOf = (of: Series): Figures => {
  const spans = spansOf(of)
  return new Timeline(spans).between(spans[0]?.from ?? 0, spans.at(-1)?.to ?? 0)
}

const judged = (celsius: readonly number[], more: Partial<Keeping> = {}, step = HOUR) =>
  judgeExposure(keeping(more), figuresOf(series(celsius, step)))

describe('mean kinetic temperature', () => {
  /** The formula as it is written down, with the sums of kelvin in exact fractions of a logarithm. */
  const byFormula = (spans: readonly Span[]): number => {
    const weight = spans.reduce((sum, one) => sum + (one.to - one.from), 0)
    const terms = spans.map((one) => -10_000 / (one.high / 100 + 273.15))
    const top = Math.max(...terms)
    const sum = spans.reduce(
      (so, one, n) => so + ((one.to - one.from) / weight) * Math.exp((terms[n] ?? 0) - top),
      0,
    )
    return -10_000 / (top + Math.log(sum)) - 273.15
  }
  it('of what never changes is that', () => {
    expect(meanKinetic(spansOf(series([22.5, 22.5, 22.5])))).toBeCloseTo(22.5, 9)
  })
  it.each([
    // Reckoned with fifty digits by the formula, outside this program.
    [[1, 20, 1, 30], 26.2598869160034],
    [[1, 2, 1, 8], 5.5364245088663],
    [[23, 20, 1, 40], 22.4479303299823],
    [[364, 22, 1, 40], 22.1423660993663],
    [[1, -20, 1, 40], 33.3520507891892],
    [[9, 25, 1, 25.1], 25.0100477261369],
  ])(
    'of so much time at so many °C each, %s, is %d',
    ([a = 0, warm = 0, b = 0, other = 0], mean) => {
      const spans = [
        { from: 0, to: a, high: warm * 100 },
        { from: a, to: a + b, high: other * 100 },
      ]
      expect(meanKinetic(spans)).toBeCloseTo(mean, 8)
    },
  )
  it('agrees with the formula to a hundredth of a kelvin on any series, gaps and steps', () => {
    const anySeries = fc
      .array(fc.tuple(fc.integer({ min: 1, max: 400 }), fc.integer({ min: -3000, max: 6000 })), {
        minLength: 2,
        maxLength: 80,
      })
      .map((steps): Series => {
        let at = 0
        return {
          minutes: steps.map(([step]) => (at += step)),
          hundredths: steps.map(([, value]) => value),
        }
      })
    fc.assert(
      fc.property(anySeries, (of) => {
        const spans = spansOf(of)
        const { aged, measured } = figuresOf(of)
        expect(kineticOf(aged / measured)).toBeCloseTo(byFormula(spans), 6)
        expect(meanKinetic(spans)).toBeCloseTo(byFormula(spans), 6)
      }),
      { numRuns: 200 },
    )
  })
  it('is never below the plain mean', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -20, max: 45 }), { minLength: 2 }), (all) => {
        const plain = all.reduce((sum, one) => sum + one, 0) / all.length
        expect(meanKinetic(spansOf(series(all))) ?? 0).toBeGreaterThanOrEqual(plain - 1e-9)
      }),
    )
  })
})

describe('the time that readings stand for', () => {
  it('is half-way to the neighbours, and the half step beyond at both ends', () => {
    expect(spansOf(series([1, 2, 3])).map(({ from, to }) => [from, to])).toEqual([
      [-30, 30],
      [30, 90],
      [90, 150],
    ])
  })
  it('ends half a usual step beside a gap, and the gap is reported', () => {
    const of: Series = { minutes: [0, 60, 120, 301, 361], hundredths: [1, 2, 3, 4, 5] }
    expect(spansOf(of).map(({ from, to }) => [from, to])).toEqual([
      [-30, 30],
      [30, 90],
      [90, 150],
      [271, 331],
      [331, 391],
    ])
    expect(gapsOf(of)).toEqual([{ from: 120, to: 301 }])
  })
  it('has no gap at three hours, nor at three steps where steps are long', () => {
    expect(gapsOf({ minutes: [0, 60, 240] })).toEqual([])
    expect(gapsOf({ minutes: [0, 240, 480, 1200] })).toEqual([])
    expect(gapsOf({ minutes: [0, 240, 480, 1201] })).toEqual([{ from: 480, to: 1201 }])
  })
  it('of one reading alone is none', () => {
    expect(spansOf(series([9]))).toMatchObject([{ from: 0, to: 0, high: 900 }])
  })
  it('one value for two days is asked about', () => {
    expect(stuckIn(series(Array(48).fill(21)))).toEqual([])
    expect(stuckIn(series([20, ...Array(49).fill(21), 22]))).toEqual([{ from: 60, to: 2940 }])
  })
})

describe('what is known and what comes in', () => {
  const anySeries = fc
    .uniqueArray(fc.integer({ min: 0, max: 60 }), { maxLength: 40 })
    .map((all): Series => {
      const minutes = [...all].sort((a, b) => a - b)
      return { minutes, hundredths: minutes.map((one) => one * 10) }
    })
  it('counts each minute once; read again it adds nothing', () => {
    fc.assert(
      fc.property(anySeries, anySeries, (a, b) => {
        const once = merged(a, b)
        expect([...once.minutes]).toEqual(
          [...new Set([...a.minutes, ...b.minutes])].sort((x, y) => x - y),
        )
        expect(merged(once, b).added.minutes).toEqual([])
        expect(once.differing).toBe(0)
      }),
    )
  })
  it('keeps what was known first, and counts what says otherwise', () => {
    const both = merged(series([1, 2]), series([1, 5, 6]))
    expect(both.hundredths).toEqual([100, 200, 600])
    expect([both.differing, both.added.minutes]).toEqual([1, [120]])
  })
})

describe('a line that is asked about a stretch of time', () => {
  const anySpans = fc
    .array(
      fc.tuple(
        fc.integer({ min: 0, max: 50 }),
        fc.integer({ min: 1, max: 90 }),
        fc.integer({ min: -1500, max: 4500 }),
        fc.integer({ min: 0, max: 300 }),
      ),
      { maxLength: 150 },
    )
    .map((all): readonly Span[] => {
      let at = 0
      return all.map(([pause, minutes, low, spread]) => {
        const from = at + pause
        at = from + minutes
        return { from, to: at, low, high: low + spread, of: 'measured' as const }
      })
    })
  const plain = (spans: readonly Span[], from: number, to: number) => {
    const cut = spans
      .map((one) => ({ ...one, from: Math.max(from, one.from), to: Math.min(to, one.to) }))
      .filter((one) => one.to > one.from)
    const sum = (of: (one: Span) => number) => cut.reduce((so, one) => so + of(one), 0)
    return {
      measured: sum((one) => one.to - one.from),
      above: THRESHOLDS.map((limit) => sum((one) => (one.high > limit ? one.to - one.from : 0))),
      hottest: cut.length === 0 ? null : Math.max(...cut.map(({ high }) => high)),
      coldest: cut.length === 0 ? null : Math.min(...cut.map(({ low }) => low)),
      frost: sum((one) => (one.low <= 0 ? one.to - one.from : 0)),
    }
  }
  const told = ({ measured, above, hottest, coldest, frosts }: Figures) => ({
    measured: Math.round(measured * 1e6) / 1e6,
    above: above.map((one) => Math.round(one * 1e6) / 1e6),
    hottest: hottest?.hundredths ?? null,
    coldest: coldest?.hundredths ?? null,
    frost: frosts.reduce((sum, one) => sum + one.to - one.from, 0),
  })
  it('says what adding up every span says', () => {
    fc.assert(
      fc.property(
        anySpans,
        fc.integer({ min: -50, max: 8000 }),
        fc.integer({ min: 1, max: 8000 }),
        (spans, from, long) => {
          const of = new Timeline(spans).between(from, from + long)
          expect(told(of)).toEqual(plain(spans, from, from + long))
        },
      ),
      { numRuns: 300 },
    )
  })
  it('split anywhere is the same: figures, frosts and verdict', () => {
    fc.assert(
      fc.property(
        anySpans,
        fc.integer({ min: 0, max: 4000 }),
        fc.constantFrom(...STORAGE_CLASS_IDS),
        (spans, at, storage) => {
          const line = new Timeline(spans)
          const whole = line.between(0, 9000)
          const parts = added([line.between(0, at), line.between(at, 9000)])
          expect(told(parts)).toEqual(told(whole))
          expect(parts.frosts).toEqual(whole.frosts)
          const of = (figures: Figures) =>
            judgeExposure(keeping({ storage, frostHarms: true }), figures).verdict.kind
          expect(of(parts)).toBe(of(whole))
        },
      ),
      { numRuns: 300 },
    )
  })
})

describe('a verdict', () => {
  const hours = (of: number, celsius: number) => Array<number>(of).fill(celsius)
  it.each([
    ['within, all of it', [...hours(48, 22)], 'within'],
    ['24 hours above 30 are an excursion', [...hours(24, 31), ...hours(400, 18)], 'excursion'],
    ['an hour more is beyond', [...hours(25, 31), ...hours(400, 18)], 'beyond'],
    ['exactly 30 is not above it', [...hours(40, 30), ...hours(900, 16)], 'within'],
    ['above 40 at any moment is beyond', [40.01, ...hours(900, 16)], 'beyond'],
    ['exactly 40 is not', [40, ...hours(900, 16)], 'excursion'],
    ['a mean of exactly 25.0 is within', hours(720, 25), 'within'],
    ['a mean above it is beyond', hours(720, 25.02), 'beyond'],
    ['an hour less than thirty days is no mean to judge by', hours(719, 27), 'within'],
    ['below 15 is told and no more', [...hours(20, 3)], 'within'],
  ] as const)('of a thing for room temperature: %s', (_, celsius, kind) => {
    expect(judged(celsius).verdict.kind).toBe(kind)
  })
  it('says how many hours, and how warm', () => {
    const { verdict } = judged([...hours(26, 31), 47.5, ...hours(400, 18)])
    expect(verdict).toEqual({
      kind: 'beyond',
      harms: [
        { code: 'too_hot', above: 4000, hundredths: 4750 },
        { code: 'too_long', above: 3000, minutes: 27 * HOUR },
      ],
    })
    expect(judged(hours(20, 3)).told).toEqual([{ code: 'below', below: 1500, hundredths: 300 }])
  })
  it.each([
    [0, 5, 'within'],
    [1, 30, 'within'],
    [3, 30, 'excursion'],
    [49, 30, 'beyond'],
  ] as const)('of a fridge after %s times %s minutes above 8 °C: %s', (times, step, kind) => {
    const of = [...hours(200, 5), ...hours(times, 12), ...hours(200, 5)]
    expect(judged(of, { storage: 'fridge' }, step).verdict.kind).toBe(kind)
  })
  it('below 25 counts its own hours', () => {
    const of = [...hours(25, 26), ...hours(900, 15)]
    expect(judged(of, { storage: 'below-25' }).verdict.kind).toBe('beyond')
    expect(judged(of, { storage: 'below-30' }).verdict.kind).toBe('within')
  })
  it.each([
    ['an hour and a half at 0 °C does not freeze a bottle', 100, [0, 0, 0], 30, 'within'],
    ['two hours may', 100, [0, 0, 0, 0], 30, 'may_have_frozen'],
    ['half an hour may freeze 10 mL', 10, [0], 30, 'may_have_frozen'],
    ['of unknown size too', null, [-1], 30, 'may_have_frozen'],
    ['an hour at −5 froze it', 100, [-5, -5], 30, 'froze'],
    ['an hour at −4.9 did not', 100, [-4.9, -4.9], 30, 'within'],
  ] as const)('frost: %s', (_, millilitres, cold, step, expected) => {
    const of = [...hours(50, 20), ...cold, ...hours(50, 20)]
    const { verdict } = judged(of, { storage: 'never-frozen', frostHarms: true, millilitres }, step)
    expect(verdict.kind === 'beyond' ? verdict.harms[0]?.code : verdict.kind).toBe(expected)
  })
  it('what no temperature harms is judged by none', () => {
    const hot = [60, -20, ...hours(3, 50)]
    expect(judged(hot, { storage: 'no-limit' }).verdict.kind).toBe('within')
    // A label that names no highest temperature allows none: it is asked.
    for (const storage of ['never-frozen', 'dry', 'dark'] as const) {
      expect(judged(hot, { storage }).verdict).toEqual({ kind: 'unknown', because: 'heat' })
      expect(judged(hours(4, 30), { storage }).verdict.kind).toBe('within')
    }
  })
  it('nobody has said how it is kept: unknown, and never within', () => {
    expect(judged(hours(90, 21), { storage: null }).verdict).toEqual({
      kind: 'unknown',
      because: 'class',
    })
  })
  it('less than half of the time measured is unknown; harm that was seen is harm', () => {
    const spans = spansOf(series(hours(10, 20)))
    const line = new Timeline(spans)
    const of = (to: number) => judgeExposure(keeping(), line.between(-30, to))
    expect(of(10 * HOUR * 2 - 30).verdict.kind).toBe('within')
    expect(of(10 * HOUR * 2 - 28).verdict).toEqual({ kind: 'unknown', because: 'unmeasured' })
    const hot = new Timeline(spansOf(series([41, 41]))).between(-30, 90_000)
    expect(judgeExposure(keeping(), hot).verdict.kind).toBe('beyond')
  })
  it('a highest that somebody typed gives no mean; above the ceiling it is harm, below it told', () => {
    const typed = (low: number, high: number): Figures =>
      new Timeline([{ from: 0, to: 9000, low: low * 100, high: high * 100, of: 'typed' }]).between(
        0,
        9000,
      )
    expect(judgeExposure(keeping(), typed(10, 35))).toMatchObject({
      verdict: { kind: 'excursion' },
      mean: null,
      told: [
        { code: 'above_typed', above: 3000, hundredths: 3500 },
        { code: 'below', below: 1500, hundredths: 1000 },
      ],
    })
    expect(judgeExposure(keeping(), typed(10, 44)).verdict.kind).toBe('beyond')
    expect(judgeExposure(keeping({ frostHarms: true }), typed(-1, 20)).verdict).toEqual({
      kind: 'beyond',
      harms: [{ code: 'frost_typed', hundredths: -100 }],
    })
    expect(judgeExposure(keeping(), typed(16, 24)).verdict).toEqual({
      kind: 'unknown',
      because: 'unmeasured',
    })
  })
  it('adding heat never makes it better', () => {
    const RANK = { within: 0, unknown: 1, excursion: 2, beyond: 3 } as const
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 45 }), { minLength: 2, maxLength: 120 }),
        fc.nat(),
        fc.integer({ min: 1, max: 20 }),
        fc.constantFrom(...STORAGE_CLASS_IDS),
        (celsius, at, more, storage) => {
          const warmer = celsius.map((one, n) => (n === at % celsius.length ? one + more : one))
          const rank = (of: readonly number[]) => RANK[judged(of, { storage }).verdict.kind]
          expect(rank(warmer)).toBeGreaterThanOrEqual(rank(celsius))
        },
      ),
      { numRuns: 300 },
    )
  })
})

describe('two loggers', () => {
  const line = (celsius: readonly number[], nearness = 0) => ({
    nearness,
    spans: spansOf(series(celsius)),
  })
  it('less than 2 K apart are averaged', () => {
    expect(
      together([line([20, 21]), line([21, 22])]).spans.map(({ low, high }) => [low, high]),
    ).toEqual([
      [2050, 2050],
      [2150, 2150],
    ])
  })
  it('2 K apart the harsher counts both ways, and from an hour on it is asked', () => {
    const { spans, apartMinutes } = together([line([20, 20, 20]), line([22, 20, 20])])
    expect(spans[0]).toMatchObject({ low: 2000, high: 2200 })
    expect(apartMinutes).toBe(60)
    const short = { nearness: 0, spans: spansOf(series([22, 22], 29)) }
    expect(together([short, line([20, 20, 20])]).apartMinutes).toBe(0)
  })
  it('ranges that somebody typed contradict nobody, and the widest of them counts', () => {
    const typed = (low: number, high: number) => ({
      nearness: 10,
      spans: [{ from: 0, to: 300, low, high, of: 'typed' as const }],
    })
    const { spans, apartMinutes } = together([typed(500, 2400), typed(900, 3100)])
    expect(spans).toEqual([{ from: 0, to: 300, low: 500, high: 3100, of: 'typed' }])
    expect(apartMinutes).toBe(0)
  })
  it('the nearer one counts alone while it says something', () => {
    const { spans } = together([
      line([30, 30, 30, 30], 2),
      { nearness: 0, spans: spansOf(series([20])) },
    ])
    expect(spans).toMatchObject([{ high: 3000 }])
    const near = { nearness: 0, spans: spansOf(series([5, 5])) }
    expect(together([line([30, 30, 30, 30], 2), near]).spans.map(({ high }) => high)).toEqual([
      500, 3000,
    ])
  })
})

// ---- following a lot -----------------------------------------------------------------------------

const LOT = idOf<LotId>(5, 1)
const PART = idOf<LotId>(5, 2)
const [SHELF, GLOVEBOX, BAG] = [1, 2, 3].map((n) => idOf<PocketId>(3, n)) as [
  PocketId,
  PocketId,
  PocketId,
]
const at = (minute: number, fact: TimedMovement['fact'], lotId = LOT): TimedMovement => ({
  lotId,
  fact,
  minute,
})
const received = (minute: number, to: PocketId, count = 4) =>
  at(minute, { kind: 'received', to, amount: units(count) })
const moved = (minute: number, from: PocketId, to: PocketId, count: number) =>
  at(minute, { kind: 'moved', from, to, amount: units(count) })

describe('where a lot has been', () => {
  const paths = (all: readonly TimedMovement[], pocket: PocketId, lotId = LOT) =>
    (pathsOf(all).get(`${lotId}/${pocket}`) ?? []).map((path) =>
      path.map((stay) => [stay.pocketId, stay.from, stay.to]),
    )
  it('follows it from pocket to pocket', () => {
    const all = [received(0, SHELF), moved(10, SHELF, GLOVEBOX, 4), moved(30, GLOVEBOX, BAG, 4)]
    expect(paths(all, BAG)).toEqual([
      [
        [SHELF, 0, 10],
        [GLOVEBOX, 10, 30],
        [BAG, 30, null],
      ],
    ])
    expect(paths(all, SHELF)).toEqual([])
  })
  it('what comes together keeps every part’s way', () => {
    const all = [received(0, SHELF), moved(10, SHELF, GLOVEBOX, 2), moved(30, GLOVEBOX, SHELF, 1)]
    expect(paths(all, SHELF)).toEqual([
      [[SHELF, 0, null]],
      [
        [SHELF, 0, 10],
        [GLOVEBOX, 10, 30],
        [SHELF, 30, null],
      ],
    ])
  })
  it('a part that goes on as a lot of its own takes its past along', () => {
    const all = [
      received(0, GLOVEBOX),
      at(50, { kind: 'split_off', from: GLOVEBOX, amount: units(1), into: PART }),
      at(50, { kind: 'split_from', to: GLOVEBOX, amount: units(1), outOf: LOT }, PART),
      at(60, { kind: 'moved', from: GLOVEBOX, to: SHELF, amount: units(1) }, PART),
    ]
    expect(paths(all, SHELF, PART)).toEqual([
      [
        [GLOVEBOX, 0, 60],
        [SHELF, 60, null],
      ],
    ])
  })
  it('so does the last of it', () => {
    const all = [
      received(0, GLOVEBOX, 1),
      at(50, { kind: 'split_off', from: GLOVEBOX, amount: units(1), into: PART }),
      at(50, { kind: 'split_from', to: BAG, amount: units(1), outOf: LOT }, PART),
    ]
    expect(paths(all, BAG, PART)).toEqual([
      [
        [GLOVEBOX, 0, 50],
        [BAG, 50, null],
      ],
    ])
  })
  it('what was used and put back has been there all along', () => {
    const used = { kind: 'used', from: SHELF, amount: units(4) } as const
    const all = [
      received(0, SHELF),
      at(20, used),
      at(25, { kind: 'undone', undoes: idOf(9, 1), of: used }),
    ]
    expect(paths(all, SHELF)).toEqual([[[SHELF, 0, null]]])
  })
})

const HOME = idOf<PlaceId>(1, 1)
const CAR = idOf<PlaceId>(1, 2)
const site = (id: PocketId, placeId: PlaceId, more: Partial<PocketSite> = {}): PocketSite => ({
  id,
  kitId: idOf(2, placeId === CAR ? 2 : 1),
  placeId,
  sort: 'inside',
  spot: null,
  isCarried: false,
  ...more,
})
const SITES = [site(SHELF, HOME), site(GLOVEBOX, CAR), site(BAG, CAR, { isCarried: true })]
const log = (placeId: PlaceId, celsius: readonly number[]): Log => ({
  kind: 'logger',
  spot: { kind: 'place', id: placeId },
  name: 'Logger',
  series: series(celsius),
})
const DAYS = 24 * HOUR

describe('a household', () => {
  const hot = Array.from({ length: 20 * 24 }, (_, hour) => (hour % 24 < 12 ? 33 : 15))
  const cool = Array<number>(20 * 24).fill(20)
  const logs = [log(HOME, cool), log(CAR, hot)]
  const kindAt = (all: readonly TimedMovement[], now = 20 * DAYS, of = logs) =>
    Object.fromEntries(
      judgeHousehold(linesOf(of, SITES), all, () => keeping(), now).map((one) => [
        one.pocketId,
        one.verdict.kind,
      ]),
    )
  it('judges each part by where it lay, and moving it away mends nothing', () => {
    const all = [received(0, SHELF), moved(2 * DAYS, SHELF, GLOVEBOX, 2)]
    expect(kindAt(all)).toEqual({ [SHELF]: 'within', [GLOVEBOX]: 'beyond' })
    expect(kindAt([...all, moved(10 * DAYS, GLOVEBOX, SHELF, 2)])).toEqual({ [SHELF]: 'beyond' })
  })
  it('what somebody who knows has answered begins anew', () => {
    const released = at(6 * DAYS, {
      kind: 'amended',
      changes: {
        from: { standing: { kind: 'held', reason: 'Heat', exposure: true } },
        to: { standing: { kind: 'ready' } },
      },
    })
    const all = [received(0, GLOVEBOX), released, moved(6 * DAYS, GLOVEBOX, SHELF, 4)]
    expect(kindAt(all)).toEqual({ [SHELF]: 'within' })
    // What is parted off later was asked about with the rest; an answer that is taken back is none.
    const part = [
      at(7 * DAYS, { kind: 'split_off', from: SHELF, amount: units(1), into: PART }),
      at(7 * DAYS, { kind: 'split_from', to: SHELF, amount: units(1), outOf: LOT }, PART),
    ]
    const of = (more: readonly TimedMovement[]) =>
      judgeHousehold(linesOf(logs, SITES), [...all, ...more], () => keeping(), 20 * DAYS).map(
        (one) => [one.lotId, one.verdict.kind],
      )
    expect(of(part)).toEqual([
      [LOT, 'within'],
      [PART, 'within'],
    ])
    const taken = at(8 * DAYS, { kind: 'undone', undoes: idOf(9, 2), of: released.fact as never })
    expect(of([taken])).toEqual([[LOT, 'beyond']])
    // Another hold says nothing of heat.
    const other = at(6 * DAYS, {
      kind: 'amended',
      changes: {
        from: { standing: { kind: 'held', reason: 'Asked' } },
        to: { standing: { kind: 'ready' } },
      },
    })
    expect(kindAt([received(0, GLOVEBOX), other, moved(6 * DAYS, GLOVEBOX, SHELF, 4)])).toEqual({
      [SHELF]: 'beyond',
    })
  })
  it('what goes with somebody is not as warm as its place, nor a fridge as its room', () => {
    expect(kindAt([received(0, BAG)])).toEqual({})
    const fridge = site(SHELF, HOME, { sort: 'elsewhere', spot: 'fridge' })
    expect([...linesOf(logs, [fridge]).keys()]).toEqual([])
    const own: Log = { ...log(HOME, cool), spot: { kind: 'pocket', id: SHELF } }
    expect([...linesOf([own], [fridge]).keys()]).toEqual([SHELF])
  })
  it('moving never loses what was met: any way through the house keeps every hour', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 3 * DAYS }), fc.boolean()), { maxLength: 8 }),
        (steps) => {
          const all: TimedMovement[] = [received(0, SHELF)]
          const begins: [number, PocketId][] = [[0, SHELF]]
          let [minute, here] = [0, SHELF]
          for (const [long, isCar] of steps) {
            const next = isCar ? GLOVEBOX : SHELF
            minute += long
            if (next === here) continue
            all.push(moved(minute, here, next, 4))
            begins.push([minute, next])
            here = next
          }
          const now = Math.max(20 * DAYS, minute + 1)
          const [found] = judgeHousehold(linesOf(logs, SITES), all, () => keeping(), now)
          // Counted minute by minute of the day, apart from everything above.
          let above = 0
          for (const [n, [from, pocket]] of begins.entries()) {
            const to = begins[n + 1]?.[0] ?? now
            if (pocket !== GLOVEBOX) continue
            for (let hour = 0; hour < hot.length; hour++)
              if ((hot[hour] ?? 0) > 30)
                above += Math.max(
                  0,
                  Math.min(to, hour * HOUR + 30) - Math.max(from, hour * HOUR - 30),
                )
          }
          expect(found?.figures.above[THRESHOLDS.indexOf(3000)]).toBeCloseTo(above, 4)
        },
      ),
      { numRuns: 100 },
    )
  })
})

describe('limits', () => {
  it('every class has them or judges no warmth, and each counts its own threshold', () => {
    for (const storage of STORAGE_CLASS_IDS) {
      const limits = LIMITS[storage]
      if (limits) expect(THRESHOLDS).toContain(limits.above)
      else expect(['never-frozen', 'dry', 'dark', 'no-limit']).toContain(storage)
    }
  })
})

describe('frosts of a stretch', () => {
  it('are those of its spans taken one by one, however it is cut', () => {
    const spansWithGaps = fc
      .array(
        fc.tuple(
          fc.integer({ min: 1, max: 90 }),
          fc.integer({ min: -900, max: 500 }),
          fc.boolean(),
        ),
        {
          minLength: 1,
          maxLength: 60,
        },
      )
      .map((parts) => {
        let at = 0
        return parts.map(([minutes, low, gap]): Span => {
          const from = at + (gap ? 40 : 0)
          at = from + minutes
          return { from, to: at, low, high: low, of: 'measured' }
        })
      })
    fc.assert(
      fc.property(spansWithGaps, fc.nat(6000), fc.nat(6000), (spans, a, b) => {
        const [from, to] = [Math.min(a, b), Math.max(a, b) + 1]
        const plain: Frost[] = []
        for (const span of spans) {
          const [begin, end] = [Math.max(from, span.from), Math.min(to, span.to)]
          if (end <= begin || span.low > 0) continue
          const hard = span.low <= -500 ? end - begin : 0
          pushFrost(plain, {
            from: begin,
            to: end,
            lowest: span.low,
            hardMinutes: hard,
            hardAtBegin: hard,
            hardAtEnd: hard,
          })
        }
        expect(new Timeline(spans).between(from, to).frosts).toEqual(plain)
      }),
      { numRuns: 300 },
    )
  })
})

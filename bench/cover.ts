/** The cover board for a large household, as the browser would judge it on every toggle. */

import { addDays, monthOfDay, plainDate } from '../src/core/calendar/plainDate'
import { catalogue } from '../src/core/catalogue/catalogue'
import { itemFacts } from '../src/core/catalogue/itemFacts'
import type { Question } from '../src/core/cover/asking'
import { board } from '../src/core/cover/board'
import { type CoverStock, pantry } from '../src/core/cover/pantry'
import { DEFAULT_SCHOOLS } from '../src/core/cover/schools'
import { blankFacts, type Member } from '../src/core/household/member'
import { SPECIES } from '../src/core/household/species'
import type { ItemId, KitId, LotId, MemberId, PlaceId, PocketId, WeighingId } from '../src/core/ids'
import { judgeAgain } from '../src/core/judgement/again'
import { judge } from '../src/core/judgement/judgement'
import { amount, units } from '../src/core/quantity/amount'

const TODAY = plainDate('2026-11-26')
const named = <Id extends string>(kind: string, n: number) => `${kind}-${n}` as Id

/** So many members, kits and lots; every item of the catalogue is kept. */
export function largeCoverStock(members: number, kits: number, lots: number): CoverStock {
  const entries = [...catalogue().values()]
  const items = entries.map((entry, at) => ({
    item: {
      id: named<ItemId>('item', at),
      name: entry.name,
      strength: entry.strength,
      unit: entry.unit,
      kind: entry.kind,
      openedClock: { kind: 'unset' as const },
      packSize: null,
      packPriceMinor: null,
      shop: '',
    },
    facts: itemFacts(entry, entry, {}),
  }))
  const people = Array.from({ length: members }, (_, n): Member => {
    const species = n < 7 ? 'person' : (SPECIES[1 + (n % 5)] ?? 'dog')
    return {
      id: named<MemberId>('member', n),
      name: `Member ${n}`,
      species,
      born: addDays(TODAY, -500 - n * 1500),
      helper: n > 4 && n < 7,
      note: '',
      facts: blankFacts(species),
      weighings: [{ id: named<WeighingId>('w', n), on: addDays(TODAY, -10), grams: 20_000 }],
      guestUntil: null,
      version: 1,
    }
  })
  return {
    members: people,
    courses: [],
    leftOut: [],
    places: [
      {
        id: named<PlaceId>('place', 0),
        name: 'Cottage',
        hue: 'fern',
        minutesToHelp: 90,
        traits: ['night', 'cold', 'ticks', 'vehicle', 'water', 'blades'],
        isStore: true,
        usuallyThere: [],
      },
    ],
    kits: Array.from({ length: kits }, (_, n) => ({
      id: named<KitId>('kit', n),
      placeId: named<PlaceId>('place', 0),
      name: `Kit ${n}`,
      range: null,
      whom: 'everybody' as const,
      minutesAway: null,
    })),
    pockets: Array.from({ length: kits }, (_, n) => ({
      id: named<PocketId>('pocket', n),
      kitId: named<KitId>('kit', n),
      name: 'Main',
      reachSeconds: n,
    })),
    items,
    lots: Array.from({ length: lots }, (_, n) => ({
      id: named<LotId>('lot', n),
      itemId: named<ItemId>('item', n % items.length),
      expiry: { kind: 'day' as const, day: addDays(TODAY, (n % 900) - 60) },
      opened: { kind: 'sealed' as const },
      condition: 'sound' as const,
      standing: { kind: 'ready' as const },
      forMember: null,
    })),
    holdings: Array.from({ length: lots }, (_, n) => ({
      lotId: named<LotId>('lot', n),
      pocketId: named<PocketId>('pocket', n % kits),
      amount: units(1 + (n % 5)),
    })),
    schools: DEFAULT_SCHOOLS,
    labels: 'us',
    signed: [],
  }
}

const median = (values: number[]): number => values.sort((a, b) => a - b)[values.length >> 1] ?? 0

/** Milliseconds for the whole board, medians of so many toggles, each another question. */
export function timeBoard(members: number, kits: number, lots: number, times = 40) {
  const stock = largeCoverStock(members, kits, lots)
  const laid = pantry(stock)
  const all = stock.kits.map(({ id }) => id)
  const durations = Array.from({ length: times }, (_, n) => {
    const place = stock.places[0]
    if (!place) throw new Error('There is a place')
    const question: Question = {
      date: addDays(TODAY, n * 11),
      place,
      kits: new Set(all.filter((_one, at) => at !== n % kits)),
      members: new Set(stock.members.map(({ id }) => id)),
      skills: new Set(['first-aid', 'tourniquet']),
      without: new Set(),
      days: 1 + (n % 4),
    }
    const start = performance.now()
    board(laid, question)
    return performance.now() - start
  })
  const [first = 0] = durations
  return { first, median: median(durations), cells: stock.members.length }
}

/** Milliseconds for the judgement of the household, medians: today, and until so many days ahead. */
export function timeJudgement(members: number, kits: number, lots: number, times = 9) {
  const stock = largeCoverStock(members, kits, lots)
  const monthly = {
    ...stock,
    // Packs end with a month; what is opened ends in between.
    lots: stock.lots.map((lot, n) =>
      n % 20 === 0 || lot.expiry.kind !== 'day'
        ? lot
        : { ...lot, expiry: { kind: 'month' as const, month: monthOfDay(lot.expiry.day) } },
    ),
  }
  const until = (days: number): number =>
    median(
      Array.from({ length: times }, () => {
        const laid = pantry(monthly)
        const ends = new Map(stock.places.map(({ id }) => [id, addDays(TODAY, days)]))
        const start = performance.now()
        judge(laid, TODAY, ends)
        return performance.now() - start
      }),
    )
  const first = pantry(monthly)
  const ends = new Map(stock.places.map(({ id }) => [id, addDays(TODAY, 400)]))
  const before = { pantry: first, judgement: judge(first, TODAY, ends) }
  const afterOneAct = median(
    Array.from({ length: times }, (_, n) => {
      // One is taken out of a lot, another lot each time.
      const holdings = monthly.holdings.map((holding, at) =>
        at === n * 131
          ? { ...holding, amount: amount(Math.max(0, holding.amount - 1000)) }
          : holding,
      )
      const laid = pantry({ ...monthly, holdings })
      const start = performance.now()
      judgeAgain(before, laid, TODAY, ends)
      return performance.now() - start
    }),
  )
  return { today: until(0), month: until(30), year: until(400), afterOneAct }
}

/** Judges the board in Chromium, where the household will: bundled as the application is. */
export async function timeBoardInBrowser(
  ...size: readonly [members: number, kits: number, lots: number]
): Promise<ReturnType<typeof timeBoard>> {
  const { build } = await import('esbuild')
  const { chromium } = await import('@playwright/test')
  const { outputFiles } = await build({
    stdin: {
      contents: `import { timeBoard } from './bench/cover'; window.timeBoard = timeBoard`,
      resolveDir: process.cwd(),
    },
    bundle: true,
    write: false,
    format: 'iife',
    minify: true,
    external: ['esbuild', '@playwright/test'],
  })
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking'],
  })
  try {
    const page = await browser.newPage()
    await page.addScriptTag({ content: outputFiles[0]?.text ?? '' })
    return await page.evaluate(
      (given) => (window as unknown as { timeBoard: typeof timeBoard }).timeBoard(...given),
      [...size] as [number, number, number],
    )
  } finally {
    await browser.close()
  }
}

/**
 * Measures in one run and reports ratios: Watch for 6,000 lots in 40 kits as computation, as an
 * endpoint against the same SQL sent straight through the driver, and as a screen; and how much
 * script the screen ships. ./satchel bench
 */
import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
import pg from 'pg'
import { accountsUrl } from '../src/api/runtime'
import { createAuth } from '../src/app/account/signIn'
import { revisionCache } from '../src/app/frame/cache'
import { type Caller, clockFrom, type World } from '../src/app/frame/world'
import { createHousehold } from '../src/app/household/householdActs'
import { bringIn } from '../src/app/imports/bringIn'
import { checkKit } from '../src/app/kits/kitActs'
import { addMember } from '../src/app/members/memberActs'
import { readWatch } from '../src/app/watch/readWatch'
import { plainDate } from '../src/core/calendar/plainDate'
import { lookahead } from '../src/core/calendar/presence'
import { NEEDS } from '../src/core/cover/needs'
import type { HouseholdId } from '../src/core/ids'
import { ribbon } from '../src/core/watch/ribbon'
import { type HouseholdStock, survey } from '../src/core/watch/survey'
import { createDb, createPool, inHousehold } from '../src/db/frame/connect'
import { readStock } from '../src/db/stock/stock'
import { standInServices } from '../src/standIns/services'
import {
  databaseUrl,
  freshDatabase,
  SECRET,
  startServer,
  TODAY,
} from '../tests/browser/support/serve'
import { statementsOf } from '../tests/support/statements'
import { timeBoard, timeBoardInBrowser, timeJudgement } from './cover'
import { timeExposure } from './exposure'
import { timeForecasts } from './forecast'
import { compareLayouts } from './layout'
import { comparePlans } from './restock'
import { timeStockScreen } from './stock'
import { timePacking } from './trips'

const LOTS = 6000
const KITS = 40
const RUNS = 40
const THINGS = ['Gauze', 'Cetirizine', 'Saline', 'Tape', 'Eye drops', 'Gloves', 'Wipes']

async function median(
  runs: number,
  work: () => unknown,
  before: () => unknown = () => {},
): Promise<number> {
  const times: number[] = []
  for (let run = -3; run < runs; run++) {
    await before()
    const start = performance.now()
    await work()
    if (run >= 0) times.push(performance.now() - start)
  }
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)] ?? 0
}
const ms = (value: number) => `${value.toFixed(1)} ms`

/** Lines of a list as varied as a household's: dated, undated, opened, thin and spent. */
const lines = (count: number) =>
  Array.from({ length: count }, (_, n) => ({
    line: n + 1,
    cells: {
      item: `${THINGS[n % THINGS.length]} ${(n * 7919) % 400}`,
      amount: String((n % 9) + 1),
      par: String((n % 7) + 2),
      expiry: n % 11 === 0 ? 'none' : `2027-${String((n % 12) + 1).padStart(2, '0')}`,
      batch: `B${n}`,
      place: `Place ${(n % KITS) % 6}`,
      kit: `Kit ${n % KITS}`,
      pocket: `Pocket ${Math.floor(n / KITS) % 12}`,
      ...(n % 13 === 0 && { opened: '2026-09-01' }),
    },
  }))

async function aHousehold(world: World, caller: Caller, count: number): Promise<void> {
  await createHousehold(
    world.db,
    { id: caller.householdId, name: 'Bench', timeZone: 'Europe/Oslo' },
    { id: caller.userId, name: caller.name },
  )
  await bringIn(world, caller, {
    key: randomUUID(),
    name: 'bench',
    fallback: { place: 'Home', kit: 'Kit', pocket: 'Pocket' },
    claimedOn: null,
    lines: lines(count),
  })
  await aFamily(world, caller)
}

/** A family: grown-ups, children, a dog. */
const FAMILY = [
  ['Ilse', 'person', '1986-03-02', true],
  ['Tove', 'person', '1984-11-20', true],
  ['Ned', 'person', '2018-05-14', false],
  ['Runa', 'person', '2025-06-01', false],
  ['Bram', 'dog', '2020-02-01', false],
] as const

async function aFamily(world: World, caller: Caller): Promise<void> {
  for (const [name, species, born, helper] of FAMILY)
    await addMember(world, caller, {
      key: randomUUID(),
      name,
      species,
      born: plainDate(born),
      helper,
      note: '',
      facts: null,
      guestUntil: null,
      grams: null,
    })
}

function compute(stock: HouseholdStock): void {
  const judged = survey(stock, plainDate(TODAY), lookahead(30))
  ribbon(judged, ({ item }) => item.essential)
}

/** The compressed size of every script that a page loads, following imports. */
async function scriptBytes(address: string, cookie: string): Promise<number> {
  const html = await (await fetch(address, { headers: { cookie } })).text()
  const seen = new Set<string>()
  const follow = (path: string): number => {
    if (seen.has(path)) return 0
    seen.add(path)
    const text = readFileSync(`dist/client${path}`, 'utf8')
    const imported = [...text.matchAll(/(?:from|import)\s*["'](\.\/[^"']+\.js)["']/g)].map(
      ([, file]) => `/_astro/${file?.slice(2)}`,
    )
    return (
      gzipSync(text, { level: 9 }).length + imported.reduce((sum, file) => sum + follow(file), 0)
    )
  }
  const roots = [...html.matchAll(/(?:component-url|renderer-url|src)="(\/[^"]+\.js)"/g)].map(
    ([, path]) => path ?? '',
  )
  return roots.reduce((sum, path) => sum + follow(path), 0)
}

await freshDatabase('bench')
const url = databaseUrl('DATABASE_URL', 'bench')
const db = createDb(createPool(url, 4))
const world: World = {
  db,
  now: clockFrom(TODAY),
  surveys: revisionCache(),
  services: standInServices,
}
const server = await startServer(url)
const accounts = createPool(accountsUrl(url), 1)
const auth = createAuth(accounts, { secret: SECRET, baseUrl: server.address, alsoTrusted: [] })
const signUp = async (email: string) => {
  const { headers, response } = await auth.api.signUpEmail({
    body: { email, password: 'ten letters and more', name: 'Ilse' },
    returnHeaders: true,
  })
  const caller: Caller = {
    userId: response.user.id,
    name: 'Ilse',
    householdId: randomUUID() as HouseholdId,
    role: 'keeper',
  }
  return { caller, cookie: (headers.getSetCookie()[0] ?? '').split(';')[0] ?? '' }
}

const large = await signUp('large@example.invalid')
const small = await signUp('small@example.invalid')
await aHousehold(world, large.caller, LOTS)
await aHousehold(world, small.caller, LOTS / 10)
const owner = new pg.Client({ connectionString: databaseUrl('ADMIN_DATABASE_URL', 'bench') })
await owner.connect()
await owner.query('analyze')
await owner.end()

const stockOf = (caller: Caller) => inHousehold(db, caller.householdId, (trx) => readStock(trx))
const [stock, tenth] = [await stockOf(large.caller), await stockOf(small.caller)]
console.log(
  `${stock.lots.length} lots in ${stock.kits.length} kits, ${stock.pars.length} pars; medians of ${RUNS} runs`,
)

const computed = await median(RUNS, () => compute(stock))
const computedTenth = await median(RUNS, () => compute(tenth))
console.log(
  `${'computation'.padEnd(36)} ${ms(computed).padStart(9)}   ${(computed / computedTenth).toFixed(1)} × that of a tenth of the lots`,
)

const statements = await statementsOf(url, world, (alone) => readWatch(alone, large.caller))
const driver = new pg.Client({ connectionString: url })
await driver.connect()
const straight = await median(RUNS, async () => {
  for (const { text, values } of statements) await driver.query(text, [...values])
})
await driver.end()
console.log(
  `${`the same ${statements.length} statements by the driver`.padEnd(36)} ${ms(straight).padStart(9)}`,
)
const read = await median(RUNS, () =>
  readWatch({ ...world, surveys: revisionCache(), services: standInServices }, large.caller),
)
const headers = { cookie: large.cookie }
const get = async (path: string) => {
  const answer = await fetch(`${server.address}${path}`, { headers })
  if (!answer.ok) throw new Error(`${path} answered ${answer.status}`)
  await answer.arrayBuffer()
}
const [looked] = stock.kits
if (!looked) throw new Error('The household has kits')
/** Raises the revision, so that the next answer is made from the record. */
const change = () => checkKit(world, large.caller, { key: randomUUID(), kitId: looked.id })
async function reportBoard(): Promise<void> {
  const [members, kits, lots] = [12, 20, 3000]
  const here = timeBoard(members, kits, lots)
  const large = timeBoard(members, kits, 12_000)
  const browser = await timeBoardInBrowser(members, kits, lots)
  console.log(
    `\nCover board, ${NEEDS.length} needs, ${members} members, ${kits} kits, ${lots} lots`,
  )
  const line = (name: string, value: number) =>
    console.log(
      `${name.padEnd(36)} ${ms(value).padStart(9)}   ${(value / here.median).toFixed(2)} × the core`,
    )
  line('core, median of toggles', here.median)
  line('core, 12,000 lots', large.median)
  line('Chromium, median of toggles', browser.median)
  line('Chromium, first', browser.first)
  const judged = timeJudgement(members, kits, lots)
  line('judgement, today', judged.today)
  line('judgement, 30 days', judged.month)
  line('judgement, 400 days (goal 300 ms)', judged.year)
  line('the same after one act (goal 50 ms)', judged.afterOneAct)
}

const report = (name: string, value: number) =>
  console.log(
    `${name.padEnd(36)} ${ms(value).padStart(9)}   ${(value / straight).toFixed(2)} × the driver`,
  )
report('use case, from the record', read)
report('endpoint, first after a change', await median(RUNS, () => get('/api/watch'), change))
report('endpoint', await median(RUNS, () => get('/api/watch')))
report('screen, first after a change', await median(RUNS, () => get('/'), change))
report('screen', await median(RUNS, () => get('/')))
const bytes = await scriptBytes(`${server.address}/`, large.cookie)
console.log(
  `${'compressed script of the screen'.padEnd(36)} ${(bytes / 1000).toFixed(0).padStart(6)} kB`,
)

await reportBoard()

const packing = await timePacking()
console.log(
  `\nPacking for ${packing.members} people and animals, ${packing.days} days, ${packing.bags} bags, ${packing.lots} lots: laid out in ${ms(packing.laidOut)}, to 1 % in ${ms(packing.toOnePercent)}, proven in ${ms(packing.toProven)}; ${packing.grams} g, by hand ${packing.byHandGrams} g with ${packing.byHandMissed} more left out`,
)
const exposure = timeExposure()
console.log(
  `\nHeat and frost: a year of hourly readings of ${exposure.places} places and ${exposure.lots} lots judged in ${ms(exposure.judged)} (goal 300 ms), the year of one place drawn up in ${ms(exposure.drawn)} (goal 20 ms)`,
)
const layouts = compareLayouts(200)
console.log(
  `\nLayouts of ${layouts.cases} seeded kits: score of the computed layout over first-fit's, less is better`,
)
console.log(
  `mean ${layouts.mean.toFixed(3)}, best ${layouts.best.toFixed(3)}, worst ${layouts.worst.toFixed(3)}; no better in ${layouts.even}; proven optimal in ${layouts.proven}; ${ms(layouts.median)} a kit, at most ${ms(layouts.longest)}`,
)

console.log('\nRestocking over all places')
for (const line of await comparePlans()) console.log(line)
for (const line of timeForecasts()) console.log(line)

report('stock endpoint, first after a change', await median(8, () => get('/api/stock'), change))
report('stock endpoint', await median(8, () => get('/api/stock')))
const screen = await timeStockScreen(server.address, large.cookie)
console.log(`\nStock screen, ${LOTS} lots, ${screen.rowsDrawn} rows drawn at a time`)
console.log(
  `first row after ${ms(screen.firstRow)}; filtered in ${ms(screen.filter)}; frames while scrolling ${ms(screen.frames.median)} median, ${ms(screen.frames.p95)} p95, ${ms(screen.frames.worst)} worst: ${(screen.frames.p95 / screen.bare.p95).toFixed(2)} × the p95 of an empty page`,
)

server.process.kill()
await db.destroy()
await accounts.end()

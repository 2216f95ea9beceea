/** Whatever stock the contract takes, every endpoint can read, and every act on it answers in words. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Caller } from '../../src/app/frame/world'
import { allEndpoints } from '../../src/contract'
import { aHousehold, application, newKey, send } from '../support/application'
import { cared, minded, stocked } from '../support/stocked'

const app = application()
const AWAY = new Set(['shop_silent', 'bulletins_silent'])

const put = async (caller: Caller, path: string, body: object, method = 'POST') => {
  const answer = await send(method, path, { caller, body, key: newKey() })
  return { status: answer.status, ...(await answer.json()) }
}

/** Every read of the household; the names of those that fail. */
async function unreadable(caller: Caller, ids: Record<string, string>): Promise<string[]> {
  const failed: string[] = []
  for (const [name, endpoint] of allEndpoints) {
    if (endpoint.method !== 'GET' || endpoint.door !== 'household') continue
    const path = endpoint.path.replace(/\{(\w+)\}/g, (_, param: string) => ids[param] ?? 'x')
    const answer = await send('GET', path, { caller })
    if (answer.status >= 500) {
      const { code } = await answer.json()
      if (!AWAY.has(code)) failed.push(`${name} ${answer.status} ${code}`)
    }
  }
  for (const path of ['/api/calendar.ics', '/api/export.csv', `/api/kits/${ids.kitId}/sheet.pdf`]) {
    const answer = await send('GET', path, { caller })
    if (answer.status !== 200) failed.push(`${path} ${answer.status}`)
  }
  return failed
}

async function aKitOf(name: string) {
  const caller = await aHousehold(app.world, name)
  const stock = await stocked(app.world, caller)
  const ids = {
    ...(Object.fromEntries(Object.entries(stock)) as Record<string, string>),
    ...(await cared(app.world, caller, stock)),
    ...(await minded(app.world, caller, stock)),
  }
  return { caller, stock, ids }
}

describe('two lots of sixty thousand in one pocket', () => {
  it('are read on every screen, added up, and taken out again', async () => {
    const { caller, stock, ids } = await aKitOf('Ilse')
    const receive = (expiry: string) =>
      put(caller, `/api/pockets/${stock.lid}/lots`, {
        item: { id: stock.itemId },
        amount: 60_000_000,
        expiry: { kind: 'month', month: expiry },
      })
    const [first, second] = [await receive('2028-03'), await receive('2029-03')]
    expect([first.status, second.status]).toEqual([200, 200])
    expect(await unreadable(caller, ids)).toEqual([])
    const kit = await (await send('GET', `/api/kits/${stock.kitId}`, { caller })).json()
    const line = kit.pockets
      .flatMap((pocket: { lines: { item: { id: string }; good: number }[] }) => pocket.lines)
      .find((one: { item: { id: string } }) => one.item.id === stock.itemId)
    expect(line.good).toBe(120_010_000)
    expect((await put(caller, `/api/acts/${second.actId}/undo`, {})).status).toBe(200)
    expect(await unreadable(caller, ids)).toEqual([])
  })
  it('of one date cannot all lie in one pocket, and that is said', async () => {
    const { caller, stock } = await aKitOf('Ilse')
    const lot = await put(caller, `/api/pockets/${stock.lid}/lots`, {
      item: { id: stock.itemId },
      amount: 60_000_000,
      expiry: { kind: 'none' },
    })
    await put(caller, `/api/lots/${lot.lotId}/move`, {
      pocketId: stock.lid,
      to: stock.tray,
      amount: 60_000_000,
      seenVersion: 1,
    })
    await put(caller, `/api/lots/${lot.lotId}/count`, {
      pocketId: stock.lid,
      found: 60_000_000,
      seenVersion: 2,
    })
    const moved = await put(caller, `/api/lots/${lot.lotId}/move`, {
      pocketId: stock.lid,
      to: stock.tray,
      amount: 60_000_000,
      seenVersion: 3,
    })
    expect([moved.status, moved.code]).toEqual([422, 'too_much'])
    expect(moved.detail).toContain('60000')
  })
})

describe('any stock', () => {
  const amount = fc.oneof(
    fc.constantFrom(1, 999, 1000, 99_999_999, 100_000_000),
    fc.integer({ min: 1, max: 100_000_000 }),
  )
  const day = fc.constantFrom('1900-01-01', '2026-11-25', '2026-11-26', '2100-12-31')
  const aLot = fc.record({
    name: fc.constantFrom(
      'Saline',
      'Ibuprofen 200 mg',
      'Adrenaline pen',
      'Nitrile gloves',
      'Plasters',
      'Paracetamol liquid 120 mg/5 mL',
      'Oral rehydration salts',
      'Eye patch',
    ),
    unit: fc.constantFrom('', 'mL', 'tablets', 'pairs'),
    amount,
    par: fc.option(amount),
    expiry: fc.oneof(
      day.map((one) => ({ kind: 'day', day: one })),
      fc.constantFrom({ kind: 'none' }, { kind: 'unknown' }, { kind: 'month', month: '2199-12' }),
    ),
    unitPriceMinor: fc.option(fc.constantFrom(0, 1, 100_000_000)),
    packSize: fc.option(amount),
    packPriceMinor: fc.option(fc.constantFrom(0, 1, 100_000_000)),
    inTray: fc.boolean(),
    opened: fc.boolean(),
  })
  const perDay = fc.option(fc.constantFrom(1, 1, 500, 100_000_000))
  it('that is taken is read by every endpoint', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.uniqueArray(aLot, { selector: ({ name }) => name, minLength: 1, maxLength: 6 }),
        perDay,
        fc.constantFrom(null, null, '2026-11-26', '2100-12-31'),
        async (lots, daily, endsOn) => {
          const { caller, stock, ids } = await aKitOf('Ilse')
          for (const { name, unit, inTray, opened, packSize, packPriceMinor, ...lot } of lots) {
            const received = await put(
              caller,
              `/api/pockets/${inTray ? stock.tray : stock.lid}/lots`,
              {
                item: { new: { name, strength: '', unit, purpose: '', forWhom: '' } },
                ...lot,
                ...(opened && { openedOn: '2026-11-01' }),
              },
            )
            expect([received.status, received.code]).toEqual([200, undefined])
            const item = await put(
              caller,
              `/api/items/${received.itemId}`,
              { seenVersion: 1, packSize, packPriceMinor, essential: true },
              'PATCH',
            )
            expect([item.status, item.code]).toEqual([200, undefined])
            const course = await put(caller, `/api/members/${stock.memberId}/courses`, {
              itemId: received.itemId,
              reason: '',
              prescriber: '',
              directions: '',
              perDay: daily,
              startsOn: '2026-11-26',
              endsOn,
            })
            expect(course.status).toBeLessThan(500)
          }
          expect(await unreadable(caller, ids)).toEqual([])
        },
      ),
      { numRuns: 12, seed: 20261126, endOnFailure: true },
    )
  })
})

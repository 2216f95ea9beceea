import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  aKit,
  aLot,
  anItem,
  aPlace,
  aPocket,
  surveyed,
  TODAY,
} from '../../../tests/support/household'
import { formatExpiry } from '../calendar/expiry'
import { addDays, monthOfDay, plainDate } from '../calendar/plainDate'
import { amount } from '../quantity/amount'
import type { HouseholdStock } from '../watch/survey'
import { exportList, templateList } from './exportList'
import { columnsOf, fieldOf } from './headings'
import type { Known } from './known'
import { planImport, siteOf } from './planImport'
import { readLine } from './readLine'
import { readList } from './readList'
import { readTable, safeCell, writeTable } from './table'
import { MOST_BYTES, readPastedText, readTextFile } from './textFile'

const options = { order: 'day-first', today: TODAY } as const
const fallback = { place: 'Home', kit: 'First aid kit', pocket: 'Main pocket' }
const table = (text: string) => {
  const reading = readTable(text)
  if (reading.kind === 'refused') throw new Error(reading.code)
  return reading.table
}
const rowsOf = (text: string) => {
  const read = table(text)
  return readList(read, read.columns, options).rows
}
const knownOf = (stock: HouseholdStock): Known => ({
  items: [...stock.items],
  pockets: stock.pockets.map((pocket) => {
    const kit = stock.kits.find(({ id }) => id === pocket.kitId)
    return {
      id: pocket.id,
      pocket: pocket.name,
      kit: kit?.name ?? '',
      place: stock.places.find(({ id }) => id === kit?.placeId)?.name ?? '',
    }
  }),
  lots: stock.holdings.flatMap((holding) => {
    const lot = stock.lots.find(({ id }) => id === holding.lotId)
    return lot
      ? [
          {
            itemId: lot.itemId,
            pocketId: holding.pocketId,
            amount: holding.amount,
            expiry: formatExpiry(lot.expiry),
            openedOn: lot.opened.kind === 'opened' ? lot.opened.on : null,
            batch: lot.batch,
          },
        ]
      : []
  }),
  pars: [...stock.pars],
})

describe('headings in people’s own words', () => {
  it.each([
    ['exp', 'expiry'],
    ['Best before', 'expiry'],
    ['USE BY', 'expiry'],
    ['qty', 'amount'],
    ['How many', 'amount'],
    ['where', 'place'],
    ['bin', 'pocket'],
    ['what for', 'purpose'],
    ['should have', 'par'],
    ['Date opened', 'opened'],
    ['Price (each)', 'price'],
    ['lot no.', 'batch'],
    ['Colour', null],
  ])('%s is %s', (heading, field) => {
    expect(fieldOf(heading)).toBe(field)
  })
  it('take a field once, from the first column that names it', () => {
    expect(columnsOf(['item', 'qty', 'how many'])).toEqual(['item', 'amount', 'kept'])
  })
})

describe('files', () => {
  it('are read as UTF-8, as UTF-16 by its mark, else as Windows-1252', () => {
    const text = 'Item;Qty\nPflaster für Ned ½;2\n'
    const cp1252 = Uint8Array.from([...text].map((c) => c.charCodeAt(0)))
    expect(readTextFile(new TextEncoder().encode(`\uFEFF${text}`))).toEqual({
      kind: 'text',
      text,
      encoding: 'utf-8',
    })
    expect(readTextFile(cp1252)).toEqual({ kind: 'text', text, encoding: 'windows-1252' })
    expect(readTextFile(new Uint8Array(Buffer.from(`\uFEFF${text}`, 'utf16le')))).toMatchObject({
      text,
      encoding: 'utf-16',
    })
  })
  it('are refused with a reason when they are no list', () => {
    const refused = (bytes: Uint8Array) => {
      const reading = readTextFile(bytes)
      return reading.kind === 'refused' ? reading.code : 'text'
    }
    expect(refused(new Uint8Array(MOST_BYTES + 1))).toBe('too_large')
    expect(refused(Uint8Array.from([0x50, 0x4b, 3, 4, 20, 0]))).toBe('workbook')
    expect(refused(Uint8Array.from({ length: 400 }, (_, i) => i % 32))).toBe('not_text')
    expect(refused(new Uint8Array())).toBe('empty')
    expect(readPastedText(' \n ')).toEqual({ kind: 'refused', code: 'empty' })
    expect(readTable('a\n'.repeat(20_001))).toEqual({ kind: 'refused', code: 'too_many_lines' })
  })
  it.each([
    ['commas', 'item,qty\n"Pads, sterile",3'],
    ['semicolons', 'qty;item\n3;Pads, sterile'],
    ['tabs', 'item\tqty\nPads, sterile\t3'],
    ['a title above', 'Our kits 2026;;\n\nitem;qty;exp\nPads, sterile;3;03/28'],
  ])('split at %s', (_, text) => {
    expect(rowsOf(text)).toMatchObject([
      { reading: { kind: 'ready', value: { item: 'Pads, sterile', amount: 3000 } } },
    ])
  })
  it('take a line that stands alone as the kit of those below', () => {
    const rows = rowsOf('item;qty\n== Boot bag ==;\nPads;3\nHall box:;\nTape;1')
    expect(rows.map(({ cells }) => [cells.item, cells.kit])).toEqual([
      ['Pads', 'Boot bag'],
      ['Tape', 'Hall box'],
    ])
  })
})

describe('a messy list of sixty lines', () => {
  const rows = rowsOf(
    readFileSync(new URL('../../../tests/lists/messy.csv', import.meta.url), 'utf8'),
  )
  const of = (kind: string) => rows.filter(({ reading }) => reading.kind === kind)
  it('is read but for the lines that need somebody', () => {
    expect(rows).toHaveLength(60)
    expect(of('ask').map(({ cells }) => cells.item)).toEqual([
      'Ibuprofen liquid',
      'Eye drops, lubricating',
      'Recovery food',
      'Travel tablets',
      'Space heater pads',
    ])
    expect(
      of('fault').map(({ cells, reading }) => [
        cells.item ?? '',
        reading.kind === 'fault' && reading.faults.map(({ field }) => field).join(),
      ]),
    ).toEqual([
      ['Charcoal tablets', 'expiry'],
      ['Cough syrup', 'amount'],
      ['Iodine', 'amount'],
      ['', 'item'],
    ])
  })
  it('keeps markup and formulas as the plain text they are', () => {
    expect(rows.map(({ cells }) => cells.item)).toContain('<b>Bandage</b>')
    expect(rows.map(({ cells }) => cells.note)).toContain('=HYPERLINK("http://example.invalid")')
  })
  it('makes the places, kits and items it names, once', () => {
    const ready = rows.flatMap(({ line, reading }) =>
      reading.kind === 'ready' ? [{ line, value: reading.value }] : [],
    )
    const plan = planImport(ready, { items: [], pockets: [], lots: [], pars: [] }, fallback)
    expect(plan.newPlaces).toEqual(['Home', 'Car', 'Cottage', 'Bike'])
    expect(plan.newKits).toEqual(['Hall box', 'Animal tote', 'Boot bag', 'Pantry roll', 'Pannier'])
    expect(new Set(plan.newItems).size).toBe(plan.newItems.length)
    expect(plan.lines.filter(({ kind }) => kind === 'only_par')).toHaveLength(1)
  })
})

describe('one line', () => {
  it('lists every fault, not only the first', () => {
    const reading = readLine(
      {
        item: '',
        amount: '-1',
        expiry: '31/02/2027',
        price: 'cheap',
        opened: '11/2026',
        note: 'x'.repeat(2001),
      },
      options,
    )
    expect(
      reading.kind === 'fault' && reading.faults.map(({ field, code }) => `${field}: ${code}`),
    ).toEqual([
      'note: too_long',
      'item: missing',
      'expiry: date',
      'opened: not_a_day',
      'amount: amount',
      'price: not_a_price',
    ])
  })
  it('refuses an opening that has not happened yet', () => {
    expect(readLine({ item: 'Drops', opened: '2026-12-24' }, options)).toMatchObject({
      faults: [{ field: 'opened', code: 'in_future' }],
    })
  })
  it('goes to its own place’s kit when it names only the place', () => {
    expect(siteOf({ place: 'Car', kit: '', pocket: '' }, fallback)).toEqual({
      place: 'Car',
      kit: 'Car kit',
      pocket: 'Main pocket',
    })
    expect(siteOf({ place: '', kit: '', pocket: 'Lid' }, fallback)).toEqual({
      place: 'Home',
      kit: 'First aid kit',
      pocket: 'Lid',
    })
  })
})

describe('cells', () => {
  it('are safe for spreadsheets and read back as they were', () => {
    const aCell = fc.oneof(
      fc.constantFrom('=1+1', '+49', '-x', '@sum', "'quoted", '"', 'a,b;c'),
      fc.string().map((text) => text.replace(/[\r\n\t]/g, ' ').trim()),
    )
    fc.assert(
      fc.property(fc.array(aCell, { minLength: 2, maxLength: 6 }), (cells) => {
        for (const cell of cells) expect(safeCell(cell)).not.toMatch(/^[=+\-@\t\r]/)
        const text = writeTable(
          ['item', 'qty', 'exp', 'where', 'bin', 'note'].slice(0, cells.length),
          [['Thing', ...cells.slice(1)]],
        )
        expect(table(text).rows[0]?.cells.slice(1)).toEqual(cells.slice(1))
      }),
    )
  })
})

describe('export, then import', () => {
  const text = fc.stringMatching(/^[A-Za-zÅéµ=+@'"<>&;,/-][A-Za-z0-9Åé½ =+@'"<>&;,/-]{0,18}[a-z]$/)
  const aStock = fc
    .record({
      names: fc.uniqueArray(text, {
        minLength: 1,
        maxLength: 5,
        selector: (name) => name.toLowerCase().replace(/\s+/g, ' '),
      }),
      units: fc.array(fc.constantFrom('', 'tablet', 'pair', 'ml', 'box'), {
        minLength: 5,
        maxLength: 5,
      }),
      lots: fc.array(
        fc.record({
          item: fc.nat(4),
          pocket: fc.nat(2),
          amount: fc.integer({ min: 1, max: 90_000 }),
          ahead: fc.integer({ min: -4000, max: 20_000 }),
          sort: fc.constantFrom('day', 'month', 'none', 'unknown'),
          opened: fc.boolean(),
          batch: fc.constantFrom('', 'B7', '0012', '=A'),
          price: fc.option(fc.nat(99_999)),
          note: fc.oneof(fc.constant(''), text),
        }),
        { maxLength: 14 },
      ),
      pars: fc.array(
        fc.record({
          item: fc.nat(4),
          pocket: fc.nat(2),
          amount: fc.integer({ min: 1, max: 40_000 }),
        }),
        { maxLength: 6 },
      ),
    })
    .map(({ names, units, lots, pars }): HouseholdStock => {
      const places = [aPlace(1, 'Home'), aPlace(2, 'Car, blue')]
      const kits = [aKit(1, places[0] as never), aKit(2, places[1] as never)]
      const pockets = [
        aPocket(1, kits[0] as never, 'Lid'),
        aPocket(2, kits[0] as never, 'Tray; left'),
        aPocket(3, kits[1] as never, 'Lid'),
      ]
      const items = names.map((name, n) =>
        anItem(n + 1, {
          name: name.trim(),
          unit: units[n] ?? '',
          strength: n === 0 ? '7.5 cm' : '',
          shop: n === 1 ? 'Corner' : '',
        }),
      )
      const made = lots.map((lot, n) => ({
        ...lot,
        of: aLot(n + 1, items[lot.item % items.length] as never, {
          expiry:
            lot.sort === 'day'
              ? { kind: 'day', day: addDays(TODAY, lot.ahead) }
              : lot.sort === 'month'
                ? { kind: 'month', month: monthOfDay(addDays(TODAY, lot.ahead)) }
                : { kind: lot.sort as 'none' },
          opened: lot.opened ? { kind: 'opened', on: plainDate('2026-10-03') } : { kind: 'sealed' },
          batch: lot.batch,
          unitPriceMinor: lot.price,
          note: lot.note.trim(),
        }),
      }))
      return {
        places,
        kits,
        pockets,
        items,
        lots: made.map(({ of }) => of),
        holdings: made.map(({ of, pocket, amount: n }) => ({
          lotId: of.id,
          pocketId: (pockets[pocket] as never as { id: never }).id,
          amount: amount(n),
        })),
        pars: [
          ...new Map(
            pars.map((par) => [
              `${par.item % items.length}/${par.pocket}`,
              {
                itemId: (items[par.item % items.length] as never as { id: never }).id,
                pocketId: (pockets[par.pocket] as never as { id: never }).id,
                amount: amount(par.amount),
              },
            ]),
          ).values(),
        ],
      }
    })

  it('changes nothing, whatever is kept', () => {
    fc.assert(
      fc.property(aStock, (stock) => {
        const survey = surveyed(stock)
        fc.pre(survey.lines.length > 0)
        const rows = rowsOf(exportList(survey))
        const ready = rows.map(({ line, reading }) => {
          if (reading.kind !== 'ready') throw new Error(JSON.stringify(reading))
          return { line, value: reading.value }
        })
        const plan = planImport(ready, knownOf(stock), fallback)
        expect(plan.lines.map(({ kind }) => kind)).toEqual(plan.lines.map(() => 'already_there'))
      }),
      { numRuns: 300 },
    )
  })
  it('a second import of the same list recognises every line', () => {
    const rows = rowsOf('item;qty;exp;par\nPads;3;03/28;4\nPads;3;03/28;\nTape;0;;2')
    const ready = rows.flatMap(({ line, reading }) =>
      reading.kind === 'ready' ? [{ line, value: reading.value }] : [],
    )
    const first = planImport(ready, { items: [], pockets: [], lots: [], pars: [] }, fallback)
    expect(first.lines.map(({ kind }) => kind)).toEqual(['new_lot', 'new_lot', 'only_par'])
    const known: Known = {
      items: [
        { id: 'pads', name: 'Pads', strength: '', unit: '' },
        { id: 'tape', name: 'Tape', strength: '', unit: '' },
      ],
      pockets: [{ id: 'p', ...fallback }],
      lots: [0, 1].map(() => ({
        itemId: 'pads',
        pocketId: 'p',
        amount: amount(3000),
        expiry: '2028-03',
        openedOn: null,
        batch: '',
      })),
      pars: [
        { itemId: 'pads', pocketId: 'p', amount: amount(4000) },
        { itemId: 'tape', pocketId: 'p', amount: amount(2000) },
      ],
    }
    expect(planImport(ready, known, fallback).lines.map(({ kind }) => kind)).toEqual([
      'already_there',
      'already_there',
      'already_there',
    ])
    const recounted = ready.map(({ line, value }) => ({
      line,
      value: { ...value, amount: amount(5000) },
    }))
    expect(planImport(recounted, known, fallback).lines[0]).toMatchObject({
      kind: 'count_differs',
      there: 3000,
      listed: 5000,
    })
  })
  it('the template reads without a question', () => {
    expect(rowsOf(templateList()).map(({ reading }) => reading.kind)).toEqual(['ready', 'ready'])
  })
  it('five thousand lines are read with progress', () => {
    const text = `item;qty;exp;kit\n${Array.from({ length: 5000 }, (_, n) => `Thing ${n};${n % 9};03/2${n % 9};Kit ${n % 40}`).join('\n')}`
    const read = table(text)
    const seen: number[] = []
    const { rows } = readList(read, read.columns, options, (done) => seen.push(done))
    expect(rows).toHaveLength(5000)
    expect(seen.length).toBeGreaterThan(10)
    expect(seen.at(-1)).toBe(5000)
  })
})

/** What is printed as a PDF, read back: its pages, its paper, and every word that must stand on it. */
import { describe, expect, it } from 'vitest'
import { plainDate } from '../src/core/calendar/plainDate'
import type { Handover } from '../src/core/incident/handover'
import type { LidSheet, SheetLine } from '../src/core/sheet/lidSheet'
import { handoverPdf } from '../src/sheets/handoverPdf'
import { lidSheetPdf } from '../src/sheets/lidSheetPdf'
import { PAPER_SIZES, paperSize } from '../src/sheets/paper'
import * as words from '../src/words'
import { pagesOf } from './support/pdf'

/** In points, upright. */
const PAPER = { A4: [595, 842], A5: [420, 595], LETTER: [612, 792] } as const
const day = plainDate('2026-11-28')

const KEPT_COLD = { storage: 'fridge', source: 'label', frostHarms: true, millilitres: null }
const line = (change: Partial<Record<keyof SheetLine, unknown>> = {}): SheetLine =>
  ({
    title: 'Gauze 7.5 cm',
    unit: 'pad',
    purpose: 'Wounds',
    good: 4000,
    par: 6000,
    expiry: { kind: 'month', month: '2027-03' },
    opened: false,
    keeping: { storage: null, source: null, frostHarms: false, millilitres: null },
    ...change,
  }) as SheetLine
const sheet = (change: Partial<LidSheet> = {}): LidSheet => ({
  household: 'Quill household',
  kit: 'Cottage box',
  numbers: { emergency: '113', poison: '555 0122' } as LidSheet['numbers'],
  look: { kind: 'whole', on: plainDate('2026-10-01'), by: 'Ilse' },
  printedOn: day,
  lidCode: null,
  pockets: [{ name: 'Tray', lines: [line()] }],
  ...change,
})
const lid = async (change: Partial<LidSheet> = {}, size: keyof typeof PAPER = 'A4') =>
  pagesOf(await lidSheetPdf(sheet(change), size, null))

describe('the lid sheet', () => {
  it.each(PAPER_SIZES)(
    '%s: one page of its paper, with all that a stranger needs',
    async (size) => {
      const pages = await lid({}, size)
      expect(pages).toHaveLength(1)
      const [page] = pages
      expect([page?.width, page?.height]).toEqual(PAPER[size])
      for (const said of [
        'Emergency 113',
        'Poison line 555 0122',
        'Cottage box',
        'Belongs to the Quill household · checked on 1 Oct 2026',
        'Gauze 7.5 cm',
        'Wounds',
        '4 of 6',
        'Mar 2027',
        'printed 28 Nov 2026',
        '1 of 1',
      ])
        expect(page?.text).toContain(said)
    },
  )
  it('its cautions are whole, and after what is in the kit', async () => {
    const [page] = await lid()
    for (const caution of words.sheets.cautions) expect(page?.text).toContain(caution)
    expect(page?.text.indexOf('Gauze')).toBeLessThan(
      page?.text.indexOf(words.sheets.cautions[0] ?? '') ?? 0,
    )
  })
  it('a number that nobody knows is a line to write it on, never left out', async () => {
    const [page] = await lid({
      numbers: { emergency: null, poison: null } as unknown as LidSheet['numbers'],
    })
    expect(page?.text).toMatch(/Emergency _{5,}/)
    expect(page?.text).toMatch(/Poison line _{5,}/)
  })
  it('what is opened, used up or empty says so', async () => {
    const [page] = await lid({
      look: { kind: 'never' },
      pockets: [
        {
          name: 'Tray',
          lines: [
            line({ opened: true }),
            line({ title: 'Tape', expiry: null, good: 0 }),
            line({ title: 'Pen', keeping: KEPT_COLD }),
          ],
        },
        { name: 'Lid', lines: [] },
      ],
    } as Partial<LidSheet>)
    for (const said of [
      'opened, Mar 2027',
      'Tape',
      '0 of 6',
      'none here',
      'Lid',
      'empty',
      'not checked yet',
      '2 to 8 °C',
    ])
      expect(page?.text).toContain(said)
  })
  it('two pockets of one name are two pockets', async () => {
    const [page] = await lid({
      pockets: [
        { name: 'Side', lines: [line({ title: 'Left thing' })] },
        { name: 'Side', lines: [line({ title: 'Right thing' })] },
      ],
    } as Partial<LidSheet>)
    expect(page?.text.match(/Side/g)).toHaveLength(2)
    expect(page?.text).toContain('Left thing')
    expect(page?.text).toContain('Right thing')
  })
  it.each(PAPER_SIZES)(
    '%s: a full kit runs on, every line once, every page numbered',
    async (size) => {
      const pockets = Array.from({ length: 6 }, (_, pocket) => ({
        name: `Pocket ${pocket + 1}`,
        lines: Array.from({ length: 22 }, (__, at) =>
          line({ title: `Thing ${pocket + 1}-${at + 1}.` }),
        ),
      }))
      const pages = await lid({ pockets } as Partial<LidSheet>, size)
      expect(pages.length).toBeGreaterThan(1)
      const all = pages.map(({ text }) => text).join(' ')
      for (const { name, lines } of pockets) {
        expect(all.split(name)).toHaveLength(2)
        for (const { title } of lines) expect([title, all.split(title).length]).toEqual([title, 2])
      }
      pages.forEach(({ text }, at) => {
        expect(text).toContain(`${at + 1} of ${pages.length}`)
        expect(text).toContain(words.sheets.headings.expiry)
      })
      // Nobody turns the page in the middle of a caution.
      expect(
        pages.filter(({ text }) => text.includes('Call the emergency number first')),
      ).toHaveLength(1)
    },
  )
  it('letters of the neighbours are printed as they are', async () => {
    const [page] = await lid({ kit: 'Łódź kiste, çà et là' })
    // Where the font changes, reading puts a space.
    expect(page?.text.replaceAll(' ', '')).toContain('Łódźkiste,çàetlà')
  })
})

describe('the paper', () => {
  it.each([
    ['a4', 'A4'],
    ['A5', 'A5'],
    ['letter', 'LETTER'],
    ['A3', 'A4'],
    [null, 'A4'],
    [undefined, 'A4'],
    ['<script>', 'A4'],
  ])('%s is %s', (asked, size) => {
    expect(paperSize(asked)).toBe(size)
  })
})

describe('the handover', () => {
  const now = Date.parse('2026-11-28T18:30:00Z') as never
  const at = { now, today: day, timeZone: 'Europe/Oslo', units: 'metric' } as const
  const page = (change: Partial<Record<keyof Handover, unknown>> = {}): Handover =>
    ({
      name: 'Runa',
      species: 'person',
      months: 38,
      weight: { kind: 'unknown' },
      isGuest: false,
      knowledge: {
        allergies: { kind: 'not_asked' },
        conditions: { kind: 'none', told: { by: 'Ilse', on: plainDate('2026-10-01') } },
        medicines: { kind: 'not_asked' },
      },
      said: '',
      allergies: [],
      conditions: [],
      bloodThinner: false,
      pregnancy: null,
      medicines: [],
      contacts: [{ name: 'Dr Aske', phone: '555 0199' }],
      kind: 'fever',
      startedAt: Date.parse('2026-11-28T17:00:00Z'),
      tourniquet: null,
      doses: [],
      readings: [],
      happened: [],
      photos: [],
      ...change,
    }) as Handover
  const handover = async (change = {}, size: keyof typeof PAPER = 'A4') =>
    pagesOf(
      await handoverPdf(
        {
          page: page(change),
          at,
          household: 'Quill household',
          numbers: { emergency: '113', poison: null },
        },
        size,
      ),
    )

  it.each(['A4', 'LETTER'] as const)(
    '%s: who, since when, whom to call, on one page',
    async (size) => {
      const pages = await handover({}, size)
      expect(pages).toHaveLength(1)
      const [only] = pages
      expect([only?.width, only?.height]).toEqual(PAPER[size])
      for (const said of [
        'Runa, 3 years',
        `${words.care.numbers.emergency} 113`,
        'Dr Aske 555 0199',
        words.care.handover.given,
        words.care.handover.nothingGiven,
        words.care.handover.noReadings,
        words.care.notAdvice,
        '1 of 1',
      ])
        expect(only?.text).toContain(said)
    },
  )
  it('unknown is never none: not asked, told none and known stand apart', async () => {
    const [only] = await handover()
    const { handover: text } = words.care
    expect(only?.text).toContain(`${text.allergies}: ${text.notAsked}`)
    expect(only?.text).toContain(
      `${text.conditions}: ${text.toldNone('Ilse', plainDate('2026-10-01'))}`,
    )
    expect(only?.text).toContain(`${text.weight}: ${text.weightUnknown}`)
    const [known] = await handover({ allergies: ['penicillin', 'nuts'], bloodThinner: true })
    expect(known?.text).toContain(`${text.allergies}: penicillin, nuts`)
    expect(known?.text).toContain(text.thinner)
  })
  it('a tourniquet stands with its time before what was given', async () => {
    const [only] = await handover({
      tourniquet: { at: Date.parse('2026-11-28T17:05:00Z'), where: 'left thigh' },
    })
    const { tourniquet, given } = words.care.handover
    expect(only?.text).toMatch(/18:05 left thigh/)
    expect(only?.text.indexOf(tourniquet)).toBeLessThan(only?.text.indexOf(given) ?? 0)
  })
  it('a long night runs on, in order, with its caution on every page', async () => {
    const happened = Array.from({ length: 120 }, (_, minute) => ({
      at: Date.parse('2026-11-28T17:00:00Z') + minute * 60_000,
      by: 'Ilse',
      fact: { kind: 'note', words: `Seen ${minute + 1}.` },
      beyond: [],
    }))
    const pages = await handover({ happened })
    expect(pages.length).toBeGreaterThan(1)
    const all = pages.map(({ text }) => text).join(' ')
    const places = happened.map(({ fact }) => all.indexOf(fact.words))
    expect(places.every((place) => place >= 0)).toBe(true)
    expect(places).toEqual([...places].sort((a, b) => a - b))
    for (const { text } of pages) expect(text).toContain(words.care.notAdvice)
  })
})

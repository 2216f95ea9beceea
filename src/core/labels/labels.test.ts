/** What is printed on labels: where each stands, what each says, and that nothing is ever cut. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { aPerson } from '../../../tests/support/cover'
import { TODAY } from '../../../tests/support/household'
import { type Household, knownOf } from '../../../tests/support/known'
import { addDays } from '../calendar/plainDate'
import { labelsOf } from './about'
import { fitLabel, type LabelText, type Measure, type TextLine } from './fit'
import {
  formatOf,
  LABEL_FORMAT_IDS,
  type LabelFormatId,
  labelsOnPage,
  NO_NUDGE,
  placeOf,
  type SheetFormat,
} from './formats'

const aFormat = fc.constantFrom<LabelFormatId>(...LABEL_FORMAT_IDS)
const sheets = LABEL_FORMAT_IDS.map(formatOf).filter(
  (format): format is SheetFormat => format.kind === 'sheet',
)

describe('where a label stands', () => {
  it.each(sheets)('on $paper, $columns by $rows: on the page, over no other', (format) => {
    const [pageWidth, pageHeight] = format.page
    const [width, height] = format.label
    const places = Array.from({ length: labelsOnPage(format) }, (_, at) => placeOf(format, at))
    for (const { page, x, y } of places) {
      expect(page).toBe(0)
      expect(x).toBeGreaterThanOrEqual(0)
      expect(y).toBeGreaterThanOrEqual(0)
      expect(x + width).toBeLessThanOrEqual(pageWidth + 0.01)
      expect(y + height).toBeLessThanOrEqual(pageHeight + 0.01)
    }
    for (const [at, a] of places.entries())
      for (const b of places.slice(at + 1))
        expect(Math.abs(a.x - b.x) >= width - 0.001 || Math.abs(a.y - b.y) >= height - 0.001).toBe(
          true,
        )
    // The same room at both sides, as such sheets have it.
    const right = pageWidth - width - (places[format.columns - 1]?.x ?? 0)
    expect(Math.abs(right - format.left)).toBeLessThan(0.6)
    expect(placeOf(format, labelsOnPage(format))).toEqual({ ...placeOf(format, 0), page: 1 })
  })
  it('moves with the nudge, all alike', () => {
    fc.assert(
      fc.property(
        aFormat,
        fc.nat(60),
        fc.integer({ min: -100, max: 100 }),
        fc.integer({ min: -100, max: 100 }),
        (id, at, right, down) => {
          const [still, moved] = [NO_NUDGE, { right, down }].map((nudge) =>
            placeOf(formatOf(id), at, nudge),
          )
          expect(moved?.page).toBe(still?.page)
          expect((moved?.x ?? 0) - (still?.x ?? 0)).toBeCloseTo(right / 10, 9)
          expect((moved?.y ?? 0) - (still?.y ?? 0)).toBeCloseTo(down / 10, 9)
        },
      ),
    )
  })
})

/** Every letter as wide as half its height: like a typewriter. */
const typed: Measure = (text, _face, size) => text.length * size * 0.5

const words = fc
  .array(fc.string({ minLength: 1, maxLength: 14, unit: fc.constantFrom(...'abcdefghij') }), {
    minLength: 1,
    maxLength: 8,
  })
  .map((all) => all.join(' '))
const aLine = (face: TextLine['face'], spare: boolean): fc.Arbitrary<TextLine> =>
  words.map((text) => ({ text, face, spare }))
const aText: fc.Arbitrary<LabelText> = fc.record({
  lines: fc
    .tuple(
      aLine('title', false),
      fc.array(aLine('strong', false), { maxLength: 3 }),
      fc.array(aLine('text', true), { maxLength: 3 }),
    )
    .map(([title, strong, text]) => [title, ...strong, ...text]),
  badge: fc.constantFrom('', 'below 25 °C', '2 to 8 °C, no frost'),
  hasCode: fc.boolean(),
  isHatched: fc.boolean(),
})
const inWords = (text: string) => text.split(' ')

describe('words on a label', () => {
  it('are all on it, in their order, inside it and over nothing else; or it is said that they do not fit', () => {
    let fitting = 0
    fc.assert(
      fc.property(aText, aFormat, fc.boolean(), (text, id, isLarge) => {
        const { label } = formatOf(id)
        const made = fitLabel(text, label, typed, { isLarge })
        const must = text.lines.filter(({ spare }) => !spare)
        if (!made.fits) {
          // Nothing is printed of it, and everything is named.
          expect(made.lines).toEqual([])
          expect(made.leftOut).toEqual(expect.arrayContaining(must.map((one) => one.text)))
          return
        }
        fitting += 1
        const kept = text.lines.filter((one) => !made.leftOut.includes(one.text))
        expect(must.every((one) => kept.includes(one))).toBe(true)
        expect(made.lines.flatMap((line) => inWords(line.text))).toEqual(
          kept.flatMap((line) => inWords(line.text)),
        )
        const [width, height] = label
        let above = 0
        for (const line of made.lines) {
          const wide = typed(line.text, line.face, line.size)
          expect(line.x + wide).toBeLessThanOrEqual(width)
          expect(line.y).toBeLessThanOrEqual(height)
          expect(line.y - line.size * 0.95).toBeGreaterThanOrEqual(above - 0.01)
          above = line.y - line.size * 0.95 + line.size
          if (made.code && line.y > made.code.y)
            expect(line.x + wide).toBeLessThanOrEqual(made.code.x)
          if (
            made.badge &&
            line.y - line.size * 0.95 < made.badge.frame.y + made.badge.frame.height
          )
            expect(line.x + wide).toBeLessThanOrEqual(made.badge.frame.x)
        }
      }),
      { numRuns: 400 },
    )
    expect(fitting).toBeGreaterThan(100)
  })
  it('are as large as they go: smaller only where they must be, never below what is read', () => {
    const one = (text: string): LabelText => ({
      lines: [{ text, face: 'title', spare: false }],
      badge: '',
      hasCode: false,
      isHatched: false,
    })
    const sizeOf = (text: string) => fitLabel(one(text), [38.1, 21.2], typed).lines[0]?.size ?? 0
    const sizes = ['Gauze', 'Pressure dressing', 'Acetaminophen liquid for children'].map(sizeOf)
    expect([...sizes].sort((a, b) => b - a)).toEqual(sizes)
    expect(sizes[0]).toBeGreaterThan(sizes[2] ?? 0)
    expect(sizes[2]).toBeGreaterThanOrEqual(2.9)
    expect(fitLabel(one('Acetaminophen'.repeat(4)), [38.1, 21.2], typed).fits).toBe(false)
  })
  it('are larger for who reads badly, and never smaller than without', () => {
    fc.assert(
      fc.property(aText, (text) => {
        const [usual, large] = [false, true].map((isLarge) =>
          fitLabel(text, [101, 54], typed, { isLarge }),
        )
        const least = (made: typeof usual) =>
          Math.min(...(made?.lines.map(({ size }) => size) ?? []))
        if (usual?.fits && large?.fits) expect(least(large)).toBeGreaterThanOrEqual(2.2 * 1.4)
      }),
    )
  })
  it('leave the code out where it would be too fine for a camera', () => {
    const text: LabelText = {
      lines: [{ text: 'Gauze', face: 'title', spare: false }],
      badge: '',
      hasCode: true,
      isHatched: false,
    }
    expect(fitLabel(text, [38.1, 21.2], typed).code).toBeNull()
    expect(fitLabel(text, [62, 29], typed).code?.side).toBeGreaterThan(11.5)
  })
})

const ned = aPerson(8, {
  name: 'Ned',
  facts: { allergies: [{ kind: 'substance', substance: 'latex' }] },
})
function labels(of: Household) {
  const { survey } = knownOf(of)
  const [kit] = survey.kits
  if (!kit) throw new Error('There is a kit')
  return labelsOf(survey, kit, { household: 'Marrow', members: of.members ?? [] })
}
const kinds = (of: Household) => labels(of).map(({ kind }) => kind)

describe('the labels of a kit', () => {
  it('are one outside, one for each pocket, and one for what has to say what it is', () => {
    expect(kinds({ laid: [{ of: 'gauze', there: 3 }] })).toEqual(['kit', 'pocket'])
    expect(kinds({ laid: [{ of: 'ibuprofen-200', there: 3 }] })).toEqual(['kit', 'pocket', 'lot'])
    // What is spent is thrown away, and what is gone needs none.
    expect(kinds({ laid: [{ of: 'ibuprofen-200', there: 3, until: addDays(TODAY, -1) }] })).toEqual(
      ['kit', 'pocket'],
    )
    expect(kinds({ laid: [{ of: 'ibuprofen-200', there: 0 }] })).not.toContain('lot')
    const open = { opened: { kind: 'opened', on: TODAY } as const }
    expect(kinds({ laid: [{ of: 'gauze', there: 1, lot: open }] })).toContain('lot')
    expect(kinds({ laid: [{ of: 'gauze', there: 1, lot: { directions: 'Dry' } }] })).toContain(
      'lot',
    )
  })
  it('of the kit says that it holds medicines, also where nobody knows what is in it', () => {
    const hasMedicine = (of: Household['laid']) => labels({ laid: of })[0]
    expect(hasMedicine([{ of: 'gauze', there: 1 }])).toMatchObject({ hasMedicine: false })
    expect(hasMedicine([{ of: 'ibuprofen-200', there: 1 }])).toMatchObject({ hasMedicine: true })
    expect(hasMedicine([{ of: 'gauze', there: 1, item: { catalogueId: null } }])).toMatchObject({
      hasMedicine: true,
    })
    // What may not be used any more is still there for a child to find.
    const spent = { of: 'ibuprofen-200', there: 1, until: addDays(TODAY, -9) }
    expect(hasMedicine([spent])).toMatchObject({ hasMedicine: true })
  })
  it('of a pocket names what lies there, and says where nothing in it is for people', () => {
    const pocket = (...of: string[]) =>
      labels({ laid: of.map((one) => ({ of: one, there: 1 })) }).find(
        ({ kind }) => kind === 'pocket',
      )
    expect(pocket('pet-thermometer', 'muzzle')).toMatchObject({ isForAnimals: true })
    expect(pocket('pet-thermometer', 'gauze')).toMatchObject({ isForAnimals: false })
    expect(pocket()).toMatchObject({ isForAnimals: false, holds: [] })
    const old = { of: 'ibuprofen-200', there: 1, until: addDays(TODAY, -9) }
    const both = labels({ laid: [{ of: 'muzzle', there: 1 }, old] })
    expect(both.find(({ kind }) => kind === 'pocket')).toMatchObject({
      isForAnimals: false,
      holds: ['Muzzle'],
    })
  })
  it('of a thing warns of what somebody here is allergic to, and of nothing else', () => {
    const gloves = { of: 'gloves-latex', there: 1, lot: { directions: 'In pairs' } }
    const lot = (members: Household['members']) =>
      labels({ members: members ?? [], laid: [gloves] }).find(({ kind }) => kind === 'lot')
    expect(lot([ned])).toMatchObject({ contains: ['latex'] })
    expect(lot([])).toMatchObject({ contains: [] })
    // By its words as well: nobody has matched the bar with the list.
    const bar = { ...gloves, item: { name: 'Walnut bar', catalogueId: null } }
    const nuts = aPerson(8, { facts: { allergies: [{ kind: 'named', name: 'walnut' }] } })
    const found = labels({ members: [nuts], laid: [bar] }).find(({ kind }) => kind === 'lot')
    expect(found).toMatchObject({ contains: ['walnut'] })
  })
  it('of who carries it warns of their allergies', () => {
    const goesWith = { memberId: ned.id, to: [], since: TODAY } as never
    expect(kinds({ members: [ned], places: [{ kit: { goesWith } }] })).toEqual([
      'kit',
      'allergy',
      'pocket',
    ])
    expect(kinds({ members: [ned], places: [{}] })).not.toContain('allergy')
  })
})

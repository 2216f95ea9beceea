/** Names of what exists are tried first; what is new is a question, and never a twin. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Known } from './known'
import { planImport, siteOf } from './planImport'
import { readLine } from './readLine'
import { type NameAnswer, resolveSites } from './sites'

const pocket = (place: string, kit: string, name: string, n: number) => ({
  id: `p${n}`,
  place,
  kit,
  pocket: name,
})
const known: Known = {
  items: [],
  lots: [],
  pars: [],
  pockets: [
    pocket('Home', 'Hall box', 'Lid', 1),
    pocket('Home', 'Hall box', 'Upper tray', 2),
    pocket('Home', 'Bathroom cabinet', 'Shelf', 3),
    pocket('Car', 'Boot bag', 'Front', 4),
    pocket('Car', 'Boot bag', 'Lid', 5),
  ],
}
const fallback = { place: 'Home', kit: 'Hall box', pocket: 'Lid' }
const resolved = (
  lines: readonly { place?: string; kit?: string; pocket?: string }[],
  answers: ReadonlyMap<string, NameAnswer> = new Map(),
) =>
  resolveSites(
    lines.map((cells, at) => ({ line: at + 1, cells: { item: 'Pads', ...cells } })),
    known,
    answers,
    fallback,
  )
const where = (cells: { place?: string; kit?: string; pocket?: string }) => {
  const found = resolved([cells]).cells.get(1)
  return found ? [found.place, found.kit, found.pocket].filter(Boolean).join(' / ') : 'asked'
}

describe('names in a column for places', () => {
  it.each([
    [{ place: 'home' }, 'Home'],
    [{ place: 'Boot bag' }, 'Car / Boot bag'],
    [{ place: 'the boot bags' }, 'Car / Boot bag'],
    [{ place: 'HALL BOX' }, 'Home / Hall box'],
    [{ place: 'Upper tray' }, 'Home / Hall box / Upper tray'],
    [{ place: 'Car / Boot bag / Front' }, 'Car / Boot bag / Front'],
    [{ kit: 'Hall box', pocket: 'Lid' }, 'Home / Hall box / Lid'],
    [{ kit: 'Car' }, 'Car'],
    [{ pocket: 'Front' }, 'Car / Boot bag / Front'],
  ])('%j is %s: a kit or pocket that exists makes no new place', (cells, site) => {
    expect(where(cells)).toBe(site)
  })
  it('one that could be two is asked, with both', () => {
    const { questions } = resolved([{ pocket: 'Lid' }])
    expect(questions[0]?.near).toEqual([
      { place: 'Home', kit: 'Hall box', pocket: 'Lid' },
      { place: 'Car', kit: 'Boot bag', pocket: 'Lid' },
    ])
  })
  it('"tray 1" is asked, and the upper tray offered', () => {
    const { questions } = resolved([{ kit: 'Hall box', pocket: 'tray 1' }])
    expect(questions[0]).toMatchObject({
      text: 'tray 1',
      as: 'pocket',
      near: [{ place: 'Home', kit: 'Hall box', pocket: 'Upper tray' }],
    })
  })
  it('one new name is one question, with the count of its lines', () => {
    const { questions, asking } = resolved([
      { place: 'Garage' },
      { place: 'garage' },
      { place: 'Home' },
      { place: 'The garage', pocket: 'Hook' },
    ])
    expect(questions.map(({ text, lines }) => [text, lines])).toEqual([['Garage', [1, 2, 4]]])
    expect([...asking]).toEqual([1, 2, 4])
  })
  it('an answer settles it: what it is, or what new thing it is; what lies in it follows', () => {
    const [question] = resolved([{ place: 'Garage / Blue bin / Left' }]).questions
    const key = question?.key ?? ''
    const site = (answer: NameAnswer) =>
      resolved([{ place: 'Garage / Blue bin / Left' }], new Map([[key, answer]])).cells.get(1)
    expect(site({ kind: 'new', as: 'place' })).toMatchObject({
      place: 'Garage',
      kit: 'Blue bin',
      pocket: 'Left',
    })
    expect(
      resolved(
        [{ place: 'Garage' }],
        new Map([[key, { kind: 'new', as: 'kit' } as const]]),
      ).cells.get(1),
    ).toMatchObject({ place: 'Home', kit: 'Garage' })
  })
  it('a kit that exists takes what names no pocket into its first one', () => {
    expect(siteOf({ place: 'Car', kit: 'Boot bag', pocket: '' }, fallback, known.pockets)).toEqual({
      place: 'Car',
      kit: 'Boot bag',
      pocket: 'Lid',
    })
    expect(
      siteOf({ place: 'Home', kit: 'Bathroom cabinet', pocket: '' }, fallback, known.pockets),
    ).toMatchObject({ pocket: 'Shelf' })
  })
  it('forty lines that name what exists make nothing new', () => {
    const names = [
      'Home',
      'Car',
      'Hall box',
      'Boot bag',
      'Front',
      'Upper tray',
      'hall boxes',
      'the car',
    ]
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...names), { minLength: 1, maxLength: 40 }),
        (places) => {
          const { cells, questions } = resolved(places.map((place) => ({ place })))
          expect(questions).toEqual([])
          const lines = [...cells].flatMap(([line, one]) => {
            const reading = readLine(
              { ...one, amount: '1' },
              { order: 'day-first', today: '2026-11-26' as never },
            )
            return reading.kind === 'ready' ? [{ line, value: reading.value }] : []
          })
          const plan = planImport(lines, known, fallback)
          expect([plan.newPlaces, plan.newKits, plan.newPockets]).toEqual([[], [], []])
        },
      ),
    )
  })
})

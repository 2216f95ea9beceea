/** What each kind of label says, the most needed first; names only where they may stand. */
import { describe, expect, it } from 'vitest'
import { plainDate } from '../../core/calendar/plainDate'
import type { LabelAbout } from '../../core/labels/about'
import { formatOf } from '../../core/labels/formats'
import { labels, labelText } from './labels'

const day = plainDate('2026-11-14')
const common = { key: 'k', opens: '/o/1' } as const
const lot = {
  ...common,
  kind: 'lot',
  title: 'Ibuprofen 200 mg',
  until: { kind: 'month', month: '2028-01' },
  purpose: 'Pain and fever',
  forWhom: '',
  directions: '',
  contains: [],
  keeping: { storage: 'below-25', source: 'catalogue', frostHarms: false, millilitres: null },
  isMoved: false,
  opened: null,
  isForAnimals: false,
  isOnHold: false,
} as unknown as Extract<LabelAbout, { kind: 'lot' }>

const CASES: readonly (readonly [string, LabelAbout, readonly string[]])[] = [
  [
    'a kit with medicines',
    {
      ...common,
      kind: 'kit',
      household: 'Marrow & Quill',
      name: 'Boot bag',
      place: 'Car',
      pockets: 4,
      hasMedicine: true,
    },
    [
      'Boot bag',
      'Marrow & Quill',
      'First aid. Grown-ups open it: it holds medicines.',
      'Car · 4 pockets',
    ],
  ],
  [
    'a kit without',
    {
      ...common,
      kind: 'kit',
      household: 'Marrow',
      name: 'Red bag',
      place: '',
      pockets: 1,
      hasMedicine: false,
    },
    ['Red bag', 'Marrow', 'First aid. Anybody may open it.', '1 pocket'],
  ],
  [
    'a pocket',
    {
      ...common,
      kind: 'pocket',
      name: 'Pouch C',
      kit: 'Pantry roll',
      holds: ['tape', 'gauze'],
      reachSeconds: 8,
      isForAnimals: false,
    },
    ['Pouch C', 'tape · gauze', 'Pantry roll · reach it in 8\u00a0s'],
  ],
  [
    'a pocket of the dog',
    {
      ...common,
      kind: 'pocket',
      name: 'Side',
      kit: 'Roll',
      holds: [],
      reachSeconds: null,
      isForAnimals: true,
    },
    ['Side', 'For animals only', 'Roll'],
  ],
  ['a pack', lot, ['Ibuprofen 200 mg', 'Good through Jan 2028', 'Pain and fever']],
  [
    'a pack that nobody has read',
    { ...lot, until: { kind: 'unknown' }, purpose: '' } as never,
    ['Ibuprofen 200 mg', 'Date not read yet: look at its pack'],
  ],
  [
    'all that a tub has to say',
    {
      ...lot,
      until: { kind: 'none' },
      isOnHold: true,
      opened: { on: day, through: plainDate('2026-12-12') },
      contains: ['latex'],
      isForAnimals: true,
      forWhom: 'Bracken',
      directions: 'One drop at night',
      isMoved: true,
    } as never,
    [
      'Ibuprofen 200 mg',
      'ON HOLD: ask before you use it',
      'No date on its pack',
      'Opened 14 Nov 2026; throw away after 12 Dec 2026',
      'CONTAINS latex',
      'For animals only',
      'For Bracken',
      'One drop at night',
      'Not in its own pack',
      'Pain and fever',
    ],
  ],
  [
    'what was opened and keeps nobody knows how long',
    { ...lot, opened: { on: day, through: null }, purpose: '' },
    ['Ibuprofen 200 mg', 'Good through Jan 2028', 'Opened 14 Nov 2026'],
  ],
  [
    'an allergy',
    {
      ...common,
      kind: 'allergy',
      who: 'Ned',
      allergies: [
        { kind: 'named', name: 'nuts' },
        { kind: 'substance', substance: 'latex' },
      ],
    },
    ['ALLERGY: nuts and latex', 'Ned'],
  ],
]

describe('a label', () => {
  it.each(CASES)('for %s', (_, about, said) => {
    expect(labelText(about, true).lines.map(({ text }) => text)).toEqual(said)
    expect(labelText(about, true).lines[0]?.face).toBe('title')
  })
  it('names nobody where names are left off, and drops nothing else', () => {
    for (const [, about, said] of CASES) {
      const plain = labelText(about, false).lines.map(({ text }) => text)
      expect(plain).toEqual(said.filter((one) => !/^(?:Ned|For Bracken|Marrow.*)$/.test(one)))
    }
  })
  it('tells how it is kept beside its name, and what is for animals without colour', () => {
    expect(labelText(lot, true).badge).toMatch(/^below 25\s°C$/)
    expect(labelText(lot, true).isHatched).toBe(false)
    expect(labelText({ ...lot, isForAnimals: true }, true).isHatched).toBe(true)
  })
  it('warnings and directions are never spared for room', () => {
    for (const [, about] of CASES)
      for (const { text, spare } of labelText(about, true).lines)
        if (/ALLERGY|CONTAINS|ON HOLD|animals only|Opened|drop at night|For Bracken/.test(text))
          expect([text, spare]).toEqual([text, false])
  })
})

it('papers are named by their sizes', () => {
  expect(labels.formatName(formatOf('a4-21'))).toBe('A4, 21 of 63.5 × 38.1 mm')
  expect(labels.formatName(formatOf('roll-62'))).toBe('Roll, 62 × 29 mm')
})

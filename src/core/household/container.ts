/**
 * What a kit is kept in: shapes of our own, each with the pockets it usually has. A template
 * only fills in a new kit; every measure and every second can be changed afterwards.
 */
import type { MatCell, Millimetres, PocketFacts } from './pocket'
import { PLAIN_POCKET } from './pocket'

export const SHAPES = [
  'tray_box',
  'drawer_stack',
  'roll',
  'soft_bag',
  'hard_case',
  'pouch',
  'cabinet',
] as const
export type Shape = (typeof SHAPES)[number]

export interface Container {
  readonly shape: Shape
  /** Outer measures when it is closed; null when nobody has measured it. */
  readonly outer: Millimetres | null
  /** Empty. */
  readonly grams: number
  /** What whoever carries it can carry, the container included; null for what stays put. */
  readonly carryGrams: number | null
}

export interface TemplatePocket extends PocketFacts {
  readonly name: string
  readonly cell: MatCell
}

export interface Template {
  readonly container: Container
  readonly name: string
  readonly about: string
  /** Cloth gives: what bulges in one pocket takes room from the others. */
  readonly soft: boolean
  readonly pockets: readonly TemplatePocket[]
}

const cell = (column: number, row: number, columns: number, rows = 1): MatCell => ({
  column,
  row,
  columns,
  rows,
})
const pocket = (
  name: string,
  at: MatCell,
  inner: Millimetres,
  reachSeconds: number,
  more: Partial<PocketFacts> = {},
): TemplatePocket => ({ ...PLAIN_POCKET, name, cell: at, inner, reachSeconds, ...more })

const outside = { sort: 'outside' } as const

export const TEMPLATES: Readonly<Record<Shape, Template>> = {
  tray_box: {
    name: 'Tray box',
    about: 'A box whose trays fold out when it opens; big things lie at the bottom',
    soft: false,
    container: { shape: 'tray_box', outer: [420, 240, 230], grams: 1900, carryGrams: 8000 },
    pockets: [
      pocket('Lid', cell(1, 1, 4), [380, 200, 25], 3, { clear: true }),
      pocket('Upper tray', cell(5, 1, 8), [380, 110, 45], 5, { clear: true }),
      pocket('Lower tray', cell(1, 2, 12), [380, 110, 55], 8),
      pocket('Bottom', cell(1, 3, 12), [400, 220, 110], 18, { upright: true }),
    ],
  },
  drawer_stack: {
    name: 'Drawer stack',
    about: 'Drawers one above the other; each opens alone',
    soft: false,
    container: { shape: 'drawer_stack', outer: [400, 300, 380], grams: 4200, carryGrams: null },
    pockets: [
      pocket('Top', cell(1, 1, 12), [380, 280, 40], 3, outside),
      pocket('Drawer 1', cell(1, 2, 6), [370, 270, 70], 6),
      pocket('Drawer 2', cell(7, 2, 6), [370, 270, 70], 8),
      pocket('Drawer 3', cell(1, 3, 12), [370, 270, 140], 12, { upright: true }),
    ],
  },
  roll: {
    name: 'Roll',
    about: 'Hangs or unrolls flat; clear pouches side by side',
    soft: true,
    container: { shape: 'roll', outer: [320, 180, 120], grams: 420, carryGrams: 3500 },
    pockets: [
      pocket('Outer flap', cell(1, 1, 4), [240, 120, 35], 3, outside),
      pocket('Pouch A', cell(5, 1, 4), [240, 150, 40], 7, { clear: true }),
      pocket('Pouch B', cell(9, 1, 4), [240, 150, 40], 7, { clear: true }),
      pocket('Pouch C', cell(1, 2, 6), [240, 150, 40], 9, { clear: true }),
      pocket('Foot', cell(7, 2, 6), [240, 160, 60], 14),
    ],
  },
  soft_bag: {
    name: 'Soft bag',
    about: 'A bag with side pockets and one main room',
    soft: true,
    container: { shape: 'soft_bag', outer: [380, 240, 220], grams: 780, carryGrams: 7000 },
    pockets: [
      pocket('Front pocket', cell(1, 1, 4), [280, 180, 50], 4, outside),
      pocket('Left side', cell(5, 1, 4), [200, 110, 70], 6, { ...outside, upright: true }),
      pocket('Right side', cell(9, 1, 4), [200, 110, 70], 6, { ...outside, upright: true }),
      pocket('Lid net', cell(1, 2, 4), [300, 180, 25], 6, { clear: true }),
      pocket('Main room', cell(5, 2, 8), [340, 210, 180], 15),
    ],
  },
  hard_case: {
    name: 'Hard case',
    about: 'Dust- and waterproof, with a seal; nothing is reached before it is open',
    soft: false,
    container: { shape: 'hard_case', outer: [360, 270, 150], grams: 2100, carryGrams: 6500 },
    pockets: [
      pocket('Lid pouch', cell(1, 1, 12), [310, 220, 25], 6, { clear: true }),
      pocket('Left half', cell(1, 2, 6), [230, 160, 100], 9, { upright: true }),
      pocket('Right half', cell(7, 2, 6), [230, 160, 100], 9, { upright: true }),
    ],
  },
  pouch: {
    name: 'Pouch',
    about: 'On the body, in a glovebox, in a pannier: one zip, two sides',
    soft: true,
    container: { shape: 'pouch', outer: [200, 140, 70], grams: 140, carryGrams: 1200 },
    pockets: [
      pocket('Front', cell(1, 1, 5), [170, 110, 20], 3, outside),
      pocket('Inside', cell(6, 1, 7), [190, 130, 50], 6),
    ],
  },
  cabinet: {
    name: 'Cabinet or shelf',
    about: 'Stays on the wall; shelves one above the other, a part of it in the fridge',
    soft: false,
    container: { shape: 'cabinet', outer: [600, 400, 160], grams: 7000, carryGrams: null },
    pockets: [
      pocket('Top shelf', cell(1, 1, 12), [380, 150, 140], 15, { upright: true }),
      pocket('Middle shelf', cell(1, 2, 12), [380, 150, 140], 10, { upright: true }),
      pocket('Bottom shelf', cell(1, 3, 12), [380, 180, 150], 10, { upright: true }),
      pocket('Fridge door', cell(1, 4, 12), [300, 120, 100], 45, {
        sort: 'elsewhere',
        spot: 'fridge',
        upright: true,
      }),
    ],
  },
}

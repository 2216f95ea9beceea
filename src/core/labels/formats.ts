/**
 * What labels are printed on: sheets with so many on a page, and rolls. Measures are those that such
 * papers are sold with; a test print shows how far a printer is off.
 */

/** Width and height in millimetres. */
export type Size = readonly [width: number, height: number]

export interface SheetFormat {
  readonly kind: 'sheet'
  readonly paper: 'A4' | 'Letter'
  readonly page: Size
  readonly label: Size
  readonly columns: number
  readonly rows: number
  /** From the edge of the page to the first label. */
  readonly left: number
  readonly top: number
  /** Between labels beside each other; below each other they touch. */
  readonly gap: number
}

export interface RollFormat {
  readonly kind: 'roll'
  readonly label: Size
}

export type LabelFormat = SheetFormat | RollFormat

const A4: Size = [210, 297]
const LETTER: Size = [215.9, 279.4]
const onSheet = (
  paper: SheetFormat['paper'],
  [columns, rows]: readonly [number, number],
  label: Size,
  [left, top]: readonly [number, number],
  gap: number,
): SheetFormat => ({
  kind: 'sheet',
  paper,
  page: paper === 'A4' ? A4 : LETTER,
  label,
  columns,
  rows,
  left,
  top,
  gap,
})

export const LABEL_FORMATS = {
  'a4-21': onSheet('A4', [3, 7], [63.5, 38.1], [7.25, 15.15], 2.5),
  'a4-24': onSheet('A4', [3, 8], [70, 37], [0, 0.5], 0),
  'a4-14': onSheet('A4', [2, 7], [99.1, 38.1], [4.65, 15.15], 2.5),
  'a4-65': onSheet('A4', [5, 13], [38.1, 21.2], [4.75, 10.7], 2.5),
  'letter-30': onSheet('Letter', [3, 10], [66.7, 25.4], [4.8, 12.7], 3.1),
  'letter-10': onSheet('Letter', [2, 5], [101.6, 50.8], [3.95, 12.7], 4.8),
  'roll-62': { kind: 'roll', label: [62, 29] },
  'roll-89': { kind: 'roll', label: [89, 36] },
  'roll-54': { kind: 'roll', label: [101, 54] },
} as const satisfies Readonly<Record<string, LabelFormat>>
export type LabelFormatId = keyof typeof LABEL_FORMATS
export const LABEL_FORMAT_IDS = Object.keys(LABEL_FORMATS) as readonly LabelFormatId[]

export const formatOf = (id: LabelFormatId): LabelFormat => LABEL_FORMATS[id]

/** How far a printer is off, in tenths of a millimetre to the right and down. */
export interface Nudge {
  readonly right: number
  readonly down: number
}
export const NO_NUDGE: Nudge = { right: 0, down: 0 }
/** More than a centimetre is another sheet. */
export const MOST_NUDGE = 100

export const labelsOnPage = ({ columns, rows }: SheetFormat): number => columns * rows

/**
 * Where the label of a number stands.
 * @param number from 0; on a sheet that was begun, the places that are gone count
 */
export function placeOf(
  format: LabelFormat,
  number: number,
  { right, down }: Nudge = NO_NUDGE,
): { readonly page: number; readonly x: number; readonly y: number } {
  const [x, y] = [right / 10, down / 10]
  if (format.kind === 'roll') return { page: number, x, y }
  const page = Math.floor(number / labelsOnPage(format))
  const at = number % labelsOnPage(format)
  const [width, height] = format.label
  return {
    page,
    x: format.left + (at % format.columns) * (width + format.gap) + x,
    y: format.top + Math.floor(at / format.columns) * height + y,
  }
}

/**
 * Labels of made-up goods to practise scanning with, where no camera or pack is at hand. Their
 * pictures are in public/labels, drawn by scripts/labels.ts; numbers begin with 952, which GS1
 * keeps for examples.
 */

export interface PracticeLabel {
  readonly id: string
  /** What stands on it in words. */
  readonly name: string
  readonly symbol: 'datamatrix' | 'qr' | 'ean13' | 'ean8' | 'code128'
  /** What is encoded: the digits, or elements with their identifiers in parentheses. */
  readonly text: string
}

export const PRACTICE_LABELS: readonly PracticeLabel[] = [
  {
    id: 'saline-pods',
    name: 'Saline pods, box of 20',
    symbol: 'datamatrix',
    text: '(01)09520000000011(17)281130(10)S77-2',
  },
  {
    id: 'cetirizine',
    name: 'Cetirizine 10 mg, 10 tablets',
    symbol: 'datamatrix',
    text: '(01)09520000000028(17)270600(10)C1904(21)88123',
  },
  {
    id: 'rehydration',
    name: 'Rehydration sachets, box of 10',
    symbol: 'datamatrix',
    text: '(01)09520000000035(17)271231(10)R5',
  },
  {
    id: 'gauze',
    name: 'Gauze 10 cm, sterile, 10',
    symbol: 'code128',
    text: '(01)09520000000042(17)290331(10)G-310',
  },
  { id: 'plasters', name: 'Plasters, strip box', symbol: 'ean13', text: '9520000000059' },
  { id: 'foil', name: 'Foil blanket', symbol: 'ean8', text: '95200002' },
  {
    id: 'eye-drops',
    name: 'Eye drops 10 mL',
    symbol: 'qr',
    text: '(01)09520000000066(17)270228(10)E9',
  },
  {
    id: 'unheard-of',
    name: 'Something the list does not know',
    symbol: 'datamatrix',
    text: '(01)09520000000073(17)280430(10)X1',
  },
]

export const labelPicture = ({ id }: PracticeLabel): string => `/labels/${id}.png`

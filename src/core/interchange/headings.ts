/** What the columns of a list mean, in people's own words. */

export const FIELDS = [
  'item',
  'strength',
  'purpose',
  'forWhom',
  'amount',
  'par',
  'expiry',
  'opened',
  'place',
  'kit',
  'pocket',
  'price',
  'shop',
  'pack',
  'batch',
  'note',
] as const
export type Field = (typeof FIELDS)[number]

/** For each column of the file its field, or null when it is left out. */
export type Columns = readonly (Field | null)[]

const WORDS: Readonly<Record<Field, readonly string[]>> = {
  item: [
    'item',
    'name',
    'what',
    'thing',
    'article',
    'product',
    'description',
    'contents',
    'supply',
    'medicine',
    'items',
  ],
  strength: [
    'strength',
    'size',
    'strength or size',
    'strength/size',
    'dose',
    'dimension',
    'concentration',
    'mg',
  ],
  purpose: ['what for', 'for what', 'purpose', 'use', 'used for', 'why', 'indication', 'reason'],
  forWhom: [
    'for whom',
    'who',
    'whose',
    'for',
    'person',
    'patient',
    'member',
    'who for',
    'belongs to',
  ],
  amount: [
    'amount',
    'qty',
    'quantity',
    'how many',
    'count',
    'number',
    'no',
    'have',
    'in stock',
    'stock',
    'we have',
    'pcs',
    'on hand',
  ],
  par: [
    'par',
    'should have',
    'how many belong',
    'belongs',
    'target',
    'need',
    'min',
    'minimum',
    'wanted',
    'how many belong there',
    'should be',
    'supposed to have',
  ],
  expiry: [
    'expiry',
    'exp',
    'exp date',
    'expires',
    'expiry date',
    'expiration',
    'expiration date',
    'best before',
    'use by',
    'bb',
    'bbe',
    'good until',
    'valid until',
    'date',
  ],
  opened: ['opened', 'opened on', 'open since', 'date opened', 'opened date', 'open'],
  place: ['place', 'where', 'location', 'house', 'site', 'at'],
  kit: ['kit', 'bag', 'box', 'which kit', 'container', 'case', 'set'],
  pocket: [
    'pocket',
    'bin',
    'tray',
    'compartment',
    'pouch',
    'bay',
    'drawer',
    'section',
    'shelf',
    'slot',
  ],
  price: ['price', 'cost', 'paid', 'value', 'price each', 'unit price'],
  shop: ['shop', 'store', 'bought at', 'from', 'supplier', 'where bought', 'source'],
  pack: ['pack', 'pack size', 'per pack', 'units per pack'],
  batch: ['batch', 'lot', 'lot no', 'lot number', 'batch no', 'charge'],
  note: ['note', 'notes', 'remark', 'remarks', 'comment', 'comments', 'other'],
}

const plain = (heading: string): string =>
  heading
    .toLowerCase()
    .replace(/[^a-z0-9/ ]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()

/** The field that a heading names, by whole words first, else by a word in it; null when none. */
export function fieldOf(heading: string): Field | null {
  const words = plain(heading)
  if (words === '') return null
  const exact = FIELDS.find((field) => WORDS[field].includes(words))
  if (exact) return exact
  const inside = (field: Field): boolean =>
    WORDS[field].some((word) => word.length > 3 && new RegExp(`\\b${word}\\b`).test(words))
  return (
    (['expiry', 'opened', 'par', 'purpose', 'forWhom', 'strength', 'price'] as const).find(
      inside,
    ) ??
    FIELDS.find(inside) ??
    null
  )
}

/** Columns for a heading row; a field named twice stays with its first column. */
export function columnsOf(headings: readonly string[]): Columns {
  const taken = new Set<Field>()
  return headings.map((heading) => {
    const field = fieldOf(heading)
    if (field === null || taken.has(field)) return null
    taken.add(field)
    return field
  })
}

/** Whether a row looks like headings: an item column and at least one more known word. */
export function isHeadingRow(cells: readonly string[]): boolean {
  const known = columnsOf(cells).filter((field) => field !== null)
  return (
    known.includes('item') && known.length >= 2 && cells.every((cell) => !/^\d/.test(cell.trim()))
  )
}

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

/** Kept with the lot's note, under its own heading, so that nothing that was written is lost. */
export const KEPT = 'kept'
/** For each column of the file its field, "kept" as a note, or null when somebody leaves it out. */
export type Columns = readonly (Field | typeof KEPT | null)[]

const WORDS: Readonly<Record<Field, readonly string[]>> = {
  item: [
    'what is it',
    'things',
    'goods',
    'stuff',
    'medication',
    'medications',
    'medicines',
    'drug',
    'contents of kit',
    'title',
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
    'strengths',
    'sizes',
    'mg or size',
    'mg / size',
    'format',
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
    'for who',
    'owner',
    'user',
    'animal',
    'pet',
    'whom',
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
    'pieces left',
    'left',
    'remaining',
    'pieces',
    'units',
    'how much',
    'actual',
    'counted',
    'current',
    'there now',
    'got',
    'nr',
    'num',
    'amt',
    'available',
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
    'ideal',
    'goal',
    'required',
    'want',
    'should have',
    'full set',
    'max',
    'par level',
    'need to have',
    'supposed',
    'reorder level',
    'keep',
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
    'discard after',
    'discard by',
    'valid thru',
    'valid to',
    'valid till',
    'use before',
    'good till',
    'good thru',
    'best by',
    'expires on',
    'expiring',
    'bbd',
    'ed',
    'due',
    'throw out by',
    'shelf life until',
    'exp dt',
    'date of expiry',
    'end date',
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
  opened: [
    'date of opening',
    'in use since',
    'opening date',
    'open date',
    'opened',
    'opened on',
    'open since',
    'date opened',
    'opened date',
    'open',
  ],
  place: [
    'room',
    'stored',
    'stored at',
    'kept',
    'kept at',
    'whereabouts',
    'place',
    'where',
    'location',
    'house',
    'site',
    'at',
  ],
  kit: [
    'which bag',
    'which box',
    'first aid kit',
    'backpack',
    'rucksack',
    'pack name',
    'kit name',
    'kit',
    'bag',
    'box',
    'which kit',
    'container',
    'case',
    'set',
  ],
  pocket: [
    'which pocket',
    'layer',
    'side',
    'position',
    'spot',
    'part',
    'tier',
    'packed in',
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
  price: [
    'eur',
    'usd',
    'gbp',
    'euro',
    'euros',
    'dollars',
    'price paid',
    'price',
    'cost',
    'paid',
    'value',
    'price each',
    'unit price',
  ],
  shop: [
    'vendor',
    'bought from',
    'pharmacy',
    'where from',
    'shop',
    'store',
    'bought at',
    'from',
    'supplier',
    'where bought',
    'source',
  ],
  pack: [
    'per box',
    'pieces per pack',
    'pack of',
    'contents per pack',
    'pack',
    'pack size',
    'per pack',
    'units per pack',
  ],
  batch: ['batch', 'lot', 'lot no', 'lot number', 'batch no', 'charge'],
  note: [
    'info',
    'details',
    'misc',
    'comments and notes',
    'observations',
    'memo',
    'note',
    'notes',
    'remark',
    'remarks',
    'comment',
    'comments',
    'other',
  ],
}

const plain = (heading: string): string =>
  heading
    .toLowerCase()
    .replace(/[^a-z0-9/ ]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()

/** Long enough, or plain enough, to be found inside a longer heading. */
const isTelling = (word: string): boolean =>
  (word.length > 3 && !COMMON.has(word)) ||
  ['exp', 'qty', 'par', 'bag', 'box', 'bin', 'kit'].includes(word)
const COMMON: ReadonlySet<string> = new Set([
  'left',
  'have',
  'need',
  'keep',
  'want',
  'part',
  'side',
  'user',
  'info',
  'name',
  'size',
  'from',
  'kept',
  'goal',
  'spot',
  'open',
  'title',
  'other',
  'value',
  'things',
  'units',
  'pieces',
  'current',
  'number',
  'max',
  'due',
])

/** The field that a heading names, by whole words first, else by a word in it; null when none. */
export function fieldOf(heading: string): Field | null {
  const words = plain(heading)
  if (words === '') return null
  const exact = FIELDS.find((field) => WORDS[field].includes(words))
  if (exact) return exact
  const inside = (field: Field): boolean =>
    WORDS[field].some((word) => isTelling(word) && new RegExp(`\\b${word}\\b`).test(words))
  return (
    (['expiry', 'opened', 'par', 'purpose', 'forWhom', 'strength', 'price'] as const).find(
      inside,
    ) ??
    FIELDS.find(inside) ??
    null
  )
}

/** Columns for a heading row: what no word is known for, and a field named twice, is kept. */
export function columnsOf(headings: readonly string[]): Columns {
  const taken = new Set<Field>()
  return headings.map((heading) => {
    const field = fieldOf(heading)
    if (field === null || taken.has(field)) return KEPT
    taken.add(field)
    return field
  })
}

/** Whether a row looks like headings: words of ours in two cells or more, and figures in none. */
export function isHeadingRow(cells: readonly string[]): boolean {
  const known = columnsOf(cells).filter((field) => field !== KEPT)
  return known.length >= 2 && cells.every((cell) => !/^\d/.test(cell.trim()) && cell.length <= 40)
}

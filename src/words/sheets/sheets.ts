/** English for what is printed. */
import type { PlainDate } from '../../core/calendar/plainDate'
import { formatAmount } from '../../core/quantity/amount'
import type { SheetLine } from '../../core/sheet/lidSheet'
import type { KitLook } from '../../core/trust/kitLook'
import { expiryText, fullDay } from '../frame/format'

/** Words on a lot's own label. */
export const label = {
  title: 'Label',
  print: 'Print the label',
  paper: 'For labels of 62 × 29 mm; choose the label printer when your device asks.',
  good: (until: string): string => `Good through ${until}`,
  batch: (batch: string): string => `Batch ${batch}`,
  opened: 'Opened on ________________',
  code: 'Code with its date and batch',
}

export const sheets = {
  title: 'lid sheet',
  emergency: 'Emergency',
  poison: 'Poison line',
  blank: '________________',
  belongsTo: (household: string): string => `Belongs to the ${household}`,
  checked: (look: KitLook): string => {
    switch (look.kind) {
      case 'whole':
        return `checked on ${fullDay(look.on)}`
      case 'partly':
        return look.seen === look.of
          ? `every thing looked at since ${fullDay(look.since)}`
          : `${look.seen} of ${look.of} things looked at, last on ${fullDay(look.on)}`
      case 'never':
        return 'not checked yet'
    }
  },
  printed: (day: PlainDate): string => `Vivid Satchel · printed ${fullDay(day)}`,
  page: (page: number, of: number): string => `${page} of ${of}`,
  emptyPocket: 'empty',
  count: (line: SheetLine): string =>
    line.par > 0
      ? `${formatAmount(line.good)} of ${formatAmount(line.par)}`
      : formatAmount(line.good),
  expiry: (line: SheetLine): string =>
    line.expiry === null
      ? 'none here'
      : `${line.opened ? 'opened, ' : ''}${expiryText(line.expiry)}`,
  cautions: [
    'Call the emergency number first. For anything swallowed call the poison line first; bring nothing up without its word.',
    'The pack label, the prescriber and the vet win over this sheet. It gives no doses and no medical or veterinary advice.',
    'Use only what you know how to use. Give strangers no medicine. Look at the date and the seal before you use a thing.',
    'Nothing cold or hot straight on skin. An animal in pain bites: wrap or muzzle it first, never one that vomits or cannot breathe.',
  ],
  headings: { item: 'Item', purpose: 'What for', count: 'There', expiry: 'Good until' },
  pdf: 'PDF',
  paper: { A4: 'A4', A5: 'A5', LETTER: 'Letter' },
  alsoRestock: 'The restock list, to print from its page',
  size: 'Paper',
  printNow: 'Print',
  errands: {
    title: 'What is to be done',
    link: 'What is to be done, place by place',
    asOf: (day: string): string => `As of ${day}. Vivid Satchel.`,
    none: 'Nothing is open.',
    back: 'Back to Today',
  },
  all: 'Sheets for the lids',
  under: 'One for each kit, for the inside of its lid. They name no member, price or address.',
  back: 'Back to the kit',
  label,
} as const

/** What somebody did, after a name: "Ilse …". */
export const sheetsPast = {
  sheet_printed: 'printed a lid sheet',
  labels_printed: 'printed labels',
  card_printed: 'printed a wallet card',
} as const

/** The household's stock as a list that reads back to the same: one line a lot where it lies. */
import type { PlainDate } from '../calendar/plainDate'
import { writePrintedDate } from '../calendar/readPrintedDate'
import { formatAmount, NOTHING, type Total } from '../quantity/amount'
import { MEANT, readAmount } from '../quantity/readAmount'
import { writePrice } from '../quantity/readPrice'
import type { Line, Survey } from '../watch/survey'
import { FIELDS, type Field } from './headings'
import { writeTable } from './table'

export const EXPORT_HEADINGS: Readonly<Record<Field, string>> = {
  item: 'Item',
  strength: 'Strength or size',
  purpose: 'What for',
  forWhom: 'For whom',
  amount: 'How many',
  par: 'How many belong there',
  expiry: 'Expiry',
  opened: 'Opened',
  place: 'Place',
  kit: 'Kit',
  pocket: 'Pocket',
  price: 'Price',
  shop: 'Shop',
  pack: 'Pack size',
  batch: 'Batch',
  note: 'Note',
}

/** Reads back to the same: what is very many is marked as meant. */
function counted(amount: Total, unit: string): string {
  const text = unit === '' ? formatAmount(amount) : `${formatAmount(amount)} ${unit}`
  const reading = readAmount(text, true)
  return reading.kind === 'refused' && reading.refusal.code === 'very_many'
    ? `${text}${MEANT}`
    : text
}

/** Every lot where it lies, and every par with nothing there, as comma-separated text. */
export function exportList(survey: Survey): string {
  const rows = survey.lines.flatMap((line) => rowsOf(line, survey.today))
  return writeTable(
    FIELDS.map((field) => EXPORT_HEADINGS[field]),
    rows.map((row) => FIELDS.map((field) => row[field] ?? '')),
  )
}

/** Headings and two examples to fill in. */
export function templateList(): string {
  const example: Partial<Record<Field, string>>[] = [
    {
      item: 'Plasters',
      strength: '7 cm',
      purpose: 'Small wounds',
      amount: '18 strips',
      par: '20',
      expiry: '03/2029',
      place: 'Home',
      kit: 'Hall box',
      pocket: 'Lid',
    },
    {
      item: 'Saline pods',
      strength: '20 mL',
      purpose: 'Rinse eyes and wounds',
      amount: '2 x 5',
      par: '10',
      expiry: '2028-02',
      place: 'Car',
      kit: 'Boot bag',
      pocket: 'Front',
      price: '4.90',
    },
  ]
  return writeTable(
    FIELDS.map((field) => EXPORT_HEADINGS[field]),
    example.map((row) => FIELDS.map((field) => row[field] ?? '')),
  )
}

function rowsOf(line: Line, today: PlainDate): Partial<Record<Field, string>>[] {
  const { item, site, par } = line
  const common = {
    item: item.name,
    strength: item.strength,
    purpose: item.purpose,
    forWhom: item.forWhom,
    par: par === NOTHING ? '' : counted(par, ''),
    place: site.place.name,
    kit: site.kit.name,
    pocket: site.pocket.name,
    shop: item.shop,
    pack: item.packSize === null ? '' : counted(item.packSize, ''),
  }
  if (line.holdings.length === 0) return [{ ...common, amount: counted(NOTHING, item.unit) }]
  return line.holdings.map(({ lot, amount }) => ({
    ...common,
    amount: counted(amount, item.unit),
    expiry: writePrintedDate(lot.expiry, today),
    opened: lot.opened.kind === 'opened' ? lot.opened.on : '',
    price: writePrice(lot.unitPriceMinor),
    batch: lot.batch,
    note: lot.note,
  }))
}

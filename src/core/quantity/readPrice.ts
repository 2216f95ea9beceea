/** Prices as people write them, in hundredths of the currency. */

/** "12.50", "€ 3,20", "4" in hundredths; null for "" and "not_a_price" for what is none. */
export function readPrice(written: string): number | null | 'not_a_price' {
  const text = written.trim()
  if (text === '') return null
  const match = /^[^\d-]*(\d{1,7})(?:[.,](\d{1,2}))?[^\d]*$/.exec(text)
  return match ? Number(match[1]) * 100 + Number((match[2] ?? '').padEnd(2, '0')) : 'not_a_price'
}

/** The text that {@link readPrice} reads back: "3.20"; "" for no price. */
export const writePrice = (minor: number | null): string =>
  minor === null ? '' : `${Math.floor(minor / 100)}.${String(minor % 100).padStart(2, '0')}`

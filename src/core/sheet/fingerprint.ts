/** What a lid sheet says, as text: two sheets with the same text need not be printed twice. */
import { formatExpiry } from '../calendar/expiry'
import { formatAmount } from '../quantity/amount'
import type { LidSheet } from './lidSheet'

/** The days on which it was printed and the kit was looked through are left out. */
export const sheetText = ({ household, kit, numbers, pockets }: LidSheet): string =>
  JSON.stringify([
    household,
    kit,
    numbers,
    pockets.map(({ name, lines }) => [
      name,
      lines.map(({ title, unit, purpose, good, par, expiry, opened }) => [
        title,
        unit,
        purpose,
        formatAmount(good),
        formatAmount(par),
        expiry && formatExpiry(expiry),
        opened,
      ]),
    ]),
  ])

/** What a lid sheet says, as text: two sheets with the same text need not be printed twice. */
import { formatExpiry } from '../calendar/expiry'
import { formatAmount } from '../quantity/amount'
import type { SheetContent } from './lidSheet'

/** The day on which it was printed is left out. */
export const sheetText = ({ household, kit, numbers, pockets, lidCode }: SheetContent): string =>
  JSON.stringify([
    household,
    kit,
    numbers,
    pockets.map(({ name, lines }) => [
      name,
      lines.map(({ title, unit, purpose, good, par, expiry, opened, keeping }) => [
        title,
        unit,
        purpose,
        formatAmount(good),
        formatAmount(par),
        expiry && formatExpiry(expiry),
        opened,
        // What is usual for a thing is nothing new; what somebody read off its label is.
        ...(keeping.source === 'label' ? [keeping.storage] : []),
      ]),
    ]),
    // A sheet without a code reads as it always did.
    ...(lidCode === null ? [] : [lidCode]),
  ])

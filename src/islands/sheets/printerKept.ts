/** Which labels this device prints on, and how far its printer is off: another device has another printer. */
import { LABEL_FORMAT_IDS, type LabelFormatId, MOST_NUDGE } from '../../core/labels/formats'

export interface Printer {
  readonly format: LabelFormatId
  /** Tenths of a millimetre. */
  readonly right: number
  readonly down: number
}

const KEPT_AS = 'label-printer'
export const USUAL: Printer = { format: 'a4-21', right: 0, down: 0 }

const isNudge = (value: unknown): value is number =>
  Number.isInteger(value) && Math.abs(value as number) <= MOST_NUDGE

/** As it was told here last; the usual where nothing was, or nothing that makes sense. */
export function keptPrinter(): Printer {
  try {
    const kept = JSON.parse(localStorage.getItem(KEPT_AS) ?? 'null') as Partial<Printer> | null
    const format = LABEL_FORMAT_IDS.find((id) => id === kept?.format)
    return format && isNudge(kept?.right) && isNudge(kept.down)
      ? { format, right: kept.right, down: kept.down }
      : USUAL
  } catch {
    return USUAL
  }
}

export function keepPrinter(printer: Printer): void {
  try {
    localStorage.setItem(KEPT_AS, JSON.stringify(printer))
  } catch {
    // A device without room asks again the next time.
  }
}

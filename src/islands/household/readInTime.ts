/** Reads a calendar beside the screen, and gives up on one that takes too long. */
import { type Remote, wrap } from 'comlink'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { CalendarReading } from '../../core/interchange/calendarFile'
import type { CalendarReader } from '../../workers/calendarReader'

/** Two megabytes are read in a second or two; more than this is a rule that never comes to a day. */
const PATIENCE_MILLISECONDS = 20_000

export type ReadInTime = CalendarReading | { readonly kind: 'refused'; readonly code: 'too_slow' }

export async function readInTime(
  text: string,
  today: PlainDate,
  timeZone: string,
): Promise<ReadInTime> {
  const worker = new Worker(new URL('../../workers/calendarReader.ts', import.meta.url), {
    type: 'module',
  })
  const reader: Remote<CalendarReader> = wrap(worker)
  let timer: ReturnType<typeof setTimeout> | undefined
  const tooSlow = new Promise<ReadInTime>((resolve) => {
    timer = setTimeout(() => resolve({ kind: 'refused', code: 'too_slow' }), PATIENCE_MILLISECONDS)
  })
  try {
    return await Promise.race([reader.read(text, today, timeZone), tooSlow])
  } finally {
    clearTimeout(timer)
    worker.terminate()
  }
}

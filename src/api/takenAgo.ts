/** How long ago something was done that a device kept until now. */

/** A device tells how long ago it was pressed, by its own clock: its clock may be wrong, its pace is not. */
const TAKEN_AGO = 'taken-milliseconds-ago'
/** What waited longer than this is not told in time any more; it is recorded as of now. */
const MOST_AGO = 90 * 86_400_000

/** Milliseconds; 0 for what is done now, or told as if it were to come. */
export function takenAgoOf(headers: Headers): number {
  const ago = Number(headers.get(TAKEN_AGO) ?? 0)
  return Number.isInteger(ago) && ago > 0 && ago <= MOST_AGO ? ago : 0
}

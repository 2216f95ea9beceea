/** Seconds to get a thing out. */

/** A pocket that nobody has timed. */
export const USUAL_REACH = 12
/** Within so many seconds it is at hand; past this, what a life depends on lies deep. */
export const QUICK = 10

/** A set with one taken out that is in it, put in that is not. */
export function toggled<T>(set: ReadonlySet<T>, one: T): ReadonlySet<T> {
  const next = new Set(set)
  if (!next.delete(one)) next.add(one)
  return next
}

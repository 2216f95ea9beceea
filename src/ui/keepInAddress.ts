/**
 * Puts what is seen into the address, without a step for the back button: reload, coming back and a
 * copied link show the same.
 * @param parts by the name of the parameter; null takes one away
 */
export function keepInAddress(parts: Readonly<Record<string, string | null>>): void {
  const search = new URLSearchParams(location.search)
  for (const [name, value] of Object.entries(parts))
    if (value === null) search.delete(name)
    else search.set(name, value)
  const next = `${location.pathname}${search.size > 0 ? `?${search}` : ''}${location.hash}`
  if (next !== `${location.pathname}${location.search}${location.hash}`)
    history.replaceState(history.state, '', next)
}

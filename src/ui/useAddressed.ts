/** A choice that stands in the address: reload, back and a copied link keep it. */
import { useCallback, useEffect, useState } from 'react'

/**
 * @param name of the parameter
 * @param first as the server read it, so that the first picture is the same on both sides
 */
export function useAddressed(
  name: string,
  first: string | null,
): readonly [string | null, (value: string | null) => void] {
  const [value, setValue] = useState(first)
  useEffect(() => {
    const onBack = () => setValue(new URLSearchParams(location.search).get(name))
    addEventListener('popstate', onBack)
    return () => removeEventListener('popstate', onBack)
  }, [name])
  const choose = useCallback(
    (next: string | null) => {
      const search = new URLSearchParams(location.search)
      if (next === null) search.delete(name)
      else search.set(name, next)
      history.pushState(null, '', `${location.pathname}${search.size > 0 ? `?${search}` : ''}`)
      setValue(next)
    },
    [name],
  )
  return [value, choose]
}

/** What is chosen on a screen and kept by its address: reload, coming back and a copied link show it. */
import { useEffect, useState } from 'react'
import { keepInAddress } from './keepInAddress'

/** What the address says, by the name of the parameter, as the server read it. */
export type InAddress = Readonly<Record<string, string | undefined>>

/**
 * A state that is a text. The address does without it while it is the usual one.
 * @param usual where the address says nothing
 */
export function useKept(
  name: string,
  address: InAddress,
  usual: string,
): readonly [string, (value: string) => void] {
  const [value, setValue] = useState(address[name] ?? usual)
  useEffect(() => keepInAddress({ [name]: value === usual ? null : value }), [name, value, usual])
  return [value, setValue]
}

/** Ids in one parameter. */
export const idsIn = (text: string | undefined): ReadonlySet<string> =>
  new Set((text ?? '').split(' ').filter(Boolean))

/** Null for none, which the address does without. */
export const idsAsText = (ids: ReadonlySet<string>): string | null =>
  ids.size === 0 ? null : [...ids].join(' ')

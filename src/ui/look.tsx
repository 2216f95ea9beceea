/** Light, dark and torch; kept on the device. */

import { useCallback, useEffect, useMemo, useState } from 'react'
import * as words from '../words'
import { SegmentedControl } from './SegmentedControl'

export const LOOKS = ['light', 'dark', 'torch'] as const
export type Look = (typeof LOOKS)[number]

export interface LookValue {
  readonly look: Look
  choose(look: Look): void
  toggleTorch(): void
}

function apply(look: Look): void {
  document.documentElement.dataset.look = look
  document.documentElement.dataset.mantineColorScheme = look === 'light' ? 'light' : 'dark'
  localStorage.setItem('look', look)
}

export function useLook(): LookValue {
  const [look, setLook] = useState<Look>('light')
  useEffect(() => {
    const { look: current } = document.documentElement.dataset
    setLook(LOOKS.find((one) => one === current) ?? 'light')
  }, [])
  const choose = useCallback((next: Look) => {
    apply(next)
    setLook(next)
  }, [])
  return useMemo(
    () => ({ look, choose, toggleTorch: () => choose(look === 'torch' ? 'light' : 'torch') }),
    [look, choose],
  )
}

export const LookSwitch = ({ look: { look, choose } }: { readonly look: LookValue }) => (
  <SegmentedControl
    label={words.look.label}
    value={look}
    options={LOOKS.map((one) => ({ value: one, label: words.look[one] }))}
    onChange={choose}
  />
)

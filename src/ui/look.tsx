/** Light, dark and torch; kept on the device. */

import { useCallback, useEffect, useMemo, useState } from 'react'
import { words } from '../words'
import { Row } from './Box'
import { Button } from './Button'
import classes from './look.module.css'

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

export function LookSwitch({ look: { look, choose } }: { readonly look: LookValue }) {
  return (
    <Row
      below={2}
      line="seam"
      radius={2}
      className={classes.looks}
      role="radiogroup"
      aria-label={words.look.label}
    >
      {LOOKS.map((one) => (
        <Button
          kind="plain"
          key={one}
          role="radio"
          aria-checked={look === one}
          onClick={() => choose(one)}
        >
          {words.look[one]}
        </Button>
      ))}
    </Row>
  )
}

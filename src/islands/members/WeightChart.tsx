/** The history of a weight as a line; its table stands below it. */

import { useEffect, useRef } from 'react'
import type { Weighing } from '../../core/household/weight'
import { Box } from '../../ui/Box'
import * as words from '../../words'
import { weight } from '../../words/care/weights'
import { monthYear } from '../../words/frame/format'
import classes from './member.module.css'

export function WeightChart({
  weighings,
  units,
}: {
  readonly weighings: readonly Weighing[]
  readonly units: 'metric' | 'us'
}) {
  const box = useRef<HTMLDivElement>(null)
  useEffect(() => {
    const element = box.current
    if (!element) return
    let dispose = () => {}
    let gone = false
    // The library is large and only this part of one screen draws with it.
    void import('../../ui/drawLine').then(({ drawLine }) => {
      if (gone) return
      dispose = drawLine(
        element,
        weighings.map(({ on, grams }) => [Date.parse(on), grams] as const),
        {
          label: (grams) => weight(Math.round(grams), units),
          time: (at) => monthYear(new Date(at).toISOString()),
          normal: null,
        },
      )
    })
    return () => {
      gone = true
      dispose()
    }
  }, [weighings, units])
  return (
    <Box
      above={2}
      below={2}
      ref={box}
      className={classes.chart}
      role="img"
      aria-label={words.members.weight}
    />
  )
}

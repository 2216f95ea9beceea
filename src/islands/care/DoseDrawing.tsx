/** A dose drawn as it is given: syringe fills, tablets with their cut, drops, dosing spoons. */

import type { Dose } from '../../core/dosing/question'
import { Box, Stack } from '../../ui/Box'
import * as words from '../../words'
import classes from './care.module.css'
import { Syringe } from './Syringe'
import { Tablets } from './Tablets'

const benchWords = words.care.bench

export function DoseDrawing({
  dose,
  cuts,
  compact,
}: {
  readonly dose: Dose
  readonly cuts: 1 | 2 | 4
  readonly compact: boolean
}) {
  if (dose.measuring) {
    const { fills, barrel } = dose.measuring
    return (
      <Stack gap={2} className={classes.drawn} data-compact={compact}>
        {fills.map((fill, at) => (
          <Syringe
            // biome-ignore lint/suspicious/noArrayIndexKey: fills may be alike
            key={at}
            barrel={barrel}
            fill={fill}
            note={fills.length > 1 ? benchWords.fillNumber(at + 1, fills.length) : ''}
          />
        ))}
      </Stack>
    )
  }
  if (dose.quarters !== null)
    return <Tablets quarters={dose.quarters} cuts={cuts} text={words.care.portion(dose.portion)} />
  if (dose.portion.unit === 'drop')
    return <Drops count={dose.portion.thousandths / 1000} text={words.care.portion(dose.portion)} />
  return (
    <Box as="p" size={6} weight="bold" face="display">
      {words.care.portion(dose.portion)}
    </Box>
  )
}

const MOST_DROPS = 30

/** Each drop by itself, so that they can be counted along. */
function Drops({ count, text }: { readonly count: number; readonly text: string }) {
  const shown = Math.min(MOST_DROPS, count)
  return (
    <figure className={classes.tablets}>
      <svg
        viewBox={`0 0 ${shown * 30} 42`}
        style={{ width: `min(100%, ${shown * 30}px)` }}
        role="img"
        aria-label={text}
      >
        {Array.from({ length: shown }, (_, at) => (
          <path
            // biome-ignore lint/suspicious/noArrayIndexKey: drops are alike
            key={at}
            fill="var(--liquid)"
            stroke="var(--ink)"
            strokeWidth={2.5}
            d={`M${at * 30 + 15} 4 c 5 9 10 14 10 21 a 10 10 0 0 1 -20 0 c 0 -7 5 -12 10 -21 Z`}
          />
        ))}
      </svg>
      <Box as="figcaption" size={2} tone="second">
        {text}
      </Box>
    </figure>
  )
}

/** Dosing spoons of 5 mL, each as full as it is. */
export function Spoons({ millilitres }: { readonly millilitres: number }) {
  const spoons = Array.from({ length: Math.ceil(millilitres / 5) }, (_, at) =>
    Math.min(5, millilitres - at * 5),
  )
  return (
    <svg
      viewBox={`0 0 ${spoons.length * 46} 26`}
      width={spoons.length * 46}
      height={26}
      aria-hidden
    >
      {spoons.map((full, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: spoons are alike
        <g key={at} transform={`translate(${at * 46} 0)`}>
          <path
            fill="var(--liquid)"
            d={full === 5 ? 'M2 12 a11 9 0 0 0 22 0 Z' : 'M5 16 a11 9 0 0 0 16 0 Z'}
          />
          <path
            fill="none"
            stroke="var(--ink)"
            strokeWidth={2}
            d="M2 12 h22 a11 9 0 0 1 -22 0 Z M24 12 h20"
          />
        </g>
      ))}
    </svg>
  )
}

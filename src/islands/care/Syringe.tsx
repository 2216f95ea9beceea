/** A syringe drawn to scale: the face of its plunger stands at the volume. */

import { type Barrel, drawSyringe } from '../../core/dosing/barrel'
import { thousandthsText } from '../../core/quantity/exact'
import type { Microlitres } from '../../core/quantity/measure'
import { Box } from '../../ui/Box'
import * as words from '../../words'
import classes from './care.module.css'

const SCALE = 420
const LEFT = 62
const TOP = 34
const HEIGHT = 62
const benchWords = words.care.bench

interface Props {
  readonly barrel: Barrel
  readonly fill: Microlitres
  /** "fill 1 of 2"; "" for a single fill. */
  readonly note: string
}

export function Syringe({ barrel, fill, note }: Props) {
  const { plunger, marks } = drawSyringe(barrel, fill, SCALE)
  const at = LEFT + plunger
  const amount = `${thousandthsText(fill)} mL`
  const name = benchWords.barrelName(thousandthsText(barrel.capacity), thousandthsText(barrel.mark))
  const tip = barrel.wide ? 34 : 18
  // The words stay within the drawing, wherever the plunger stands.
  const label = Math.min(LEFT + SCALE, Math.max(LEFT + 24, at))
  return (
    <figure className={classes.syringe}>
      <svg
        viewBox="0 0 640 122"
        role="img"
        aria-label={benchWords.syringeLabel(amount, name)}
        data-volume={fill}
      >
        <rect
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2.5}
          x={LEFT - 30}
          y={TOP + (HEIGHT - tip) / 2}
          width={30}
          height={tip}
        />
        <rect fill="var(--paper)" x={LEFT} y={TOP} width={SCALE} height={HEIGHT} rx={4} />
        <rect fill="var(--liquid)" x={LEFT} y={TOP} width={plunger} height={HEIGHT} rx={4} />
        {marks.map((mark) => (
          <g key={mark.microlitres}>
            <line
              stroke="var(--ink)"
              strokeWidth={1.6}
              data-microlitres={mark.microlitres}
              x1={LEFT + mark.at}
              x2={LEFT + mark.at}
              y1={TOP + HEIGHT - (mark.numbered ? 22 : 12)}
              y2={TOP + HEIGHT}
            />
            {mark.numbered && (
              <text
                className={classes.number}
                fill="var(--ink)"
                fontWeight={700}
                fontSize="var(--text-3)"
                fontFamily="var(--font-text)"
                x={LEFT + mark.at}
                y={TOP + HEIGHT + 19}
                textAnchor="middle"
              >
                {thousandthsText(mark.microlitres)}
              </text>
            )}
          </g>
        ))}
        <rect
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2.5}
          x={LEFT}
          y={TOP}
          width={SCALE}
          height={HEIGHT}
          rx={4}
        />
        <rect
          fill="var(--ink-2)"
          x={at + 14}
          y={TOP + HEIGHT / 2 - 9}
          width={LEFT + SCALE + 84 - at - 14}
          height={18}
        />
        <rect
          fill="var(--ink)"
          data-plunger
          x={at}
          y={TOP - 3}
          width={15}
          height={HEIGHT + 6}
          rx={2}
        />
        <rect
          fill="var(--ink)"
          x={LEFT + SCALE + 82}
          y={TOP + 6}
          width={12}
          height={HEIGHT - 12}
          rx={3}
        />
        <text
          className={classes.volume}
          fill="var(--persimmon)"
          fontWeight={700}
          fontSize="var(--text-5)"
          fontFamily="var(--font-display)"
          x={label}
          y={TOP - 12}
          textAnchor="middle"
        >
          {amount}
        </text>
      </svg>
      <Box as="figcaption" size={2} tone="second">
        {name}
        {note && `, ${note}`}
      </Box>
    </figure>
  )
}

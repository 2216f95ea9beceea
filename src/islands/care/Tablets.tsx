/** Whole tablets and a cut one, drawn: what is given is filled, what stays is an outline. */
import { Box } from '../../ui/Box'
import * as words from '../../words'
import classes from './care.module.css'

const RADIUS = 34
const GAP = 18
/** More than these are drawn as a number beside one. */
const MOST_DRAWN = 6

interface Props {
  /** Of a tablet. */
  readonly quarters: number
  /** Parts that it may be cut into. */
  readonly cuts: 1 | 2 | 4
  readonly text: string
}

export function Tablets({ quarters, cuts, text }: Props) {
  const whole = Math.floor(quarters / 4)
  const part = quarters % 4
  const drawn = Math.min(whole, MOST_DRAWN) + (part > 0 ? 1 : 0)
  const width = Math.max(1, drawn) * (2 * RADIUS + GAP) + GAP
  const centre = (at: number): number => GAP + RADIUS + at * (2 * RADIUS + GAP)
  return (
    <figure className={classes.tablets}>
      <svg
        viewBox={`0 0 ${width} ${2 * RADIUS + 24}`}
        style={{ width: `min(100%, ${width}px)` }}
        role="img"
        aria-label={words.care.bench.cutLabel(text)}
        data-quarters={quarters}
      >
        {Array.from({ length: drawn }, (_, at) => {
          const given = at < Math.min(whole, MOST_DRAWN) ? 4 : part
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: tablets are alike
            <g key={at}>
              <circle
                fill="var(--paper)"
                stroke="var(--ink)"
                strokeWidth={2.5}
                cx={centre(at)}
                cy={RADIUS + 10}
                r={RADIUS}
              />
              <path
                fill="var(--liquid)"
                stroke="var(--ink)"
                strokeWidth={2.5}
                d={sector(centre(at), RADIUS + 10, given)}
              />
              {cuts >= 2 && (
                <line
                  className={given < 4 ? classes.cut : classes.score}
                  x1={centre(at)}
                  x2={centre(at)}
                  y1={given < 4 ? 0 : 16}
                  y2={given < 4 ? 2 * RADIUS + 22 : 2 * RADIUS + 4}
                />
              )}
              {cuts === 4 && (
                <line
                  className={given % 2 === 1 ? classes.cut : classes.score}
                  x1={centre(at) - RADIUS + 6}
                  x2={centre(at) + RADIUS - 6}
                  y1={RADIUS + 10}
                  y2={RADIUS + 10}
                />
              )}
            </g>
          )
        })}
      </svg>
      <Box as="figcaption" size={2} tone="second">
        {text}
      </Box>
    </figure>
  )
}

/** So many quarters of a circle, from the top, to the left first: halves lie side by side. */
function sector(x: number, y: number, quarters: number): string {
  if (quarters >= 4)
    return `M ${x - RADIUS} ${y} a ${RADIUS} ${RADIUS} 0 1 0 ${2 * RADIUS} 0 a ${RADIUS} ${RADIUS} 0 1 0 ${-2 * RADIUS} 0`
  const angle = -Math.PI / 2 - (quarters * Math.PI) / 2
  const endX = x + RADIUS * Math.cos(angle)
  const endY = y + RADIUS * Math.sin(angle)
  return `M ${x} ${y} L ${x} ${y - RADIUS} A ${RADIUS} ${RADIUS} 0 ${quarters > 2 ? 1 : 0} 0 ${endX} ${endY} Z`
}

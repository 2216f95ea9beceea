/** A mixture as it stands in a glass with a scale, and spoons as full as they are. */
import { thousandthsText } from '../../../core/quantity/exact'
import type { Microlitres } from '../../../core/quantity/measure'
import * as words from '../../../words'
import classes from './drawings.module.css'

const HEIGHT = 150
const WIDTH = 110
const LEFT = 24
const TOP = 14

interface GlassProps {
  readonly total: Microlitres
  /** What lies lowest first. */
  readonly parts: readonly {
    readonly kind: 'water' | 'strong' | 'powder'
    readonly volume: Microlitres
  }[]
  readonly label: string
}

export function Glass({ total, parts, label }: GlassProps) {
  // A little room above, as in a glass.
  const scale = (HEIGHT * 0.88) / total
  let from = TOP + HEIGHT
  return (
    <figure className={classes.drawing}>
      <svg
        viewBox={`0 0 ${WIDTH + 90} ${HEIGHT + 32}`}
        role="img"
        aria-label={words.care.mixes.drawn(label)}
      >
        {parts.map(({ kind, volume }) => {
          const height = volume * scale
          from -= height
          return (
            <rect
              key={kind}
              className={classes[kind]}
              data-volume={volume}
              x={LEFT + 3}
              y={from}
              width={WIDTH - 6}
              height={height}
            />
          )
        })}
        {[1, 2, 3, 4].map((quarter) => {
          const y = TOP + HEIGHT - (total / 4) * quarter * scale
          return (
            <g key={quarter}>
              <line
                stroke="var(--ink)"
                strokeWidth={1.3}
                x1={LEFT + WIDTH - 16}
                x2={LEFT + WIDTH}
                y1={y}
                y2={y}
              />
              <text
                fill="var(--ink)"
                fontWeight={400}
                fontSize="var(--text-1)"
                fontFamily="var(--font-text)"
                x={LEFT + WIDTH + 6}
                y={y + 4}
              >
                {thousandthsText((total / 4) * quarter)} mL
              </text>
            </g>
          )
        })}
        <path
          fill="var(--paper)"
          stroke="var(--ink)"
          strokeWidth={2.5}
          style={{ fill: 'none' }}
          d={`M${LEFT} ${TOP} v${HEIGHT} h${WIDTH} v${-HEIGHT}`}
        />
      </svg>
      <figcaption>{label}</figcaption>
    </figure>
  )
}

const MOST_SPOONS = 12

/** Level spoons, the last one as full as it is. */
export function Spoons({
  lines,
}: {
  readonly lines: readonly { readonly name: string; readonly eighths: number }[]
}) {
  return (
    <>
      {lines.map(({ name, eighths }) => {
        const spoons = Math.min(MOST_SPOONS, Math.ceil(eighths / 8))
        return (
          <figure key={name} className={classes.drawing}>
            <svg
              viewBox={`0 0 200 ${Math.ceil(spoons / 4) * 30}`}
              role="img"
              aria-label={`${words.care.mixes.spoons(eighths)} ${name}`}
            >
              {Array.from({ length: spoons }, (_, at) => {
                const full = Math.min(8, eighths - at * 8) / 8
                const x = (at % 4) * 50
                const y = Math.floor(at / 4) * 30
                return (
                  // biome-ignore lint/suspicious/noArrayIndexKey: spoons are alike
                  <g key={at} transform={`translate(${x} ${y})`}>
                    <clipPath id={`${name}${at}`}>
                      <rect x={0} y={0} width={26 * full} height={28} />
                    </clipPath>
                    <ellipse
                      fill="#e2c48b"
                      stroke="var(--ink)"
                      strokeWidth={2}
                      cx={13}
                      cy={14}
                      rx={12}
                      ry={9}
                      clipPath={`url(#${name}${at})`}
                    />
                    <ellipse
                      fill="none"
                      stroke="var(--ink)"
                      strokeWidth={2}
                      cx={13}
                      cy={14}
                      rx={12}
                      ry={9}
                    />
                    <line
                      fill="none"
                      stroke="var(--ink)"
                      strokeWidth={2}
                      x1={25}
                      x2={46}
                      y1={14}
                      y2={14}
                    />
                  </g>
                )
              })}
            </svg>
            <figcaption>
              {words.care.mixes.spoons(eighths)} {name}
            </figcaption>
          </figure>
        )
      })}
    </>
  )
}

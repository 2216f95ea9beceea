/** A label as it will be printed, drawn to its measures. */

import type { z } from 'zod'
import type * as sheets from '../../contract/values/sheets'
import type { Face } from '../../core/labels/fit'

export type Label = z.output<typeof sheets.label>

const FONTS: Readonly<Record<Face, { readonly family: string; readonly weight: number }>> = {
  title: { family: 'var(--font-display)', weight: 700 },
  strong: { family: 'var(--font-text)', weight: 700 },
  text: { family: 'var(--font-text)', weight: 400 },
}

interface Props {
  readonly label: Label
  /** Scales with the room there is, at most this many pixels a millimetre. */
  readonly pixels: number
}

export function LabelDrawing({ label, pixels }: Props) {
  const { fitted, code, name } = label
  const [width, height] = fitted.label
  const hatch = `hatch-${label.key}`
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={[name, ...fitted.lines.map(({ text }) => text)].join('; ')}
      style={{ width: width * pixels, maxWidth: '100%', background: '#fff', color: '#000' }}
    >
      {fitted.isHatched && (
        <>
          <pattern id={hatch} width="3" height="3" patternUnits="userSpaceOnUse">
            <path d="M0 0 L3 3" stroke="#c9c9c9" strokeWidth="0.3" />
          </pattern>
          <rect width={width} height={height} fill={`url(#${hatch})`} />
        </>
      )}
      {fitted.lines.map((line) => (
        <Words key={`${line.y}${line.text}`} {...line} />
      ))}
      {fitted.badge && (
        <>
          <rect {...fitted.badge.frame} rx="0.8" fill="none" stroke="#000" strokeWidth="0.3" />
          <Words {...fitted.badge} />
        </>
      )}
      {fitted.code && code && (
        <>
          <rect
            x={fitted.code.x - 1}
            y={fitted.code.y - 1}
            width={fitted.code.side + 2}
            height={fitted.code.side + 2}
            fill="#fff"
          />
          <path
            transform={`translate(${fitted.code.x} ${fitted.code.y}) scale(${fitted.code.side / code.across})`}
            d={code.dark.map(([x, y]) => `M${x} ${y}h1v1h-1z`).join('')}
          />
        </>
      )}
    </svg>
  )
}

const Words = ({ x, y, text, size, face }: Label['fitted']['lines'][number]) => (
  <text
    x={x}
    y={y}
    fontSize={size}
    fontFamily={FONTS[face].family}
    fontWeight={FONTS[face].weight}
    fill="currentColor"
  >
    {text}
  </text>
)

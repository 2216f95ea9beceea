/**
 * Fits words onto a label: as large as they go, then smaller, then on more lines. No word is ever cut;
 * what may be left out goes first, and what does not fit at all is said rather than printed.
 */
import type { Size } from './formats'

export type Face = 'title' | 'strong' | 'text'

export interface TextLine {
  readonly text: string
  readonly face: Face
  /** May be left out where there is no room; the last goes first. */
  readonly spare: boolean
}

/** What stands on a label. */
export interface LabelText {
  readonly lines: readonly TextLine[]
  /** A few words in a frame at the top right, such as "below 25 °C"; "" without. */
  readonly badge: string
  readonly hasCode: boolean
  /** Drawn over a hatched ground, so that it is told from the others without colour. */
  readonly isHatched: boolean
}

/** Width of a text in millimetres. @param size of the type, in millimetres */
export type Measure = (text: string, face: Face, size: number) => number

export interface PlacedLine {
  readonly text: string
  readonly face: Face
  readonly size: number
  readonly x: number
  /** Of the line on which the letters stand. */
  readonly y: number
}

export interface Fitted {
  readonly label: Size
  readonly lines: readonly PlacedLine[]
  readonly badge: (PlacedLine & { readonly frame: Box }) | null
  /** Where the code stands, a square; null without one. */
  readonly code: { readonly x: number; readonly y: number; readonly side: number } | null
  readonly isHatched: boolean
  /** What was left out. */
  readonly leftOut: readonly string[]
  /** Everything that has to be on it is. */
  readonly fits: boolean
}

interface Box {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

const PAD = 2.2
/** Sizes of the type in millimetres, before anything is made smaller. */
const SIZES: Readonly<Record<Face, number>> = { title: 4.6, strong: 3, text: 3 }
/** The smallest that is still read at arm's length: 6 points for text, 8 for a title. */
const LEAST: Readonly<Record<Face, number>> = { title: 2.9, strong: 2.2, text: 2.2 }
const STEPS = [1.25, 1.12, 1, 0.92, 0.85, 0.78, 0.72] as const
/** Of those who read badly: half as large again, and never small. */
const LARGE = 1.4
const LEADING = 1.22
/** A title runs over two lines at most while it can still be made smaller. */
const TITLE_LINES = 2
const BADGE_SIZE = 2.6

export function fitLabel(
  text: LabelText,
  label: Size,
  measure: Measure,
  { isLarge = false }: { readonly isLarge?: boolean } = {},
): Fitted {
  const leftOut: string[] = []
  let lines = text.lines
  for (;;) {
    for (const step of STEPS) {
      const isLast = step === STEPS.at(-1)
      const placed = place({ ...text, lines }, label, measure, { step, isLarge, isLast })
      if (placed) return { ...placed, leftOut, fits: true }
    }
    const spare = lines.findLastIndex((line) => line.spare)
    if (spare < 0) break
    leftOut.push(lines[spare]?.text ?? '')
    lines = lines.filter((_, at) => at !== spare)
  }
  return {
    label,
    lines: [],
    badge: null,
    code: null,
    isHatched: text.isHatched,
    leftOut: [...lines.map((line) => line.text), ...leftOut],
    fits: false,
  }
}

interface How {
  readonly step: number
  readonly isLarge: boolean
  /** Nothing can be made smaller any more. */
  readonly isLast: boolean
}

/** Null where it does not fit. */
function place(
  { lines, badge, hasCode, isHatched }: LabelText,
  label: Size,
  measure: Measure,
  how: How,
): Omit<Fitted, 'leftOut' | 'fits'> | null {
  const [width, height] = label
  const code = hasCode ? codeOn(label) : null
  const placedBadge = badge === '' ? null : badgeOn(badge, label, measure)
  const right = (top: number, bottom: number): number => {
    const free = [
      width - PAD,
      ...(code && bottom > code.y ? [code.x - 1] : []),
      ...(placedBadge && top < placedBadge.frame.y + placedBadge.frame.height
        ? [placedBadge.frame.x - 1]
        : []),
    ]
    return Math.min(...free)
  }
  const placed: PlacedLine[] = []
  let top = PAD
  for (const { text, face } of lines) {
    const size = Math.max(SIZES[face] * how.step, LEAST[face]) * (how.isLarge ? LARGE : 1)
    // What a blank that does not break holds together stays together.
    let rest = text
      .trim()
      .split(/[ \t\n]+/)
      .filter(Boolean)
    for (let row = 0; rest.length > 0; row++) {
      if (face === 'title' && row >= TITLE_LINES && !how.isLast) return null
      const bottom = top + size * LEADING
      if (bottom > height - PAD + 0.01) return null
      const room = right(top, bottom) - PAD
      const count = wordsIn(rest, room, (words) => measure(words, face, size))
      if (count === 0) return null
      placed.push({
        text: rest.slice(0, count).join(' '),
        face,
        size,
        x: PAD,
        y: top + size * 0.95,
      })
      rest = rest.slice(count)
      top = bottom
    }
    if (face === 'title') top += 0.4
  }
  return { label, lines: placed, badge: placedBadge, code, isHatched }
}

/** So many words go into the room; 0 where not even the first does. */
function wordsIn(
  words: readonly string[],
  room: number,
  widthOf: (text: string) => number,
): number {
  let count = 0
  while (count < words.length && widthOf(words.slice(0, count + 1).join(' ')) <= room) count++
  return count
}

/** Below this a camera does not tell its squares apart. */
const LEAST_CODE = 11.5

/** No larger than half the label; none where it would be too fine. */
function codeOn([width, height]: Size) {
  const side = Math.min(16, height * 0.46, width * 0.3)
  if (side < LEAST_CODE) return null
  return { x: width - PAD - side, y: height - PAD - side, side }
}

function badgeOn(text: string, [width]: Size, measure: Measure) {
  const wide = measure(text, 'strong', BADGE_SIZE)
  const frame = { x: width - PAD - wide - 2, y: PAD, width: wide + 2, height: BADGE_SIZE * 1.6 }
  return {
    text,
    face: 'strong' as const,
    size: BADGE_SIZE,
    x: frame.x + 1,
    y: frame.y + BADGE_SIZE * 1.15,
    frame,
  }
}

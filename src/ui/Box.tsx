/**
 * What screens are laid out with: boxes, rows and stacks whose spaces, sizes and colours come
 * from closed lists. A ninth space or a seventh size does not compile; whatever a screen says in
 * a sheet of its own wins over what is said here.
 */
import type { ComponentPropsWithRef, ElementType, JSX } from 'react'
import classes from './Box.module.css'

/** The eight spaces, of 2, 4, 6, 8, 12, 16, 24 and 40 pixels. */
const SPACES = [1, 2, 3, 4, 5, 6, 7, 8] as const
/** Said or not said. */
const YES = [true, false] as const

/** Every word of the look with the values that it takes; a rule in Box.module.css draws each. */
export const LOOK = {
  /** Between what is inside: both ways, beside each other, below each other. */
  gap: SPACES,
  gapX: SPACES,
  gapY: SPACES,
  align: ['start', 'center', 'end', 'baseline'],
  justify: ['start', 'center', 'end', 'between'],
  /** What is inside is no wider than it needs. */
  loose: YES,
  /** What has no room goes on below. */
  wrap: YES,
  /** On a narrow screen its columns stand below each other. */
  collapse: YES,
  /** Takes the whole width of the columns it stands in. */
  whole: YES,
  /** No wider than what it holds. */
  snug: YES,
  /** A row in the middle of a line of text. */
  inline: YES,
  /** A row that runs downwards. */
  column: YES,
  /** What is above stays above where there is more room than it needs. */
  packed: YES,
  /** What is placed by its own measures is placed within this. */
  anchor: YES,
  /** No wider than is good to read. */
  measure: YES,
  /** Room inside the edge. */
  pad: SPACES,
  padX: SPACES,
  padY: SPACES,
  /** Room above and below the edge. */
  above: SPACES,
  below: SPACES,
  /** The six sizes of type; 3 is that of running text. */
  size: [1, 2, 3, 4, 5, 6],
  weight: ['bold', 'normal'],
  tone: ['ink', 'second', 'paper', 'canvas', 'bad', 'hue', 'matInk', 'onStrap'],
  /** The typeface of headings and of figures that matter, or that of text again. */
  face: ['display', 'text'],
  text: ['left', 'center', 'right'],
  surface: ['paper', 'canvas', 'ink', 'turning', 'spent', 'mat', 'band', 'pocket', 'tag', 'strap'],
  /** What must be read first, what must not be, what is still empty. */
  note: ['caution', 'mustNot', 'empty'],
  /** The edge, drawn on all sides. */
  line: ['seam', 'dashed', 'ink', 'heavy', 'hairline', 'bad', 'mat'],
  /** A mark along the left edge. */
  edge: ['hue', 'seam', 'bad', 'turning', 'accent'],
  lineAbove: ['hairline', 'dashed'],
  lineBelow: ['hairline', 'dashed'],
  /** Corners: of a tag, of a field or card, of a chip. */
  radius: [1, 2, 3],
  /** Takes what room is left in its row. */
  grow: YES,
  /** May become narrower than its words. */
  shrink: YES,
  nowrap: YES,
  /** Long names break anywhere rather than run out of the box. */
  breakable: YES,
  /** What has no room ends in dots. */
  ellipsis: YES,
  /** Stands at the far end of its row. */
  last: YES,
  /** Small print inside is in the second ink; `below` puts it on a line of its own. */
  asides: ['beside', 'below'],
  /** Words on a line of their own. */
  block: YES,
  /** A list keeps its dots, or its numbers. */
  dots: YES,
  numbers: YES,
  underline: YES,
  /** A link that is known as one without its line. */
  unlined: YES,
} as const

export type TextSize = (typeof LOOK)['size'][number]

export type BoxLook = { readonly [W in keyof typeof LOOK]?: (typeof LOOK)[W][number] } & {
  /** Columns of a Stack: one, two of equal width, or a template such as `9rem minmax(0, 1fr)`. */
  readonly columns?: 1 | 2 | (string & {})
}

type Tag = keyof JSX.IntrinsicElements
export type BoxProps<T extends Tag> = BoxLook & { readonly as?: T } & Omit<
    ComponentPropsWithRef<T>,
    keyof BoxLook | 'as'
  >

/** Tells the words of the look from what the element itself takes. */
function drawn(props: Record<string, unknown>, kind: string) {
  const names = kind ? [classes[kind]] : []
  const rest: Record<string, unknown> = {}
  for (const [name, value] of Object.entries(props)) {
    if (name === 'columns')
      names.push(classes[typeof value === 'string' ? 'columns-own' : `columns-${value}`])
    else if (!Object.hasOwn(LOOK, name)) rest[name] = value
    else if (value) names.push(classes[value === true ? name : `${name}-${value}`])
  }
  if (typeof props.columns === 'string')
    rest.style = { '--columns': props.columns, ...(props.style as object) }
  if (props.className) names.push(props.className as string)
  return { ...rest, className: names.join(' ') || undefined }
}

function boxOf(kind: string) {
  return <T extends Tag = 'div'>({ as, ...props }: BoxProps<T>): JSX.Element => {
    const Element: ElementType = as ?? 'div'
    return <Element {...drawn(props, kind)} />
  }
}

/** Any element, with the look that is named. */
export const Box = boxOf('')
/** Things beside each other. */
export const Row = boxOf('row')
/** Things below each other, or in columns. */
export const Stack = boxOf('stack')

/**
 * What screens are laid out with: boxes, rows and stacks whose spaces, sizes and colours come
 * from closed lists. A ninth space or a seventh size does not compile; whatever a screen says in
 * a sheet of its own wins over what is said here.
 */
import type { ComponentPropsWithRef, ElementType, JSX } from 'react'
import classes from './Box.module.css'

/** One of the eight spaces, of 2, 4, 6, 8, 12, 16, 24 and 40 pixels. */
export type Space = 1 | 2 | 3 | 4 | 5 | 6 | 7 | 8
/** One of the six sizes of type; 3 is that of running text. */
export type TextSize = 1 | 2 | 3 | 4 | 5 | 6
/** Corners: of a tag, of a field or card, of a chip. */
export type Radius = 1 | 2 | 3

export interface BoxLook {
  /** Between what is inside: both ways, beside each other, below each other. */
  readonly gap?: Space
  readonly gapX?: Space
  readonly gapY?: Space
  readonly align?: 'start' | 'center' | 'end' | 'baseline'
  readonly justify?: 'start' | 'center' | 'end' | 'between'
  /** What is inside is no wider than it needs. */
  readonly loose?: boolean
  /** What has no room goes on below. */
  readonly wrap?: boolean
  /** Columns of a Stack: one, two of equal width, or a template such as `9rem minmax(0, 1fr)`. */
  readonly columns?: 1 | 2 | (string & {})
  /** On a narrow screen its columns stand below each other. */
  readonly collapse?: boolean
  /** Takes the whole width of the columns it stands in. */
  readonly whole?: boolean
  /** No wider than what it holds. */
  readonly snug?: boolean
  /** A row in the middle of a line of text. */
  readonly inline?: boolean
  /** A row that runs downwards. */
  readonly column?: boolean
  /** What is above stays above where there is more room than it needs. */
  readonly packed?: boolean
  /** What is placed by its own measures is placed within this. */
  readonly anchor?: boolean
  /** No wider than is good to read. */
  readonly measure?: boolean
  /** Room inside the edge. */
  readonly pad?: Space
  readonly padX?: Space
  readonly padY?: Space
  /** Room above and below the edge. */
  readonly above?: Space
  readonly below?: Space
  readonly size?: TextSize
  readonly weight?: 'bold' | 'normal'
  readonly tone?: 'ink' | 'second' | 'paper' | 'canvas' | 'bad' | 'hue' | 'matInk' | 'onStrap'
  /** The typeface of headings and of figures that matter. */
  readonly face?: 'display' | 'text'
  readonly text?: 'left' | 'center' | 'right'
  readonly surface?:
    | 'paper'
    | 'canvas'
    | 'ink'
    | 'turning'
    | 'spent'
    | 'mat'
    | 'band'
    | 'pocket'
    | 'tag'
    | 'strap'
  /** The edge: drawn on all sides, above, or below. */
  /** What must be read first, what must not be, what is still empty. */
  readonly note?: 'caution' | 'mustNot' | 'empty'
  readonly line?: 'seam' | 'dashed' | 'ink' | 'heavy' | 'hairline' | 'bad' | 'mat'
  /** A mark along the left edge. */
  readonly edge?: 'hue' | 'seam' | 'bad' | 'turning' | 'accent'
  readonly lineAbove?: 'hairline' | 'dashed'
  readonly lineBelow?: 'hairline' | 'dashed'
  readonly radius?: Radius
  /** Takes what room is left in its row. */
  readonly grow?: boolean
  /** May become narrower than its words. */
  readonly shrink?: boolean
  readonly nowrap?: boolean
  /** Long names break anywhere rather than run out of the box. */
  readonly breakable?: boolean
  /** What has no room ends in dots. */
  readonly ellipsis?: boolean
  /** Stands at the far end of its row. */
  readonly last?: boolean
  /** Small print inside is in the second ink; `below` puts it on a line of its own. */
  readonly asides?: 'beside' | 'below'
  /** Words on a line of their own. */
  readonly block?: boolean
  /** A list keeps its dots, or its numbers. */
  readonly dots?: boolean
  readonly numbers?: boolean
  readonly underline?: boolean
  /** A link that is known as one without its line. */
  readonly unlined?: boolean
}

const NAMES = new Set<string>([
  'gap',
  'gapX',
  'gapY',
  'align',
  'justify',
  'loose',
  'wrap',
  'columns',
  'collapse',
  'whole',
  'snug',
  'inline',
  'column',
  'packed',
  'anchor',
  'measure',
  'pad',
  'padX',
  'padY',
  'above',
  'below',
  'size',
  'weight',
  'tone',
  'face',
  'text',
  'surface',
  'note',
  'line',
  'edge',
  'lineAbove',
  'lineBelow',
  'radius',
  'grow',
  'shrink',
  'nowrap',
  'breakable',
  'ellipsis',
  'last',
  'asides',
  'block',
  'dots',
  'numbers',
  'underline',
  'unlined',
] satisfies readonly (keyof BoxLook)[])

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
    if (!NAMES.has(name)) rest[name] = value
    else if (name === 'columns' && typeof value === 'string') names.push(classes['columns-own'])
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

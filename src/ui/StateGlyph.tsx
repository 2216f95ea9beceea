/** The outline of a state: straight, clipped, torn, dashed, dotted, hatched, striped. Read beside its word, never alone. */
import classes from './outline.module.css'

export type OutlineState =
  | 'sound'
  | 'turning'
  | 'spent'
  | 'held'
  | 'unclean'
  | 'lent'
  | 'missing'
  | 'bare'

interface Props {
  readonly state: OutlineState
}

/** In small, before a line of text. */
export const StateGlyph = ({ state }: Props) => (
  <span className={classes.glyph} data-state={state} aria-hidden>
    <span className={classes.fill} />
  </span>
)

/** As large as the tag it lies behind. */
export const StateOutline = ({ state }: Props) => (
  <span className={classes.shape} data-state={state} aria-hidden>
    <span className={classes.fill} />
  </span>
)

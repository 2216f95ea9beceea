/** The outline of a state in small: straight, clipped, torn, dashed, hatched. Read beside its word, never alone. */
import classes from './outline.module.css'

export type OutlineState = 'sound' | 'turning' | 'spent' | 'held' | 'lent' | 'bare'

export const StateGlyph = ({ state }: { readonly state: OutlineState }) => (
  <span className={classes.glyph} data-state={state} aria-hidden />
)

/** A table ruled by hairlines, with figures below each other; where it is too wide, it is drawn aside. */

import type { ComponentPropsWithRef } from 'react'
import { Box } from './Box'
import classes from './Table.module.css'

interface Props extends ComponentPropsWithRef<'table'> {
  /** Every column but the first is of figures, which stand at the right. */
  readonly figures?: boolean
}

export const Table = ({ figures = false, className, ...rest }: Props) => (
  <Box asides="below" className={classes.wide}>
    <table
      {...rest}
      className={[classes.ruled, className].filter(Boolean).join(' ')}
      data-figures={figures}
    />
  </Box>
)

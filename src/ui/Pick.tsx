/** One of several things that can be ticked, as a press of its own; the tick itself is the input's. */

import type { ComponentPropsWithRef, ReactNode } from 'react'
import { Row } from './Box'
import classes from './Pick.module.css'

interface Props extends Omit<ComponentPropsWithRef<'input'>, 'type' | 'children' | 'className'> {
  readonly type: 'checkbox' | 'radio'
  /** What is inside is a picture with its name: the chosen one is outlined, not inked. */
  readonly pictured?: boolean
  readonly children: ReactNode
}

export const Pick = ({ pictured = false, title, children, ...input }: Props) => (
  <Row
    as="label"
    gap={3}
    align="center"
    inline
    anchor
    padX={5}
    padY={1}
    size={2}
    surface="paper"
    line="seam"
    radius={2}
    className={classes.pick}
    data-pictured={pictured}
    title={title}
  >
    <input {...input} />
    {children}
  </Row>
)

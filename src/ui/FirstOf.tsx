/** The first of a long list, and more of it with a press: no page draws hundreds of lines at once. */

import { type ReactNode, useState } from 'react'
import * as words from '../words'
import { Row } from './Box'
import { Button } from './Button'

/** No more lines than that are drawn before somebody asks for them. */
const AT_ONCE = 60

interface Props<T> {
  readonly all: readonly T[]
  readonly atOnce?: number
  readonly children: (shown: readonly T[]) => ReactNode
}

export function FirstOf<T>({ all, atOnce = AT_ONCE, children }: Props<T>) {
  const [most, setMost] = useState(atOnce)
  const left = all.length - most
  return (
    <>
      {children(all.slice(0, most))}
      {left > 0 && (
        <Row above={4} className="no-print">
          <Button onClick={() => setMost(most + atOnce)}>
            {words.ways.more(Math.min(atOnce, left), left)}
          </Button>
        </Row>
      )}
    </>
  )
}

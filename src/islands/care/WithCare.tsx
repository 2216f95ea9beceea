/** Waits for what the bench needs, and says when it is not to be had. */
import type { ReactNode } from 'react'
import { ToCome } from '../../ui/ToCome'
import * as words from '../../words'
import { type Care, useCare } from './useCare'

interface Props {
  readonly title: string
  readonly children: (care: Care) => ReactNode
}

export function WithCare({ title, children }: Props) {
  const state = useCare()
  if (state.kind === 'there') return children(state.care)
  return (
    <>
      <h1>{title}</h1>
      {state.kind === 'loading' ? (
        <ToCome said={words.care.incident.loading} />
      ) : (
        <p className="second">{words.waiting.noConnection}</p>
      )}
    </>
  )
}

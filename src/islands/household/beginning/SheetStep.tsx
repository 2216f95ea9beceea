/** On paper, for the lid: the step that ends the first steps. */

import { Row } from '../../../ui/Box'
import { ButtonLink } from '../../../ui/Button'
import * as words from '../../../words'
import type { StepProps } from './view'

const sheetWords = words.beginning.sheet

export function SheetStep({ cover: { view } }: StepProps) {
  if (view.kits.length === 0) return <p>{sheetWords.none}</p>
  return (
    <ul>
      {view.kits.map(({ id, name }) => (
        <Row
          as="li"
          gap={5}
          align="center"
          justify="between"
          wrap
          padY={4}
          lineBelow="hairline"
          key={id}
        >
          {name}
          <ButtonLink
            kind="strong"
            href={`/kits/${id}/sheet`}
            aria-label={`${sheetWords.press}: ${name}`}
          >
            {sheetWords.press}
          </ButtonLink>
        </Row>
      ))}
    </ul>
  )
}

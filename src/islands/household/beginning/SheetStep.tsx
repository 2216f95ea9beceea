/** On paper, for the lid: the step that ends the first steps. */

import { ButtonLink } from '../../../ui/Button'
import * as words from '../../../words'
import { KitRow } from './KitRow'
import { NoKits } from './NoKits'
import type { StepProps } from './view'

const sheetWords = words.beginning.sheet

export function SheetStep({ cover: { view } }: StepProps) {
  if (view.kits.length === 0) return <NoKits text={sheetWords.none} />
  return (
    <ul>
      {view.kits.map(({ id, name }) => (
        <KitRow key={id} text={name}>
          <ButtonLink
            kind="strong"
            href={`/kits/${id}/sheet`}
            aria-label={`${sheetWords.press}: ${name}`}
          >
            {sheetWords.press}
          </ButtonLink>
        </KitRow>
      ))}
    </ul>
  )
}

/** A step for which a kit is needed first. */

import { ButtonLink } from '../../../ui/Button'
import { Empty } from '../../../ui/Empty'
import * as words from '../../../words'

export const NoKits = ({ text }: { readonly text: string }) => (
  <Empty text={text}>
    <ButtonLink kind="strong" href="/begin?step=kits">
      {words.kits.add}
    </ButtonLink>
  </Empty>
)

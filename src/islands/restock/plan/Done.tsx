/** A line of today's visit, done with one press: carried where it belongs, or thrown away. */

import { discardLot, moveLot } from '../../../contract/stock'
import { nearest } from '../../../core/quantity/amount'
import type { CarryLine, TakeOutLine } from '../../../core/restock/board'
import { useActing } from '../../../ui/acting'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import { namesOf } from './names'
import type { Found } from './usePlan'

const doneWords = words.plan.done

interface Props {
  readonly found: Found
  readonly title: string
}

export function Carry({ found, title, carry }: Props & { readonly carry: CarryLine }) {
  const { run, busy } = useActing()
  const names = namesOf(found.view)
  const shelf = names.shelf(carry.shelf)
  const line = names.line(carry.line)
  if (!shelf || !line) return null
  const { lotId, pocketId, version: seenVersion } = shelf
  const body = { pocketId, to: line.pocketId, amount: nearest(carry.amount), seenVersion }
  return (
    <Press
      label={doneWords.carried}
      title={title}
      busy={busy}
      onPress={() => void run(moveLot, { params: { lotId }, body }, doneWords.didCarry(title))}
    />
  )
}

export function ThrowAway({ found, title, out }: Props & { readonly out: TakeOutLine }) {
  const { run, busy } = useActing()
  const shelf = out.shelf === null ? undefined : namesOf(found.view).shelf(out.shelf)
  if (!shelf) return null
  const { lotId, pocketId, version: seenVersion } = shelf
  const body = { pocketId, amount: nearest(out.amount), seenVersion }
  return (
    <Press
      label={doneWords.thrownAway}
      title={title}
      busy={busy}
      onPress={() =>
        void run(discardLot, { params: { lotId }, body }, doneWords.didThrowAway(title))
      }
    />
  )
}

const Press = ({
  label,
  title,
  busy,
  onPress,
}: {
  readonly label: string
  readonly title: string
  readonly busy: boolean
  readonly onPress: () => void
}) => (
  <Button kind="strong" disabled={busy} aria-label={`${label}: ${title}`} onClick={onPress}>
    {label}
  </Button>
)

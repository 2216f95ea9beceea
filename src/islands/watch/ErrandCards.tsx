/** A few errands as cards, each with the place it is about. */
import type { PlainDate } from '../../core/calendar/plainDate'
import { Stack } from '../../ui/Box'
import { useStrap } from '../../ui/Frame'
import { ErrandCard } from './ErrandRow'
import type { Errand } from './view'

interface Props {
  /** What they have in common; where a heading says so, it is left out. */
  readonly label?: string
  readonly errands: readonly Errand[]
  readonly today: PlainDate
}

export function ErrandCards({ label, errands, today }: Props) {
  const { places } = useStrap()
  return (
    <Stack
      columns="repeat(auto-fit, minmax(19rem, 1fr))"
      collapse
      as="ul"
      gap={5}
      below={5}
      aria-label={label}
    >
      {errands.map((errand) => {
        const at = places.find(({ id }) => id === errand.placeId)
        return (
          <ErrandCard
            key={errand.key}
            errand={errand}
            place={at?.name ?? ''}
            hue={at?.hue}
            today={today}
          />
        )
      })}
    </Stack>
  )
}

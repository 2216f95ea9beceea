/** Trips under way or to come that have to do with somebody or something: a link to each. */
import { Row } from '../../ui/Box'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'

interface Props {
  /** A member, a place or a kit; absent: every trip. */
  readonly of?: string
}

export function TripLinks({ of }: Props) {
  const { trips, today } = useStrap()
  const shown = trips.filter(({ about }) => of === undefined || about.includes(of))
  return shown.length === 0 ? null : (
    <Row as="ul" gapX={5} gapY={1} wrap size={2} below={3}>
      {shown.map(({ id, name, from, to }) => (
        <li key={id}>
          <Row inline underline as="a" align="center" padY={1} tone="ink" href={`/trips/${id}`}>
            {words.tripNamed(name, from, to, today)}
          </Row>
        </li>
      ))}
    </Row>
  )
}

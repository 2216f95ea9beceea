/** The record read back (planning): what happened, by thing, kit, place or hand; and any past day. */

import { Row } from '../../ui/Box'
import { Chip } from '../../ui/Button'
import { Frame, type Strap } from '../../ui/Frame'
import { keepInAddress } from '../../ui/keepInAddress'
import { type InAddress, useKept } from '../../ui/useKept'
import * as words from '../../words'
import { KitTabs } from '../kits/KitTabs'
import { Happened } from './Happened'
import { PastDay } from './PastDay'

const recordWords = words.record

interface Props {
  readonly strap: Strap
  readonly place: string | null
  readonly address: InAddress
}

export const RecordScreen = (props: Props) => (
  <Frame tab="kits" strap={props.strap} place={props.place}>
    <KitTabs part="record" place={props.place} />
    <Recorded {...props} />
  </Frame>
)

function Recorded({ strap, place, address }: Props) {
  const named = address.day === undefined ? address : { ...address, part: 'past' }
  const [part, setPart] = useKept('part', named, 'happened')
  const past = part === 'past'
  return (
    <>
      <Row as="header" gapX={7} gapY={4} align="center" wrap below={5}>
        <h1>{recordWords.title}</h1>
        <span role="group" aria-label={recordWords.title}>
          <Chip
            pressed={!past}
            onClick={() => {
              keepInAddress({ day: null })
              setPart('happened')
            }}
          >
            {recordWords.happened}
          </Chip>
          <Chip pressed={past} onClick={() => setPart('past')}>
            {recordWords.asItWas}
          </Chip>
        </span>
      </Row>
      {past ? (
        <PastDay place={place} address={address} today={strap.today} />
      ) : (
        <Happened place={place} address={address} />
      )}
    </>
  )
}

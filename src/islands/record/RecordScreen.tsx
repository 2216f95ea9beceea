/** The record read back (planning): what happened, by thing, kit, place or hand; and any past day. */

import { useState } from 'react'
import { Row } from '../../ui/Box'
import { Chip } from '../../ui/Button'
import { Frame, type Strap } from '../../ui/Frame'
import * as words from '../../words'
import { KitTabs } from '../kits/KitTabs'
import { Happened } from './Happened'
import { PastDay } from './PastDay'

const recordWords = words.record

interface Props {
  readonly strap: Strap
  readonly place: string | null
  /** From the address. */
  readonly asked: {
    readonly lot: string | null
    readonly item: string | null
    readonly kit: string | null
    readonly day: string | null
  }
}

export const RecordScreen = (props: Props) => (
  <Frame tab="kits" strap={props.strap} place={props.place}>
    <KitTabs part="record" place={props.place} />
    <Recorded {...props} />
  </Frame>
)

function Recorded({ strap, place, asked }: Props) {
  const [past, setPast] = useState(asked.day !== null)
  return (
    <>
      <Row as="header" gapX={7} gapY={4} align="center" wrap below={5}>
        <h1>{recordWords.title}</h1>
        <span role="group" aria-label={recordWords.title}>
          <Chip pressed={!past} onClick={() => setPast(false)}>
            {recordWords.happened}
          </Chip>
          <Chip pressed={past} onClick={() => setPast(true)}>
            {recordWords.asItWas}
          </Chip>
        </span>
      </Row>
      {past ? (
        <PastDay place={place} first={asked.day ?? strap.today} today={strap.today} />
      ) : (
        <Happened place={place} asked={asked} />
      )}
    </>
  )
}

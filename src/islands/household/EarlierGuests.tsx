/** Guests who were here before: back with one press, and with everything that was asked the first time. */

import { useState } from 'react'
import { stayAgain } from '../../contract/members'
import type { PlainDate } from '../../core/calendar/plainDate'
import { useActing } from '../../ui/acting'
import { Box, Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { dayFault } from '../../words/frame/forms'
import { usualStay } from './memberDraft'
import { Stay, type StayValue } from './Stay'
import type { HouseholdView } from './view'

const againWords = words.members.again

interface Props {
  readonly guests: HouseholdView['earlierGuests']
  readonly onBack: () => void
}

export function EarlierGuests({ guests, onBack }: Props) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const [stay, setStay] = useState<StayValue>({ until: usualStay(today), days: [] })
  const { until, days } = stay
  if (guests.length === 0) return null
  const fault = until === '' ? words.forms.missing : dayFault(until, { min: today })
  const welcome = async (guest: Props['guests'][number]) => {
    const done = await run(
      stayAgain,
      {
        params: { memberId: guest.id },
        body: {
          until: until as PlainDate,
          days: days.length > 0 ? [...days] : null,
          seenVersion: guest.version,
        },
      },
      againWords.did(guest.name, until as PlainDate),
    )
    if (done) onBack()
  }
  return (
    <Box as="section" padX={5} padY={4} above={4} line="dashed" radius={2}>
      <Box as="h3" size={3}>
        {againWords.title}
      </Box>
      <Box as="p" size={2} tone="second">
        {againWords.why}
      </Box>
      <Row above={4} below={3}>
        <Stay
          {...stay}
          onChange={(patch) => setStay((known) => ({ ...known, ...patch }))}
          error={fault}
        />
      </Row>
      <ul>
        {guests.map((guest) => (
          <Row as="li" gap={5} align="center" wrap padY={3} lineBelow="hairline" key={guest.id}>
            <Box grow shrink>
              <b>{guest.name}</b>{' '}
              <Box as="span" tone="second">
                {againWords.was(guest.species, guest.until)}
              </Box>
            </Box>
            <Button disabled={busy || fault !== undefined} onClick={() => void welcome(guest)}>
              {againWords.press(guest.name)}
            </Button>
          </Row>
        ))}
      </ul>
    </Box>
  )
}

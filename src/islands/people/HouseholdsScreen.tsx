/** One account in several households (now and then): side by side how ready each is; one is opened. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import type { z } from 'zod'
import { beginHousehold, openHousehold, type readHouseholds } from '../../contract/people'
import { call } from '../../device/call'
import { forgetKept } from '../../device/kept'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { Frame, type Strap } from '../../ui/Frame'
import * as words from '../../words'
import { Said } from '../account/Said'
import { type Desk, useDesk } from '../account/useDesk'

const householdsWords = words.households

type Households = z.infer<(typeof readHouseholds)['result']>['households']

interface Props {
  readonly strap: Strap
  readonly households: Households
}

export const HouseholdsScreen = ({ strap, households }: Props) => (
  <Frame tab="household" strap={strap} place={null}>
    <HouseholdsParts households={households} />
  </Frame>
)

/** The next page shows another household: what was kept of this one is none of its. */
const opened = async (): Promise<void> => {
  await forgetKept()
  location.assign('/')
}

function HouseholdsParts({ households }: Pick<Props, 'households'>) {
  const desk = useDesk()
  return (
    <>
      <Box as="header" below={6}>
        <h1>{householdsWords.title}</h1>
        <p className="second">{householdsWords.lead}</p>
      </Box>
      <Stack as="ul" columns="min(22rem, 100%)" gap={6} below={7}>
        {households.map((one) => (
          <HouseholdCard key={one.householdId} of={one} desk={desk} />
        ))}
      </Stack>
      <Said said={desk.said} />
      <Begin />
      <p>
        <a href="/join">{householdsWords.code}</a>
      </p>
    </>
  )
}

interface CardProps {
  readonly of: Households[number]
  readonly desk: Desk
}

function HouseholdCard({ of, desk }: CardProps) {
  const { householdId, household, role, isThis, opens, places } = of
  const open = async () => {
    if (await desk.work(() => call(openHousehold, { params: { householdId } }))) await opened()
  }
  return (
    <Stack as="li" gap={4} pad={6} line="seam" radius={2} surface="paper" align="start">
      <Box as="h2" size={4}>
        {household}
      </Box>
      <p className="second">
        {householdsWords.role(role)} {!opens && householdsWords.onlyFigures}
      </p>
      {places === null ? (
        <p>{householdsWords.noFigures}</p>
      ) : places.length === 0 ? (
        <p>{householdsWords.noPlaces}</p>
      ) : (
        <dl>
          {places.map(({ name, ready }) => (
            <Box key={name} below={3}>
              <dt>
                <b>{name}</b>
              </dt>
              <dd>
                {ready ? householdsWords.ready(ready.ready, ready.of) : householdsWords.nobody}
                {ready && ready.missingLife > 0 && (
                  <Box as="span" tone="bad" weight="bold" block>
                    {householdsWords.life(ready.missingLife)}
                  </Box>
                )}
              </dd>
            </Box>
          ))}
        </dl>
      )}
      {isThis ? (
        <p className="second">{householdsWords.isThis}</p>
      ) : (
        opens && (
          <Button kind="strong" busy={desk.busy} onClick={() => void open()}>
            {householdsWords.open(household)}
          </Button>
        )
      )}
    </Stack>
  )
}

function Begin() {
  const { work, busy, said } = useDesk()
  const [name, setName] = useState('')
  const begin = async () => {
    if (await work(() => call(beginHousehold, { body: { name } }))) await opened()
  }
  return (
    <Box as="section" below={6} aria-label={householdsWords.begin}>
      <Box as="h2" size={4} below={4}>
        {householdsWords.begin}
      </Box>
      <Row
        as="form"
        gap={4}
        align="end"
        wrap
        onSubmit={(event) => {
          event.preventDefault()
          void begin()
        }}
      >
        <TextInput
          label={householdsWords.name}
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
        />
        <Button type="submit" busy={busy} disabled={name.trim() === ''}>
          {householdsWords.make}
        </Button>
      </Row>
      <Said said={said} />
    </Box>
  )
}

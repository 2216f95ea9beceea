/** Who rides where, where to, whom to tell, and how the house is left. */
import { useState } from 'react'
import { handsOnFoot } from '../../core/evacuation/rides'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import * as words from '../../words'
import { list } from '../../words/frame/format'
import type { Shown } from './useEvacuation'
import { VehicleForm } from './VehicleForm'

const said = words.evacuation

export function Rides({ shown }: { readonly shown: Shown }) {
  const { plan, known, household, cover } = shown
  const { evacuation } = household.household
  const [vehicle, setVehicle] = useState<string | null>(null)
  const place = household.places.find(({ id }) => id === vehicle)
  const hands = handsOnFoot(plan.party)
  return (
    <Stack gap={6}>
      <section aria-label={said.rides}>
        <h2>{said.rides}</h2>
        {plan.rides === null ? (
          <p>
            {said.onFoot} {said.handsOf(hands.have, hands.need)}
          </p>
        ) : (
          <ul>
            {plan.rides.rides.map((ride) => (
              <Box as="li" padY={3} lineBelow="hairline" key={ride.vehicle.id}>
                <b>{ride.vehicle.name}</b>: {said.driver(cover.memberName(ride.driver))}
                <Box as="p" size={2}>
                  {list([...ride.people.slice(1), ...ride.animals].map(cover.memberName))}
                </Box>
              </Box>
            ))}
          </ul>
        )}
        {known.vehicles.length === 0 && <p className="second">{said.vehicle.none}</p>}
        {known.vehicles.map(({ id, name, facts }) => (
          <Row key={id} gap={4} align="center" wrap padY={2}>
            <Box as="span" grow size={2} tone="second" breakable>
              {name}:{' '}
              {facts?.isAway
                ? said.vehicle.isAway
                : said.vehicle.facts(facts?.seats ?? null, facts?.animals ?? null)}
            </Box>
            <Button
              kind="quiet"
              aria-label={said.vehicle.changeLong(name)}
              onClick={() => setVehicle(id)}
            >
              {said.vehicle.change}
            </Button>
          </Row>
        ))}
      </section>
      {evacuation.goTo.length > 0 && (
        <section aria-label={said.goTo}>
          <h2>{said.goTo}</h2>
          <ol>
            {evacuation.goTo.map((refuge) => (
              <Box as="li" padY={2} lineBelow="hairline" key={refuge.name}>
                <b>{refuge.name}</b>{' '}
                {refuge.phone !== '' && <a href={`tel:${refuge.phone}`}>{refuge.phone}</a>}
                <Box as="p" size={2} tone="second" breakable>
                  {[refuge.address, said.takes(refuge.takesAnimals)].filter(Boolean).join(' · ')}
                </Box>
              </Box>
            ))}
          </ol>
        </section>
      )}
      {evacuation.tell.length > 0 && (
        <section aria-label={said.tell}>
          <h2>{said.tell}</h2>
          <ul>
            {evacuation.tell.map(({ name, phone }) => (
              <Box as="li" padY={1} key={name}>
                {name} {phone !== '' && <a href={`tel:${phone}`}>{phone}</a>}
              </Box>
            ))}
          </ul>
        </section>
      )}
      {evacuation.leftHow.length > 0 && (
        <section aria-label={said.leftHow}>
          <h2>{said.leftHow}</h2>
          <Box as="ul" dots>
            {evacuation.leftHow.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </Box>
        </section>
      )}
      {place && <VehicleForm key={place.version} place={place} onClose={() => setVehicle(null)} />}
    </Stack>
  )
}

/** Heat and frost on the way, by the model: what not to leave in the car, what to keep warm, what to cool. */
import { Box } from '../../ui/Box'
import { ButtonLink } from '../../ui/Button'
import * as words from '../../words'
import type { TripView } from './view'

const weatherWords = words.trips.weather

export function Weather({ view }: { readonly view: TripView }) {
  const { weather, weatherUnknown, trip } = view
  if (weather.length === 0 && !weatherUnknown) return null
  const name = (id: string) => trip.stops.find((one) => one.id === id)?.name ?? ''
  return (
    <Box as="section" above={6} aria-label={weatherWords.title}>
      <Box as="h2" size={4} below={2}>
        {weatherWords.title}
      </Box>
      {weatherUnknown && (
        <>
          <p>{weatherWords.unknown}</p>
          <ButtonLink kind="quiet" href="/exposure">
            {weatherWords.say}
          </ButtonLink>
        </>
      )}
      {weather.map(({ stop, like, isThere, harms }) => (
        <Box as="section" above={3} key={stop}>
          <Box as="h3" size={3} breakable>
            {name(stop)}
          </Box>
          <ul>
            {harms.map((harm) => (
              <Box as="li" padY={1} key={harm.code} breakable>
                {weatherWords.harm(harm)}
              </Box>
            ))}
          </ul>
          {!isThere && (
            <Box as="p" size={2} tone="second">
              {weatherWords.like(like)}
            </Box>
          )}
        </Box>
      ))}
    </Box>
  )
}

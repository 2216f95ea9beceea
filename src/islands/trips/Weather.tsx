/** Heat and frost on the way, by the model: what not to leave in the car, what to keep warm, what to cool. */
import { Box } from '../../ui/Box'
import { ButtonLink } from '../../ui/Button'
import * as words from '../../words'
import type { TripView } from './view'

const weatherWords = words.trips.weather

export function Weather({ view }: { readonly view: TripView }) {
  const { weather, weatherUnknown, trip } = view
  if (weather.length === 0 && !weatherUnknown) return null
  const like = [...new Set(weather.flatMap((one) => (one.isThere ? [] : [one.like])))]
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
      <ul>
        {gathered(weather).map(({ harm, stops }) => (
          <Box as="li" padY={1} key={harm.code} breakable>
            {weatherWords.harm(harm)}
            {stops.length < trip.stops.length && ` ${weatherWords.at(stops.map(name))}`}
          </Box>
        ))}
      </ul>
      {like.length > 0 && (
        <Box as="p" size={2} tone="second" measure>
          {weatherWords.like(like)}
        </Box>
      )}
    </Box>
  )
}

type Harm = TripView['weather'][number]['harms'][number]

/** The same of several stops is said once, with the worst of its figures. */
function gathered(
  weather: TripView['weather'],
): readonly { readonly harm: Harm; readonly stops: readonly string[] }[] {
  const found = new Map<Harm['code'], { harm: Harm; stops: string[] }>()
  for (const { stop, harms } of weather)
    for (const harm of harms) {
      const known = found.get(harm.code)
      if (!known) found.set(harm.code, { harm, stops: [stop] })
      else {
        known.stops.push(stop)
        const isWorse =
          harm.code === 'frost'
            ? harm.hundredths < known.harm.hundredths
            : harm.hundredths > known.harm.hundredths
        const titles = [...new Set([...known.harm.titles, ...harm.titles])]
        known.harm = { ...(isWorse ? harm : known.harm), titles }
      }
    }
  return [...found.values()]
}

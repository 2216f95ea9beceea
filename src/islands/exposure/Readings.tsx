/** What was measured at a place, and the ways in which more comes in. */
import { useState } from 'react'
import { fetchReadings, removeReadings } from '../../contract/exposure'
import type { Spot } from '../../core/exposure/household'
import { useActing } from '../../ui/acting'
import { Box, Row } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { FirstOf } from '../../ui/FirstOf'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { moment } from '../../words/frame/format'
import { spotKey } from './drafts'
import { LoggerFile } from './LoggerFile'
import { TypedForm } from './TypedForm'
import type { ExposureView, LogLine } from './view'

const logWords = words.exposure.logs

/** Below this it is time for another. */
const LOW_BATTERY = 0.15

interface Props {
  readonly view: ExposureView
  readonly spot: Spot
  readonly spots: readonly { readonly value: string; readonly label: string }[]
}

export function Readings({ view, spot, spots }: Props) {
  const { run, busy } = useActing()
  const [opened, setOpened] = useState<'file' | 'typed' | null>(null)
  const place = view.places.find(({ id }) => id === view.placeId)
  return (
    <Box as="section" above={7} aria-label={logWords.title}>
      <Box as="h2" size={4} below={3}>
        {logWords.title}
      </Box>
      {view.apartMinutes > 0 && (
        <Box as="p" surface="turning" padX={4} padY={2} radius={1} below={3}>
          {logWords.apart(words.exposure.lasting(view.apartMinutes))}
        </Box>
      )}
      {view.radio.map(({ name, battery }) => (
        <Box as="p" size={2} tone={battery < LOW_BATTERY ? 'ink' : 'second'} below={2} key={name}>
          {logWords.battery(name, battery)}
        </Box>
      ))}
      <Row gap={4} wrap align="center">
        <Button kind="firm" onClick={() => setOpened('file')}>
          {logWords.bring}
        </Button>
        <Button onClick={() => setOpened('typed')}>{logWords.type}</Button>
        {place?.year && place.climate && (
          <Button
            kind="quiet"
            disabled={busy}
            onClick={() =>
              void run(fetchReadings, { body: { placeId: place.id } }, ({ added, held }) =>
                logWords.fetched(added, held),
              )
            }
          >
            {logWords.fetch}
          </Button>
        )}
      </Row>
      <Box as="p" size={2} tone="second" above={2}>
        {logWords.bringUnder} {place?.year && place.climate ? logWords.fetchUnder : ''}
      </Box>
      {view.logs.length === 0 ? (
        <Box as="p" above={3}>
          {logWords.none}
        </Box>
      ) : (
        <FirstOf all={view.logs} atOnce={5}>
          {(shown) => (
            <ul>
              {shown.map((log) => (
                <Log key={log.id} log={log} />
              ))}
            </ul>
          )}
        </FirstOf>
      )}
      {opened === 'file' && (
        <LoggerFile spots={spots} spot={spotKey(spot)} onClose={() => setOpened(null)} />
      )}
      {opened === 'typed' && <TypedForm spot={spot} onClose={() => setOpened(null)} />}
    </Box>
  )
}

function Log({ log }: { readonly log: LogLine }) {
  const { habits } = useStrap()
  const { run, busy } = useActing()
  const at = (minute: number) => moment(new Date(minute * 60_000).toISOString(), habits.timeZone)
  const name =
    log.source === 'typed'
      ? logWords.typed(log.where)
      : logWords.line(log.name, log.where, log.readings)
  return (
    <Row as="li" gap={5} justify="between" align="center" padY={2} lineBelow="hairline" wrap>
      <Box shrink breakable>
        {name}
        <Box as="p" size={2} tone="second">
          {[
            logWords.span(at(log.from), at(log.to)),
            ...(log.source === 'simulated' ? [logWords.simulated] : []),
          ].join(' · ')}
        </Box>
      </Box>
      <ButtonLink
        kind="quiet"
        href={`/api/exposure/logs/${log.id}/readings.csv`}
        aria-label={logWords.saveLong(name)}
      >
        {logWords.save}
      </ButtonLink>
      <Button
        kind="quiet"
        disabled={busy}
        aria-label={logWords.remove(name)}
        onClick={() =>
          void run(removeReadings, { params: { logId: log.id } }, logWords.removed(log.name))
        }
      >
        {logWords.takeAway}
      </Button>
    </Row>
  )
}

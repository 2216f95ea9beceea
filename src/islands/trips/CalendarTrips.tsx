/** Trips out of a calendar file: each entry to come can be planned, with its days and its name. */
import { useState } from 'react'
import type { CalendarVisit } from '../../core/interchange/calendarFile'
import { isPlanned } from '../../core/trips/fromCalendar'
import { Box, Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { FirstOf } from '../../ui/FirstOf'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { type ReadInTime, readInTime } from '../household/readInTime'
import type { TripsView } from './view'

const calendarWords = words.trips.calendar
const importingWords = words.places.importing

interface Props {
  readonly trips: TripsView['trips']
  readonly onPlan: (entry: CalendarVisit) => void
}

export function CalendarTrips({ trips, onPlan }: Props) {
  const { today, habits } = useStrap()
  const [reading, setReading] = useState<ReadInTime | 'reading' | null>(null)
  const choose = async (file: File | undefined) => {
    if (!file) return
    setReading('reading')
    setReading(await readInTime(await file.text(), today, habits.timeZone))
  }
  const entries = reading !== 'reading' && reading?.kind === 'read' ? reading.visits : []
  return (
    <Box as="section" above={6} aria-label={calendarWords.title}>
      <label data-file>
        <Box as="span" underline>
          {calendarWords.choose}
        </Box>
        <input
          type="file"
          accept=".ics,text/calendar"
          className="visually-hidden"
          aria-label={calendarWords.title}
          onChange={(event) => {
            void choose(event.currentTarget.files?.[0])
            // The same file may be chosen again after it was mended.
            event.currentTarget.value = ''
          }}
        />
      </label>
      {reading === 'reading' && <p role="status">{importingWords.reading}</p>}
      {reading !== 'reading' && reading?.kind === 'refused' && (
        <p role="alert">{importingWords.refused[reading.code]}</p>
      )}
      {reading !== 'reading' && reading?.kind === 'read' && (
        <>
          <Box as="p" size={2} tone="second" above={3}>
            {[
              entries.length === 0 ? importingWords.nothing : calendarWords.found(entries.length),
              importingWords.leftOut(reading.past, reading.unreadable),
            ]
              .filter(Boolean)
              .join(' · ')}
          </Box>
          <FirstOf all={entries} atOnce={12}>
            {(shown) => (
              <ul>
                {shown.map((entry) => (
                  <Row
                    as="li"
                    gap={5}
                    align="center"
                    justify="between"
                    padY={3}
                    lineBelow="hairline"
                    key={`${entry.uid}${entry.startsOn}`}
                  >
                    <Box shrink breakable>
                      <b>{entry.label || calendarWords.unnamed}</b>
                      <Box as="p" size={2} tone="second">
                        {[words.trips.days(entry.startsOn, entry.endsOn, today), entry.where]
                          .filter(Boolean)
                          .join(' · ')}
                      </Box>
                    </Box>
                    {isPlanned(entry, trips) ? (
                      <Box as="span" size={2} tone="second" nowrap>
                        {calendarWords.isPlanned}
                      </Box>
                    ) : (
                      <Button
                        aria-label={calendarWords.planLong(entry.label || calendarWords.unnamed)}
                        onClick={() => onPlan(entry)}
                      >
                        {calendarWords.plan}
                      </Button>
                    )}
                  </Row>
                ))}
              </ul>
            )}
          </FirstOf>
          <Button kind="plain" onClick={() => setReading(null)}>
            {calendarWords.close}
          </Button>
        </>
      )}
    </Box>
  )
}

/** Reads a calendar file in the browser, shows what is to come, and adds what is ticked as visits. */

import { useState } from 'react'
import { importVisits } from '../../contract/places'
import { useActing } from '../../ui/acting'
import { Box, Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { fullDay } from '../../words/frame/format'
import classes from './household.module.css'
import { type ReadInTime, readInTime } from './readInTime'

const importingWords = words.places.importing

interface Props {
  readonly place: { readonly id: string; readonly name: string }
}

export function CalendarImport({ place }: Props) {
  const { run, busy } = useActing()
  const { today, habits } = useStrap()
  const [reading, setReading] = useState<ReadInTime | 'reading' | null>(null)
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set())

  const choose = async (file: File | undefined) => {
    if (!file) return
    setLeft(new Set())
    setReading('reading')
    setReading(await readInTime(await file.text(), today, habits.timeZone))
  }
  const visits = reading !== 'reading' && reading?.kind === 'read' ? reading.visits : []
  const taken = visits.filter((_, index) => !left.has(index))
  const take = async () => {
    const result = await run(
      importVisits,
      {
        params: { placeId: place.id },
        body: { visits: taken.map(({ where: _, ...visit }) => visit) },
      },
      ({ added, changed, already }) => importingWords.did(added, changed, already),
    )
    if (result) setReading(null)
  }
  const toggle = (index: number) => {
    const next = new Set(left)
    if (!next.delete(index)) next.add(index)
    setLeft(next)
  }

  return (
    <>
      <label data-file>
        <Box as="span" underline>
          {importingWords.import}
        </Box>
        <input
          type="file"
          accept=".ics,text/calendar"
          className="visually-hidden"
          aria-label={importingWords.importTo(place.name)}
          onChange={(event) => {
            void choose(event.currentTarget.files?.[0])
            // The same file may be chosen again after it was mended.
            event.currentTarget.value = ''
          }}
        />
      </label>
      {reading && (
        <Box
          as="section"
          pad={5}
          above={4}
          surface="canvas"
          line="dashed"
          radius={2}
          className={classes.calendar}
          aria-label={importingWords.importTo(place.name)}
        >
          {reading === 'reading' ? (
            <Box as="p" size={2} role="status">
              {importingWords.reading}
            </Box>
          ) : reading.kind === 'refused' ? (
            <Box as="p" size={2} role="alert">
              {importingWords.refused[reading.code]}
            </Box>
          ) : (
            <>
              <h4>
                {visits.length === 0 ? importingWords.nothing : importingWords.found(visits.length)}
              </h4>
              <small className="second">
                {importingWords.leftOut(reading.past, reading.unreadable)}
              </small>
              <Box as="ul" above={3} below={5}>
                {visits.map((visit, index) => (
                  <Row
                    as="li"
                    gap={5}
                    align="center"
                    justify="between"
                    padY={3}
                    lineBelow="hairline"
                    key={`${visit.uid}${visit.startsOn}`}
                  >
                    <label>
                      <input
                        type="checkbox"
                        checked={!left.has(index)}
                        onChange={() => toggle(index)}
                      />
                      {fullDay(visit.startsOn)}
                      {visit.endsOn === visit.startsOn ? '' : ` – ${fullDay(visit.endsOn)}`}{' '}
                      {visit.label}
                    </label>
                  </Row>
                ))}
              </Box>
            </>
          )}
          <Row gap={4}>
            {visits.length > 0 && (
              <Button
                kind="strong"
                busy={busy}
                disabled={taken.length === 0}
                onClick={() => void take()}
              >
                {importingWords.take(taken.length)}
              </Button>
            )}
            <Button onClick={() => setReading(null)}>{words.kits.cancel}</Button>
          </Row>
        </Box>
      )}
    </>
  )
}

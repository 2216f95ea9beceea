/** One page for a doctor, a vet or an ambulance; and the same to read aloud. */

import { IconPrinter } from '@tabler/icons-react'
import { handoverPdf } from '../../../contract/care'
import { addressOf } from '../../../contract/endpoint'
import type { Course } from '../../../core/household/course'
import { handoverOf } from '../../../core/incident/handover'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button, ButtonLink } from '../../../ui/Button'
import * as words from '../../../words'
import { handoverHead, handoverParts, readAloud } from '../../../words/care/handover'
import { NumbersStrap } from '../NumbersStrap'
import { lineOf, patientOfIncident, useNow } from '../useCare'
import classes from './incident.module.css'
import type { IncidentProps } from './panel'
import { whereaboutsOf } from './whereabouts'

const careWords = words.care

export function HandoverPage({ care, started, onGo }: IncidentProps) {
  const now = useNow(30_000)
  const line = lineOf(care, started)
  const patient = patientOfIncident(care, line.incident)
  const where = whereaboutsOf(care, line.incident)
  if (!patient) return null
  const { view, laid } = care
  const page = handoverOf(
    line,
    patient,
    care.cover.courses as readonly Course[],
    (itemId) => laid.things[laid.thingOf.get(itemId) ?? -1]?.title ?? '',
    view.today,
  )
  const at = { now, today: view.today, timeZone: view.timeZone, units: view.units }
  return (
    <Stack packed as="main" gap={6} className={classes.page} id="main">
      <Row as="header" gapX={5} gapY={4} align="center" wrap className={`${classes.top} no-print`}>
        <Button kind="plain" onClick={() => onGo('line')}>
          ‹ {careWords.incident.back}
        </Button>
        <Row as="span" gapX={5} gapY={4} align="center" wrap className={classes.row}>
          <ButtonLink kind="plain" href={addressOf(handoverPdf, { incidentId: line.incident.id })}>
            {careWords.incident.pdf}
          </ButtonLink>
          <Button icon={IconPrinter} kind="plain" onClick={() => print()}>
            {careWords.incident.print}
          </Button>
        </Row>
      </Row>
      <Stack
        as="article"
        gap={5}
        padX={6}
        padY={7}
        surface="paper"
        line="hairline"
        radius={2}
        className={classes.handover}
      >
        <NumbersStrap numbers={where.numbers} member={patient} where={where.abroad} />
        <Box as="h1" size={6} breakable>
          {handoverHead(page, at)}
        </Box>
        <Box as="p" tone="second">
          {careWords.handover.madeAt(careWords.time(now, now, view.timeZone))}
        </Box>
        {handoverParts(page, at).map(({ title, lines }) => (
          <Box as="section" lineAbove="hairline" key={`${title}${lines[0]}`}>
            {title && (
              <Box as="h2" size={4}>
                {title}
              </Box>
            )}
            <Box as="ul" above={2}>
              {lines.map((text, position) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: two lines may say the same
                <Box as="li" padY={1} key={position}>
                  {text}
                </Box>
              ))}
            </Box>
          </Box>
        ))}
      </Stack>
      <Box as="section" pad={6} line="dashed" radius={2} className="no-print">
        <Box as="h2" size={4}>
          {careWords.incident.readAloud}
        </Box>
        <Box as="p" above={2} size={4}>
          {readAloud(page, at)}
        </Box>
      </Box>
    </Stack>
  )
}

/** Entries that the record does not take. */

import { useState } from 'react'
import { removeIncident } from '../../../contract/care'
import type { CareFact, Incident } from '../../../core/incident/entry'
import { call, newKey, ProblemError } from '../../../device/call'
import { dropWaiting } from '../../../device/outbox'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { useOutbox } from '../../../ui/useOutbox'
import * as words from '../../../words'
import type { Care } from '../useCare'
import classes from './incident.module.css'

const incidentWords = words.care.incident

/** Opened by mistake: taken away with its reason; the log brings it back. */
export function Slip({ incident }: { readonly incident: Incident }) {
  const [failed, setFailed] = useState('')
  const { waiting } = useOutbox()
  /** What was sent of it is not waited for: it would stand here as if it were still going on. */
  const forget = () =>
    dropWaiting(
      waiting
        .filter(
          ({ state, body }) =>
            state === 'sent' &&
            (body as { incidentId?: unknown } | null)?.incidentId === incident.id,
        )
        .map(({ key }) => key),
    )
  return (
    <span className={classes.slip}>
      <Button
        kind="plain"
        onClick={() =>
          void call(
            removeIncident,
            { params: { incidentId: incident.id }, body: { why: incidentWords.slipWhy } },
            { key: newKey() },
          )
            .then(async ({ actId }) => {
              await forget()
              location.assign(`/incident?gone=${actId}`)
            })
            .catch((error: unknown) =>
              setFailed(error instanceof ProblemError ? error.message : incidentWords.slipAway),
            )
        }
      >
        {incidentWords.slip}
      </Button>
      {failed && <small role="alert">{failed}</small>}
    </span>
  )
}

/** Notes that the server did not take; a dose can be noted although it was refused. */
export function Refused({ care, incident }: { readonly care: Care; readonly incident: Incident }) {
  const of = care.refused.filter(({ incidentId }) => incidentId === incident.id)
  if (of.length === 0) return null
  return (
    <Stack gap={4} className={classes.alarms} role="alert">
      {of.map((act) => (
        <Box
          padX={6}
          padY={5}
          size={4}
          weight="bold"
          face="display"
          surface="spent"
          line="bad"
          radius={2}
          key={act.key}
        >
          <p>
            {incidentWords.refused}: {incidentWords.fact(act.fact, care.view.units)}.{' '}
            {act.problem?.title}. {act.problem?.detail}
          </p>
          <Row as="p" gapX={5} gapY={4} align="center" wrap className={classes.row}>
            {act.fact.kind === 'dose' && (
              <Button
                kind="plain"
                onClick={() =>
                  void care
                    .say({
                      incidentId: incident.id,
                      memberId:
                        incident.patient.kind === 'member' ? incident.patient.memberId : null,
                      fact: {
                        ...(act.fact as Extract<CareFact, { kind: 'dose' }>),
                        anyway: act.problem?.title ?? incidentWords.refused,
                      },
                    })
                    .then(() => dropWaiting([act.key]))
                }
              >
                {words.care.bench.anyway}
              </Button>
            )}
            <Button kind="plain" onClick={() => void dropWaiting([act.key])}>
              {words.waiting.drop}
            </Button>
          </Row>
        </Box>
      ))}
    </Stack>
  )
}

/** A dose at an incident: what a card allows, with the same paper as on the bench. */

import { useMemo, useState } from 'react'
import type { DoseCard } from '../../../core/dosing/card'
import type { Instant } from '../../../core/dosing/given'
import { isFor } from '../../../core/dosing/sources'
import { asksOnly } from '../../../core/dosing/workOut'
import { Box, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import { AskVet } from '../AskVet'
import { askDose } from '../askDose'
import { DosePaper } from '../DosePaper'
import { givenTo, patientNow } from '../useCare'
import classes from './incident.module.css'
import type { PanelProps } from './panel'
import { SomethingElse } from './SomethingElse'

const incidentWords = words.care.incident

export function DosePanel(props: PanelProps) {
  const { care, line, here, patient, now, say, onDone } = props
  const [chosen, setChosen] = useState<DoseCard | null>(null)
  const { view } = care
  const isMember = line.incident.patient.kind === 'member'
  const given = useMemo(
    () => (isMember ? givenTo(care, patient.id) : line.doses),
    [care, isMember, patient.id, line],
  )
  const minute = Math.floor(now / 60_000)
  const cards = useMemo(() => {
    const asPatient = patientNow(care, patient)
    return view.cards
      .filter((card) => isFor(card, asPatient))
      .map((card) => {
        const at = (minute * 60_000) as Instant
        const { answer } = askDose(care, patient, card, { now: at, given, here })
        return { card, kind: asksOnly(answer) ? ('asks' as const) : answer.kind }
      })
      .filter(({ kind }) => kind !== 'refused')
      .sort((a, b) => Number(a.kind !== 'give') - Number(b.kind !== 'give'))
  }, [care, view, patient, given, here, minute])
  if (chosen)
    return (
      <DosePaper
        care={care}
        member={patient}
        card={chosen}
        here={here}
        compact
        onGiven={async (fact, minutesAgo) => {
          await say(fact, { minutesAgo })
          onDone()
        }}
      />
    )
  return (
    <>
      {patient.facts.kind === 'animal' && cards.length === 0 ? (
        <AskVet care={care} member={patient} given={given} now={now} />
      ) : (
        <>
          <Box as="p" tone="second">
            {patient.guestUntil !== null && cards.length === 0
              ? words.care.refusal({ code: 'stranger' }, { now, timeZone: view.timeZone })
              : incidentWords.doseLead}
          </Box>
          <Stack
            columns="repeat(auto-fill, minmax(min(100%, 9.5rem), 1fr))"
            gap={4}
            className={classes.tiles}
          >
            {cards.map(({ card, kind }) => (
              <Button
                kind="tile"
                key={card.id}
                data-wait={kind !== 'give'}
                onClick={() => setChosen(card)}
              >
                {card.name}
                <Box as="small" size={2} weight="normal" tone="second" face="text">
                  {card.purpose}
                  {kind === 'asks' ? ` · ${words.care.bench.states.asks}` : ''}
                </Box>
              </Button>
            ))}
          </Stack>
        </>
      )}
      <SomethingElse {...props} />
    </>
  )
}

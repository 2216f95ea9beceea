/** Afterwards: what worked, what was missing, what goes back to par, a note for the next list. */

import { useState } from 'react'
import { formatAmount, sum } from '../../../core/quantity/amount'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import { lineOf, patientOfIncident } from '../useCare'
import classes from './incident.module.css'
import type { IncidentProps } from './panel'

const incidentWords = words.care.incident
const l = incidentWords.looking

export function LookingBack({ care, started, onGo }: IncidentProps) {
  const line = lineOf(care, started)
  const patient = patientOfIncident(care, line.incident)
  const before = line.entries.findLast(
    ({ fact, struck }) => fact.kind === 'looking_back' && !struck,
  )
  const said = before?.fact.kind === 'looking_back' ? before.fact : null
  const [fields, setFields] = useState({
    worked: said?.worked ?? '',
    missing: said?.missing ?? '',
    next: said?.next ?? '',
  })
  const [kept, setKept] = useState(false)
  const used = usedUp(care, line)
  const keep = async () => {
    const memberId = line.incident.patient.kind === 'member' ? line.incident.patient.memberId : null
    await care.say({
      incidentId: line.incident.id,
      memberId,
      fact: { kind: 'looking_back', ...fields },
    })
    setKept(true)
  }
  return (
    <Stack packed as="main" gap={6} className={classes.page} id="main">
      <Row as="header" gapX={5} gapY={4} align="center" wrap className={classes.top}>
        <Button kind="plain" onClick={() => onGo('line')}>
          ‹ {incidentWords.back}
        </Button>
      </Row>
      <Box as="h1" size={6} breakable>
        {l.title}: {incidentWords.bar(patient?.name ?? '', incidentWords.kind(line.incident.kind))}
      </Box>
      <section className={classes.log}>
        <Box as="h2" size={4}>
          {l.used}
        </Box>
        {used.length === 0 && (
          <Box as="p" tone="second">
            {l.nothing}
          </Box>
        )}
        <Box as="ul" above={2}>
          {used.map(({ title, amount, where }) => (
            <Row
              as="li"
              gapX={5}
              gapY={2}
              justify="between"
              wrap
              padY={4}
              lineAbove="hairline"
              key={`${title}${where}`}
            >
              <b>{title}</b>
              <Box as="small" tone="second">
                {amount}, {where}
              </Box>
            </Row>
          ))}
        </Box>
        {used.length > 0 && <a href="/restock">{l.toRestock}</a>}
      </section>
      <Stack
        as="form"
        gap={5}
        className={classes.fields}
        onSubmit={(event) => {
          event.preventDefault()
          void keep()
        }}
      >
        {(['worked', 'missing', 'next'] as const).map((name) => (
          <label key={name}>
            {l[name]}
            <textarea
              rows={2}
              value={fields[name]}
              onChange={(event) => {
                const { value } = event.currentTarget
                setFields((now) => ({ ...now, [name]: value }))
                setKept(false)
              }}
            />
          </label>
        ))}
        <Button kind="main" type="submit" className={classes.go}>
          {l.save}
        </Button>
        <p role="status">{kept && l.kept}</p>
      </Stack>
    </Stack>
  )
}

/** What was taken from the kits, each thing once. */
function usedUp(care: IncidentProps['care'], line: ReturnType<typeof lineOf>) {
  const { laid } = care
  const byThing = new Map<string, { title: string; where: string; amounts: number[] }>()
  for (const take of line.takes) {
    const lot = laid.stock.lots.find(({ id }) => id === take.lotId)
    const at = lot && laid.thingOf.get(lot.itemId)
    const pocket = laid.stock.pockets.find(({ id }) => id === take.pocketId)
    const kit = laid.stock.kits.find(({ id }) => id === pocket?.kitId)
    const title = (at === undefined ? undefined : laid.things[at]?.title) ?? take.title
    const key = `${title}/${take.pocketId}`
    const known = byThing.get(key) ?? {
      title,
      where: `${kit?.name ?? ''}, ${pocket?.name ?? ''}`,
      amounts: [],
    }
    known.amounts.push(take.amount)
    byThing.set(key, known)
  }
  return [...byThing.values()].map(({ title, where, amounts }) => ({
    title,
    where,
    amount: formatAmount(sum(amounts as never)),
  }))
}

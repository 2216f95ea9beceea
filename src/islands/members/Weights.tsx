/** Weights over time: the line, the table behind it, and noting a new one. */

import { Checkbox, Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { removeWeighing, weigh } from '../../contract/members'
import { isPlainDate } from '../../core/calendar/plainDate'
import type { Instant } from '../../core/dosing/given'
import type { Member } from '../../core/household/member'
import { type WeightState, weightFault } from '../../core/household/weight'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import { Table } from '../../ui/Table'
import { words } from '../../words'
import { SMALL_BODY_GRAMS, weight } from '../../words/care/weights'
import { fullDay } from '../../words/frame/format'
import { sentenceFor } from '../../words/frame/refusals'
import classes from './member.module.css'
import { WeightChart } from './WeightChart'

const membersWords = words.members
const GRAMS = { kg: 1000, g: 1, lb: 453.592 } as const
type Unit = keyof typeof GRAMS

interface Props {
  readonly member: Member
  readonly state: WeightState
  readonly units: 'metric' | 'us'
}

export function Weights({ member, state, units }: Props) {
  const { run, busy } = useActing()
  const { today, habits } = useStrap()
  const [text, setText] = useState('')
  const [unit, setUnit] = useState<Unit>(units === 'us' ? 'lb' : lightest(member) ? 'g' : 'kg')
  const [on, setOn] = useState(today)
  const [sure, setSure] = useState(false)
  const value = Number(text.trim().replace(',', '.'))
  const grams = text.trim() === '' || !(value > 0) ? null : Math.round(value * GRAMS[unit])
  const fault = grams === null ? null : weightFault(member.species, { on, grams }, member.weighings)
  const submit = async () => {
    if (grams === null) return
    const result = await run(
      weigh,
      { params: { memberId: member.id }, body: { on, grams, sure } },
      words.undo.did.saved,
    )
    if (!result) return
    setText('')
    setSure(false)
  }
  return (
    <Box as="section" asides="beside" className={classes.part} aria-label={membersWords.weight}>
      <Row as="header" gap={5} align="baseline" justify="between">
        <Box as="h2" size={4}>
          {membersWords.weight}
        </Box>
        <small data-stale={state.kind !== 'fresh'}>{membersWords.weighed(state, units)}</small>
      </Row>
      {member.weighings.length > 1 && <WeightChart weighings={member.weighings} units={units} />}
      <Stack
        columns="minmax(6rem, 1fr) 5rem 9.5rem auto"
        as="form"
        gap={4}
        align="end"
        above={4}
        className={`${classes.weigh} no-print`}
        aria-label={membersWords.weigh}
        onSubmit={(event) => {
          event.preventDefault()
          void submit()
        }}
      >
        <TextInput
          label={membersWords.weighIn[unit]}
          inputMode="decimal"
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
          error={fault ? sentenceFor(fault).detail : undefined}
        />
        <Select
          label={membersWords.unit}
          value={unit}
          onChange={(next) => next && setUnit(next as Unit)}
          data={Object.keys(GRAMS)}
        />
        <TextInput
          type="date"
          label={membersWords.on}
          max={today}
          value={on}
          onChange={(event) => {
            const day = event.currentTarget.value
            if (isPlainDate(day)) setOn(day)
          }}
        />
        <Button
          kind="strong"
          type="submit"
          busy={busy}
          disabled={
            grams === null ||
            fault?.code === 'weight_out_of_range' ||
            (fault?.code === 'weight_jumps' && !sure)
          }
        >
          {membersWords.weigh}
        </Button>
        {fault?.code === 'weight_jumps' && (
          <Checkbox
            label={membersWords.sure}
            checked={sure}
            onChange={(event) => setSure(event.currentTarget.checked)}
          />
        )}
      </Stack>
      {member.weighings.length > 0 && (
        <details>
          <summary>{membersWords.table}</summary>
          <Table figures>
            <tbody>
              {[...member.weighings].reverse().map((one) => (
                <tr key={one.id}>
                  <th scope="row">
                    {fullDay(one.on)}
                    {member.weighings.filter(({ on: day }) => day === one.on).length > 1 &&
                      one.notedAt !== undefined &&
                      ` ${words.care.time(one.notedAt as Instant, one.notedAt as Instant, habits.timeZone)}`}
                  </th>
                  <td>{weight(one.grams, units)}</td>
                  <td className="no-print">
                    <Button
                      kind="quiet"
                      disabled={busy}
                      aria-label={`${membersWords.remove}: ${fullDay(one.on)}`}
                      onClick={() =>
                        void run(
                          removeWeighing,
                          { params: { weighingId: one.id } },
                          membersWords.removed,
                        )
                      }
                    >
                      {membersWords.remove}
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        </details>
      )}
    </Box>
  )
}

/** Whoever is weighed in grams on a kitchen scale. */
const lightest = ({ species, weighings }: Member): boolean =>
  ['bird', 'hen', 'hamster', 'guinea pig', 'rabbit', 'ferret', 'tortoise'].includes(species) ||
  (weighings.at(-1)?.grams ?? Number.POSITIVE_INFINITY) < SMALL_BODY_GRAMS

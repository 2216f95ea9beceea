/** Weights over time: the line, the table behind it, and noting a new one. */

import { Checkbox, Select, TextInput } from '@mantine/core'
import { removeWeighing } from '../../contract/members'
import type { Instant } from '../../core/dosing/given'
import type { Member } from '../../core/household/member'
import type { WeightState } from '../../core/household/weight'
import { ActForm } from '../../ui/ActForm'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { DayField } from '../../ui/DayField'
import { Explain } from '../../ui/Explain'
import { useStrap } from '../../ui/Frame'
import { Table } from '../../ui/Table'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import { weight } from '../../words/care/weights'
import { fullDay } from '../../words/frame/format'
import classes from './member.module.css'
import { WeightChart } from './WeightChart'
import { GRAMS, jumps, readWeighingDraft, weighingDraft } from './weighingDraft'

const membersWords = words.members

interface Props {
  readonly member: Member
  readonly state: WeightState
  readonly units: 'metric' | 'us'
}

export function Weights({ member, state, units }: Props) {
  const { run, busy } = useActing()
  const { today, habits } = useStrap()
  const form = useActForm({
    initial: weighingDraft(member, units, today),
    read: (draft) => readWeighingDraft(draft, { member, today }),
    said: words.undo.did.saved(words.members.weightOf(member.name)),
    refusals: {
      weight_out_of_range: 'weight',
      weight_jumps: 'weight',
      weighed_in_future: 'on',
    },
    onSaved: () => form.restart({ unit: form.values.unit, on: form.values.on }),
  })
  return (
    <Box as="section" asides="beside" className={classes.part} aria-label={membersWords.weight}>
      <Row as="header" gap={5} align="baseline" justify="between">
        <Box as="h2" size={4}>
          {membersWords.weight}
        </Box>
        <Row gap={4} align="center">
          <small data-stale={state.kind !== 'fresh'}>{membersWords.weighed(state, units)}</small>
          <Explain id="weight" />
        </Row>
      </Row>
      {member.weighings.length > 1 && <WeightChart weighings={member.weighings} units={units} />}
      <ActForm
        form={form}
        above={4}
        className="no-print"
        aria-label={membersWords.weigh}
        press={membersWords.weigh}
      >
        <Stack columns="repeat(auto-fit, minmax(8rem, 1fr))" gap={4} align="start">
          <TextInput
            label={membersWords.weighIn[form.values.unit]}
            inputMode="decimal"
            {...form.text('weight')}
          />
          <Select label={membersWords.unit} {...form.choice('unit')} data={Object.keys(GRAMS)} />
          <DayField label={membersWords.on} max={today} {...form.choice('on')} />
        </Stack>
        {jumps(form.values, member) && (
          <Checkbox label={membersWords.sure} {...form.tick('sure')} />
        )}
      </ActForm>
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

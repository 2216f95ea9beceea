/** How the household writes and whom it calls. */

import { Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { changeHousehold } from '../../contract/household'
import { EMERGENCY_NUMBERS, numbersToCall } from '../../core/household/emergencyNumbers'
import { LABEL_SETS, labelSetOf } from '../../core/household/labelSet'
import { PACES } from '../../core/rounds/pace'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { words } from '../../words'
import classes from './household.module.css'
import type { HouseholdView } from './view'

const householdWords = words.household
type Household = HouseholdView['household']
const CURRENCIES = ['AUD', 'CAD', 'CHF', 'DKK', 'EUR', 'GBP', 'NOK', 'NZD', 'PLN', 'SEK', 'USD']
const OWN = 'own'
const FOLLOWS = 'country'

export function Settings({ household }: { readonly household: Household }) {
  const { run, busy } = useActing()
  const [fields, setFields] = useState(household)
  const [lookahead, setLookahead] = useState(String(household.lookaheadDays))
  const days = Number(lookahead)
  const wrongDays = !Number.isInteger(days) || days < 1 || days > 366
  const byCountry = numbersToCall({ ...fields, emergencyNumber: '', poisonNumber: '' })
  const text = (name: 'name' | 'emergencyNumber' | 'poisonNumber') => ({
    value: fields[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setFields({ ...fields, [name]: event.currentTarget.value }),
  })
  const save = () => {
    const { version, ...patch } = fields
    void run(
      changeHousehold,
      { body: { ...patch, lookaheadDays: days, seenVersion: version } },
      words.undo.did.saved,
    )
  }
  return (
    <Box as="section" asides="below" className={classes.part} aria-label={householdWords.settings}>
      <Row as="header" gap={5} align="baseline" justify="between">
        <Box as="h2" size={4}>
          {householdWords.settings}
        </Box>
      </Row>
      <Stack
        as="form"
        gap={5}
        above={4}
        onSubmit={(event) => {
          event.preventDefault()
          save()
        }}
      >
        <TextInput
          label={householdWords.name}
          required
          withAsterisk={false}
          maxLength={120}
          {...text('name')}
        />
        <Select
          label={householdWords.country}
          searchable
          value={fields.country || OWN}
          onChange={(value) =>
            setFields({ ...fields, country: value === OWN ? '' : (value ?? '') })
          }
          data={[
            { value: OWN, label: householdWords.ownNumbers },
            ...EMERGENCY_NUMBERS.map(({ country, name }) => ({ value: country, label: name })),
          ]}
        />
        <Select
          label={householdWords.labels}
          description={householdWords.labelsHelp[labelSetOf(fields)]}
          value={fields.labels ?? FOLLOWS}
          onChange={(value) =>
            value &&
            setFields({
              ...fields,
              labels: value === FOLLOWS ? null : (value as Household['labels']),
            })
          }
          data={[
            { value: FOLLOWS, label: householdWords.labelsByCountry },
            ...LABEL_SETS.map((id) => ({ value: id, label: householdWords.labelSets[id] })),
          ]}
        />
        <Stack gap={5} align="start" columns={2}>
          <TextInput
            label={householdWords.emergency}
            placeholder={byCountry.emergency ? householdWords.fromCountry(byCountry.emergency) : ''}
            maxLength={40}
            {...text('emergencyNumber')}
          />
          <TextInput
            label={householdWords.poison}
            placeholder={byCountry.poison ? householdWords.fromCountry(byCountry.poison) : ''}
            maxLength={40}
            {...text('poisonNumber')}
          />
        </Stack>
        <Select
          label={householdWords.timeZone}
          searchable
          value={fields.timeZone}
          onChange={(value) => value && setFields({ ...fields, timeZone: value })}
          data={timeZones(fields.timeZone)}
          limit={60}
        />
        <Stack gap={5} align="start" columns={2}>
          <Select
            label={householdWords.dateOrder}
            value={fields.dateOrder}
            onChange={(value) =>
              value && setFields({ ...fields, dateOrder: value as Household['dateOrder'] })
            }
            data={[
              { value: 'day-first', label: householdWords.dayFirst },
              { value: 'month-first', label: householdWords.monthFirst },
              { value: 'year-first', label: householdWords.yearFirst },
            ]}
          />
          <Select
            label={householdWords.currency}
            value={fields.currency}
            onChange={(value) => value && setFields({ ...fields, currency: value })}
            data={[...new Set([fields.currency, ...CURRENCIES])].sort()}
          />
        </Stack>
        <Select
          label={words.rounds.pace}
          description={words.rounds.paceHelp[fields.roundPace]}
          value={fields.roundPace}
          onChange={(value) =>
            value && setFields({ ...fields, roundPace: value as Household['roundPace'] })
          }
          data={PACES.map((pace) => ({ value: pace, label: words.rounds.paces[pace] }))}
        />
        <TextInput
          label={householdWords.lookahead}
          inputMode="numeric"
          value={lookahead}
          onChange={(event) => setLookahead(event.currentTarget.value)}
          error={wrongDays ? householdWords.wrongLookahead : undefined}
        />
        <Row gap={4}>
          <Button
            kind="strong"
            type="submit"
            busy={busy}
            disabled={wrongDays || fields.name.trim() === ''}
          >
            {householdWords.save}
          </Button>
        </Row>
      </Stack>
    </Box>
  )
}

const timeZones = (current: string): string[] => [
  ...new Set([current, ...Intl.supportedValuesOf('timeZone')]),
]

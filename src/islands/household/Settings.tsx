/** How the household writes and whom it calls. */

import { Select, TextInput } from '@mantine/core'
import { EMERGENCY_NUMBERS, numbersToCall } from '../../core/household/emergencyNumbers'
import { LABEL_SETS, labelSetOf } from '../../core/household/labelSet'
import { PACES } from '../../core/rounds/pace'
import { ActForm } from '../../ui/ActForm'
import { Box, Row, Stack } from '../../ui/Box'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import classes from './household.module.css'
import { readSettingsDraft, settingsDraft } from './settingsDraft'
import type { HouseholdView } from './view'

const householdWords = words.household
type Household = HouseholdView['household']
const CURRENCIES = ['AUD', 'CAD', 'CHF', 'DKK', 'EUR', 'GBP', 'NOK', 'NZD', 'PLN', 'SEK', 'USD']
const OWN = 'own'
const FOLLOWS = 'country'

export function Settings({ household }: { readonly household: Household }) {
  const form = useActForm({
    initial: settingsDraft(household),
    read: (draft) => readSettingsDraft(draft, household),
    said: words.undo.did.saved,
    onSaved: () => undefined,
  })
  const fields = form.values
  const byCountry = numbersToCall({ ...fields, emergencyNumber: '', poisonNumber: '' })
  return (
    <Box as="section" asides="below" className={classes.part} aria-label={householdWords.settings}>
      <Row as="header" gap={5} align="baseline" justify="between">
        <Box as="h2" size={4}>
          {householdWords.settings}
        </Box>
      </Row>
      <ActForm form={form} above={4} press={householdWords.save}>
        <TextInput label={householdWords.name} maxLength={120} {...form.text('name')} />
        <Select
          label={householdWords.country}
          searchable
          value={fields.country || OWN}
          onChange={(value) => form.set({ country: value === OWN ? '' : (value ?? '') })}
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
            form.set({ labels: value === FOLLOWS ? null : (value as Household['labels']) })
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
            {...form.text('emergencyNumber')}
          />
          <TextInput
            label={householdWords.poison}
            placeholder={byCountry.poison ? householdWords.fromCountry(byCountry.poison) : ''}
            maxLength={40}
            {...form.text('poisonNumber')}
          />
        </Stack>
        <Select
          label={householdWords.timeZone}
          searchable
          {...form.choice('timeZone')}
          data={timeZones(fields.timeZone)}
          limit={60}
        />
        <Stack gap={5} align="start" columns={2}>
          <Select
            label={householdWords.dateOrder}
            {...form.choice('dateOrder')}
            data={[
              { value: 'day-first', label: householdWords.dayFirst },
              { value: 'month-first', label: householdWords.monthFirst },
              { value: 'year-first', label: householdWords.yearFirst },
            ]}
          />
          <Select
            label={householdWords.weekStart}
            {...form.choice('weekStart')}
            data={(['monday', 'sunday'] as const).map((value) => ({
              value,
              label: householdWords[value],
            }))}
          />
          <Select
            label={householdWords.units}
            {...form.choice('units')}
            data={(['metric', 'us'] as const).map((value) => ({
              value,
              label: householdWords[value],
            }))}
          />
          <Select
            label={householdWords.currency}
            {...form.choice('currency')}
            data={[...new Set([fields.currency, ...CURRENCIES])].sort()}
          />
        </Stack>
        <Select
          label={words.rounds.pace}
          description={words.rounds.paceHelp[fields.roundPace]}
          {...form.choice('roundPace')}
          data={PACES.map((pace) => ({ value: pace, label: words.rounds.paces[pace] }))}
        />
        <TextInput
          label={householdWords.lookahead}
          inputMode="numeric"
          {...form.text('lookahead')}
        />
      </ActForm>
    </Box>
  )
}

const timeZones = (current: string): string[] => [
  ...new Set([current, ...Intl.supportedValuesOf('timeZone')]),
]

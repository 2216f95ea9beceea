/** Where the household lives: whom it calls, and how dates, money and weights are written. */

import { Select, TextInput } from '@mantine/core'
import { CURRENCIES, wouldFollow } from '../../../core/household/countryHabits'
import { EMERGENCY_NUMBERS, numbersToCall } from '../../../core/household/emergencyNumbers'
import { LABEL_SETS, labelSetOf } from '../../../core/household/labelSet'
import { ActForm } from '../../../ui/ActForm'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import type { HouseholdView } from '../view'
import { useSettings } from './useSettings'

const householdWords = words.household
const settingsWords = words.settings
const OWN = 'own'
const FOLLOWS = 'country'
type Household = HouseholdView['household']

export function WritingForm({ household }: { readonly household: Household }) {
  const form = useSettings(household)
  const fields = form.values
  const byCountry = numbersToCall({ ...fields, emergencyNumber: '', poisonNumber: '' })
  // Offered with a new country; whoever does otherwise at home is not asked again and again.
  const follows = fields.country === household.country ? {} : wouldFollow(fields.country, fields)
  return (
    <ActForm form={form} above={4} press={householdWords.save} aria-label={settingsWords.where}>
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
      {Object.keys(follows).length > 0 && (
        <Row edge="accent" gapX={5} gapY={3} align="center" wrap padX={5} padY={3} surface="canvas">
          <span>{settingsWords.usually(follows)}</span>
          <Button onClick={() => form.set(follows)}>{settingsWords.take}</Button>
        </Row>
      )}
      <Stack gap={5} align="start" columns={2}>
        <TextInput
          label={householdWords.emergency}
          description={settingsWords.called(
            fields.emergencyNumber || byCountry.emergency || settingsWords.nobody,
          )}
          placeholder={byCountry.emergency ? householdWords.fromCountry(byCountry.emergency) : ''}
          maxLength={40}
          {...form.text('emergencyNumber')}
        />
        <TextInput
          label={householdWords.poison}
          description={settingsWords.called(
            fields.poisonNumber || byCountry.poison || settingsWords.nobody,
          )}
          placeholder={byCountry.poison ? householdWords.fromCountry(byCountry.poison) : ''}
          maxLength={40}
          {...form.text('poisonNumber')}
        />
      </Stack>
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
      <Box as="h3" size={3} above={4}>
        {settingsWords.writing}
      </Box>
      <Stack gap={5} align="start" columns={2}>
        <Select
          label={householdWords.dateOrder}
          description={settingsWords.effect.dateOrder}
          {...form.choice('dateOrder')}
          data={Object.entries(householdWords.dateOrders).map(([value, label]) => ({
            value,
            label,
          }))}
        />
        <Select
          label={householdWords.weekStart}
          description={settingsWords.effect.weekStart}
          {...form.choice('weekStart')}
          data={(['monday', 'sunday'] as const).map((value) => ({
            value,
            label: householdWords[value],
          }))}
        />
        <Select
          label={householdWords.units}
          description={settingsWords.effect.units[fields.units]}
          {...form.choice('units')}
          data={(['metric', 'us'] as const).map((value) => ({
            value,
            label: householdWords[value],
          }))}
        />
        <Select
          label={householdWords.currency}
          description={settingsWords.effect.currency(fields.currency)}
          {...form.choice('currency')}
          data={[...new Set([fields.currency, ...CURRENCIES])].sort()}
        />
      </Stack>
      <Select
        label={householdWords.timeZone}
        description={settingsWords.effect.timeZone}
        searchable
        {...form.choice('timeZone')}
        data={timeZones(fields.timeZone)}
        limit={60}
      />
    </ActForm>
  )
}

const timeZones = (current: string): string[] => [
  ...new Set([current, ...Intl.supportedValuesOf('timeZone')]),
]

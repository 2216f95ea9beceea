/** Where they live: the numbers to call, and how dates and money are written. */

import { Select, TextInput } from '@mantine/core'
import { useEffect, useState } from 'react'
import { guessCountry, habitsOf } from '../../../core/household/countryHabits'
import { EMERGENCY_NUMBERS, numbersToCall } from '../../../core/household/emergencyNumbers'
import { labelSetOf } from '../../../core/household/labelSet'
import { ActForm } from '../../../ui/ActForm'
import { Stack } from '../../../ui/Box'
import { Fact } from '../../../ui/Fact'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import { readCountryDraft } from './countryDraft'
import type { StepProps } from './view'

const countryWords = words.beginning.country
const ELSEWHERE = 'elsewhere'

export function CountryStep(props: StepProps) {
  const { country, emergencyNumber } = props.household.household
  // The device is asked where it is drawn, not on the server; a proposal, until somebody presses.
  const [guess, setGuess] = useState('')
  useEffect(() => {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
    if (country === '' && emergencyNumber === '')
      setGuess(guessCountry(zone, navigator.languages) ?? '')
  }, [country, emergencyNumber])
  return <CountryForm key={guess} {...props} guess={guess} />
}

function CountryForm({
  household: { household },
  guess,
  onNext,
}: StepProps & { readonly guess: string }) {
  const form = useActForm({
    initial: {
      country: household.country || guess,
      emergencyNumber: household.emergencyNumber,
      poisonNumber: household.poisonNumber,
    },
    read: (draft) => readCountryDraft(draft, household),
    said: countryWords.saved,
    onSaved: onNext,
  })
  const { country } = form.values
  const { set } = form
  const known = EMERGENCY_NUMBERS.find((one) => one.country === country)
  return (
    <ActForm
      form={form}
      press={known ? countryWords.press(known.name) : countryWords.pressOwn}
      aria-label={words.beginning.question.country}
    >
      <Select
        label={countryWords.label}
        searchable
        value={country || ELSEWHERE}
        onChange={(value) => set({ country: value === ELSEWHERE ? '' : (value ?? '') })}
        data={[
          ...EMERGENCY_NUMBERS.map(({ country: code, name }) => ({ value: code, label: name })),
          { value: ELSEWHERE, label: countryWords.elsewhere },
        ]}
      />
      {guess !== '' && guess === country && known && (
        <small>{countryWords.guessed(known.name)}</small>
      )}
      {known ? (
        <Follows country={known.country} household={household} />
      ) : (
        <>
          <p>{countryWords.own}</p>
          <Stack gap={5} align="start" columns={2}>
            <TextInput
              label={countryWords.emergency}
              inputMode="tel"
              maxLength={40}
              {...form.text('emergencyNumber')}
            />
            <TextInput
              label={countryWords.poison}
              inputMode="tel"
              maxLength={40}
              {...form.text('poisonNumber')}
            />
          </Stack>
        </>
      )}
    </ActForm>
  )
}

interface FollowsProps {
  readonly country: string
  readonly household: StepProps['household']['household']
}

/** What will be shown and how it will be written: the household's own numbers stay. */
function Follows({ country, household }: FollowsProps) {
  const habits = habitsOf(country)
  const { emergency, poison } = numbersToCall({ ...household, country })
  const settings = words.household
  return (
    habits && (
      <Stack as="section" gap={4} aria-label={countryWords.follows}>
        <Stack as="dl" columns="repeat(auto-fit, minmax(17rem, 1fr))" gapX={7}>
          <Fact name={countryWords.emergency}>{emergency}</Fact>
          <Fact name={countryWords.poison}>{poison ?? countryWords.noPoison}</Fact>
          <Fact name={countryWords.money}>{habits.currency}</Fact>
          <Fact name={countryWords.dates}>{settings.dateOrders[habits.dateOrder]}</Fact>
          <Fact name={countryWords.week}>{settings[habits.weekStart]}</Fact>
          <Fact name={countryWords.units}>{settings[habits.units]}</Fact>
          <Fact name={settings.timeZone}>{habits.timeZone ?? household.timeZone}</Fact>
          <Fact name={countryWords.labels}>
            {countryWords.labelsOf[labelSetOf({ labels: null, country })]}
          </Fact>
        </Stack>
        <small className="second">{countryWords.change}</small>
      </Stack>
    )
  )
}

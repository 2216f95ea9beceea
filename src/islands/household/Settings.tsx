/** How the household writes and whom it calls. */
import { Button, Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { changeHousehold } from '../../contract/household'
import { EMERGENCY_NUMBERS, numbersToCall } from '../../core/household/emergencyNumbers'
import { LABEL_SETS, labelSetOf } from '../../core/household/labelSet'
import { PACES } from '../../core/rounds/pace'
import { useActing } from '../../ui/acting'
import { words } from '../../words'
import classes from './household.module.css'
import type { HouseholdView } from './view'

const w = words.household
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
    <section className={classes.part} aria-label={w.settings}>
      <header>
        <h2>{w.settings}</h2>
      </header>
      <form
        className={classes.form}
        onSubmit={(event) => {
          event.preventDefault()
          save()
        }}
      >
        <TextInput label={w.name} required withAsterisk={false} maxLength={120} {...text('name')} />
        <Select
          label={w.country}
          searchable
          value={fields.country || OWN}
          onChange={(value) =>
            setFields({ ...fields, country: value === OWN ? '' : (value ?? '') })
          }
          data={[
            { value: OWN, label: w.ownNumbers },
            ...EMERGENCY_NUMBERS.map(({ country, name }) => ({ value: country, label: name })),
          ]}
        />
        <Select
          label={w.labels}
          description={w.labelsHelp[labelSetOf(fields)]}
          value={fields.labels ?? FOLLOWS}
          onChange={(value) =>
            value &&
            setFields({
              ...fields,
              labels: value === FOLLOWS ? null : (value as Household['labels']),
            })
          }
          data={[
            { value: FOLLOWS, label: w.labelsByCountry },
            ...LABEL_SETS.map((id) => ({ value: id, label: w.labelSets[id] })),
          ]}
        />
        <div className={classes.pair}>
          <TextInput
            label={w.emergency}
            placeholder={byCountry.emergency ? w.fromCountry(byCountry.emergency) : ''}
            maxLength={40}
            {...text('emergencyNumber')}
          />
          <TextInput
            label={w.poison}
            placeholder={byCountry.poison ? w.fromCountry(byCountry.poison) : ''}
            maxLength={40}
            {...text('poisonNumber')}
          />
        </div>
        <Select
          label={w.timeZone}
          searchable
          value={fields.timeZone}
          onChange={(value) => value && setFields({ ...fields, timeZone: value })}
          data={timeZones(fields.timeZone)}
          limit={60}
        />
        <div className={classes.pair}>
          <Select
            label={w.dateOrder}
            value={fields.dateOrder}
            onChange={(value) =>
              value && setFields({ ...fields, dateOrder: value as Household['dateOrder'] })
            }
            data={[
              { value: 'day-first', label: w.dayFirst },
              { value: 'month-first', label: w.monthFirst },
              { value: 'year-first', label: w.yearFirst },
            ]}
          />
          <Select
            label={w.currency}
            value={fields.currency}
            onChange={(value) => value && setFields({ ...fields, currency: value })}
            data={[...new Set([fields.currency, ...CURRENCIES])].sort()}
          />
        </div>
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
          label={w.lookahead}
          inputMode="numeric"
          value={lookahead}
          onChange={(event) => setLookahead(event.currentTarget.value)}
          error={wrongDays ? w.wrongLookahead : undefined}
        />
        <div className={classes.presses}>
          <Button type="submit" loading={busy} disabled={wrongDays || fields.name.trim() === ''}>
            {w.save}
          </Button>
        </div>
      </form>
    </section>
  )
}

const timeZones = (current: string): string[] => [
  ...new Set([current, ...Intl.supportedValuesOf('timeZone')]),
]

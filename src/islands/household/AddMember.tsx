/** A new member, or a guest in three facts. */

import { Checkbox, Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { addMember } from '../../contract/members'
import { addDays, type PlainDate } from '../../core/calendar/plainDate'
import { UNSIGNED } from '../../core/household/asked'
import { blankFacts } from '../../core/household/member'
import { SPECIES, type Species } from '../../core/household/species'
import { TOPICS, type Topic } from '../../core/household/told'
import { useActing } from '../../ui/acting'
import { Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import { words } from '../../words'
import { TOPIC_NAMES } from '../../words/care/objections'
import { capital } from '../../words/frame/format'

const householdWords = words.household
type Asked = 'later' | 'none' | 'some'
const NOT_ASKED: Readonly<Record<Topic, Asked>> = {
  allergies: 'later',
  conditions: 'later',
  medicines: 'later',
}
const NOBODY = {
  name: '',
  species: 'person' as Species,
  born: '',
  helper: false,
  note: '',
  kg: '',
}

export function AddMember({
  isGuest,
  onDone,
}: {
  readonly isGuest: boolean
  readonly onDone: () => void
}) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const [who, setWho] = useState(NOBODY)
  const [told, setTold] = useState<Readonly<Record<Topic, Asked>>>(NOT_ASKED)
  const [until, setUntil] = useState<string>(addDays(today, 2))
  const kilograms = Number(who.kg.replace(',', '.'))
  const wrongWeight = who.kg !== '' && !(kilograms > 0)
  const submit = async () => {
    const { born, kg, ...member } = who
    const result = await run(
      addMember,
      {
        body: {
          ...member,
          born: born === '' ? null : (born as PlainDate),
          grams: kg === '' ? null : Math.round(kilograms * 1000),
          guestUntil: isGuest ? (until as PlainDate) : null,
          facts: {
            ...blankFacts(who.species),
            told: Object.fromEntries(
              TOPICS.filter((topic) => told[topic] === 'none').map((topic) => [
                topic,
                { by: UNSIGNED, on: today },
              ]),
            ),
          } as never,
        },
      },
      words.undo.did.saved,
    )
    if (!result) return
    setTold(NOT_ASKED)
    // What there is to write down has its own page.
    if (TOPICS.some((topic) => told[topic] === 'some')) {
      location.assign(`/members/${result.memberId}?edit=1`)
      return
    }
    if (isGuest) onDone()
    else setWho(NOBODY)
  }
  return (
    <Stack
      as="form"
      gap={5}
      above={4}
      aria-label={isGuest ? words.members.guest : householdWords.addMember}
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      {isGuest && <p className="second">{words.members.guestFacts}</p>}
      <Stack gap={5} align="start" columns={2}>
        <TextInput
          autoFocus
          required
          withAsterisk={false}
          label={householdWords.name}
          maxLength={120}
          value={who.name}
          onChange={(event) => setWho({ ...who, name: event.currentTarget.value })}
        />
        <Select
          label={householdWords.species}
          value={who.species}
          onChange={(value) => value && setWho({ ...who, species: value as Species })}
          data={[...SPECIES]}
        />
        <TextInput
          type="date"
          label={householdWords.born}
          max={today}
          value={who.born}
          onChange={(event) => setWho({ ...who, born: event.currentTarget.value })}
        />
        <TextInput
          label={words.members.weightOptional}
          inputMode="decimal"
          value={who.kg}
          error={wrongWeight ? householdWords.wrongWeight : undefined}
          onChange={(event) => setWho({ ...who, kg: event.currentTarget.value })}
        />
        {isGuest && (
          <TextInput
            type="date"
            required
            withAsterisk={false}
            label={words.members.guestUntil}
            min={today}
            value={until}
            onChange={(event) => setUntil(event.currentTarget.value)}
          />
        )}
      </Stack>
      {!isGuest && (
        <TextInput
          label={householdWords.note}
          value={who.note}
          onChange={(event) => setWho({ ...who, note: event.currentTarget.value })}
        />
      )}
      <Row as="fieldset" gapX={6} gapY={4} wrap line="seam" radius={2}>
        <legend>{householdWords.askNow.title}</legend>
        {TOPICS.map((topic) => (
          <Select
            key={topic}
            label={capital(TOPIC_NAMES[topic])}
            value={told[topic]}
            allowDeselect={false}
            onChange={(value) => value && setTold({ ...told, [topic]: value as Asked })}
            data={[
              { value: 'later', label: householdWords.askNow.later },
              { value: 'none', label: householdWords.askNow.none },
              { value: 'some', label: householdWords.askNow.some },
            ]}
          />
        ))}
        {TOPICS.some((topic) => told[topic] === 'some') && (
          <p className="second">{householdWords.askNow.next}</p>
        )}
      </Row>
      {who.species === 'person' && !isGuest && (
        <Checkbox
          label={householdWords.helper}
          checked={who.helper}
          onChange={(event) => setWho({ ...who, helper: event.currentTarget.checked })}
        />
      )}
      <Row gap={4}>
        <Button
          kind="strong"
          type="submit"
          busy={busy}
          disabled={who.name.trim() === '' || wrongWeight}
        >
          {householdWords.add}
        </Button>
        <Button onClick={onDone}>{householdWords.done}</Button>
      </Row>
    </Stack>
  )
}

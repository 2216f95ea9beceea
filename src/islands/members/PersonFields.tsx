/** What decides for a person. */

import { Checkbox, MultiSelect, Select, TextInput } from '@mantine/core'
import type { PlainDate } from '../../core/calendar/plainDate'
import { SKILL_IDS, SKILLS, type SkillId } from '../../core/catalogue/skills'
import { substanceName } from '../../core/catalogue/substances'
import {
  CONDITIONS_OF_PEOPLE,
  GLOVE_SIZES,
  type GloveSize,
  type PersonCondition,
  type PersonFacts,
  PREGNANCIES,
  type Pregnancy,
} from '../../core/household/member'
import { Box, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { DayField } from '../../ui/DayField'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { fullDay } from '../../words/frame/format'
import { AlarmField } from './AlarmField'
import { ContactFields } from './ContactFields'
import classes from './member.module.css'
import { ToldField } from './ToldField'

const membersWords = words.members
const UNKNOWN = 'unknown'

export function PersonFields({
  facts,
  onChange,
}: {
  readonly facts: PersonFacts
  readonly onChange: (facts: PersonFacts) => void
}) {
  const { today } = useStrap()
  const set = (change: Partial<PersonFacts>) => onChange({ ...facts, ...change })
  return (
    <>
      <MultiSelect
        label={membersWords.conditions}
        searchable
        value={[...facts.conditions]}
        onChange={(conditions) => set({ conditions: conditions as PersonCondition[] })}
        data={Object.entries(CONDITIONS_OF_PEOPLE).map(([value, label]) => ({ value, label }))}
      />
      {facts.conditions.length === 0 && (
        <ToldField topic="conditions" facts={facts} today={today} onChange={onChange} />
      )}
      <ToldField topic="medicines" facts={facts} today={today} onChange={onChange} />
      <Stack columns="repeat(auto-fit, minmax(9rem, 1fr))" gap={4} align="end">
        <Select
          label={membersWords.swallows}
          value={facts.swallowsTablets === null ? UNKNOWN : facts.swallowsTablets ? 'yes' : 'no'}
          onChange={(answer) =>
            set({ swallowsTablets: answer === UNKNOWN ? null : answer === 'yes' })
          }
          data={Object.entries(membersWords.swallowsAnswers).map(([value, label]) => ({
            value,
            label,
          }))}
        />
        <Select
          label={membersWords.glove}
          value={facts.gloveSize ?? UNKNOWN}
          onChange={(size) => set({ gloveSize: size === UNKNOWN ? null : (size as GloveSize) })}
          data={[{ value: UNKNOWN, label: membersWords.gloveNone }, ...GLOVE_SIZES]}
        />
      </Stack>
      <Stack columns="repeat(auto-fit, minmax(9rem, 1fr))" gap={4} align="end">
        <Select
          label={membersWords.sex}
          value={facts.sex}
          onChange={(sex) => set({ sex: sex as PersonFacts['sex'] })}
          data={Object.entries(membersWords.sexes).map(([value, label]) => ({ value, label }))}
        />
        <Select
          label={membersWords.pregnancy}
          value={facts.pregnancy}
          onChange={(pregnancy) => set({ pregnancy: pregnancy as Pregnancy })}
          data={PREGNANCIES.map((value) => ({ value, label: membersWords.pregnancies[value] }))}
        />
      </Stack>
      <Checkbox
        label={membersWords.thinner}
        checked={facts.bloodThinner}
        onChange={(event) => set({ bloodThinner: event.currentTarget.checked })}
      />
      <AlarmField facts={facts} today={today} onChange={onChange} />
      <Settled facts={facts} onChange={onChange} />
      <ContactFields
        legend={membersWords.doctor}
        contact={facts.doctor}
        onChange={(doctor) => set({ doctor })}
      />
      {facts.contacts.map((contact, at) => (
        <ContactFields
          // biome-ignore lint/suspicious/noArrayIndexKey: contacts have no other identity while they are typed
          key={at}
          legend={membersWords.contacts}
          contact={contact}
          onChange={(changed) =>
            set({ contacts: facts.contacts.map((one, index) => (index === at ? changed : one)) })
          }
          onRemove={() => set({ contacts: facts.contacts.filter((_, index) => index !== at) })}
        />
      ))}
      <Button
        kind="quiet"
        onClick={() => set({ contacts: [...facts.contacts, { name: '', phone: '' }] })}
      >
        {membersWords.addContact}
      </Button>
      <Stack as="fieldset" gap={4} padX={5} padY={4} line="dashed" radius={2}>
        <Box as="legend" padX={2} size={2} weight="bold">
          {membersWords.skills}
        </Box>
        {facts.skills.map((signed, at) => (
          <Stack
            columns="minmax(0, 1.2fr) 9.5rem minmax(0, 1fr) auto"
            gap={4}
            align="center"
            size={2}
            key={signed.skill}
            className={classes.skill}
          >
            <b>{SKILLS[signed.skill].name}</b>
            <DayField
              quietLabel
              label={`${SKILLS[signed.skill].name}: ${membersWords.skillUntil}`}
              value={signed.until ?? ''}
              onChange={(day) => {
                const until = (day || null) as PlainDate | null
                set({
                  skills: facts.skills.map((one, index) =>
                    index === at ? { ...one, until } : one,
                  ),
                })
              }}
            />
            <TextInput
              aria-label={`${SKILLS[signed.skill].name}: ${membersWords.skillBy}`}
              placeholder={membersWords.skillBy}
              value={signed.by}
              onChange={(event) => {
                const by = event.currentTarget.value
                set({
                  skills: facts.skills.map((one, index) => (index === at ? { ...one, by } : one)),
                })
              }}
            />
            <Button
              kind="quiet"
              aria-label={`${membersWords.remove}: ${SKILLS[signed.skill].name}`}
              onClick={() => set({ skills: facts.skills.filter((_, index) => index !== at) })}
            >
              {membersWords.remove}
            </Button>
          </Stack>
        ))}
        <Select
          aria-label={membersWords.addSkill}
          placeholder={membersWords.addSkill}
          value={null}
          onChange={(skill) =>
            skill &&
            set({ skills: [...facts.skills, { skill: skill as SkillId, until: null, by: '' }] })
          }
          data={SKILL_IDS.filter((id) => !facts.skills.some(({ skill }) => skill === id)).map(
            (value) => ({ value, label: SKILLS[value].name }),
          )}
        />
      </Stack>
    </>
  )
}

/** Doctors' and pharmacists' words that settled a question of a label; taken back with a press. */
function Settled({
  facts,
  onChange,
}: {
  readonly facts: PersonFacts
  readonly onChange: (facts: PersonFacts) => void
}) {
  const settled = facts.settled ?? []
  if (settled.length === 0) return null
  return (
    <Stack as="fieldset" gap={4} padX={5} padY={4} line="dashed" radius={2}>
      <Box as="legend" padX={2} size={2} weight="bold">
        {membersWords.settled}
      </Box>
      {settled.map((word) => (
        <Stack
          columns="minmax(0, 1.2fr) 9.5rem minmax(0, 1fr) auto"
          gap={4}
          align="center"
          size={2}
          key={`${word.rule}${word.substance}`}
          className={classes.skill}
        >
          <span>
            {membersWords.settledWord(substanceName(word.substance), word.who, fullDay(word.on))}
          </span>
          <Button
            kind="quiet"
            onClick={() => onChange({ ...facts, settled: settled.filter((one) => one !== word) })}
          >
            {membersWords.remove}
          </Button>
        </Stack>
      ))}
    </Stack>
  )
}

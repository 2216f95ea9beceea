/** Settings (now and then, at a desk): in groups, each with what it changes. */

import { Select, TextInput } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { readHousehold } from '../../../contract/household'
import { PACES } from '../../../core/rounds/pace'
import { call } from '../../../device/call'
import { ActForm } from '../../../ui/ActForm'
import { Box, Row } from '../../../ui/Box'
import { Frame, type Strap } from '../../../ui/Frame'
import { LookSwitch, useLook } from '../../../ui/look'
import * as words from '../../../words'
import classes from '../household.module.css'
import type { HouseholdView } from '../view'
import { Feeds } from './Feeds'
import { SchoolsPart } from './SchoolsPart'
import { useSettings } from './useSettings'
import { WritingForm } from './WritingForm'

const settingsWords = words.settings
type Household = HouseholdView['household']

interface Props {
  readonly strap: Strap
  readonly initial: HouseholdView
}

export const SettingsScreen = (props: Props) => (
  <Frame tab="settings" strap={props.strap} place={null}>
    <Settings {...props} />
  </Frame>
)

function Settings({ initial }: Props) {
  const {
    data: { household },
  } = useQuery({
    queryKey: ['household'],
    queryFn: () => call(readHousehold),
    initialData: initial,
  })
  const look = useLook()
  return (
    <>
      <Box as="header" below={5}>
        <h1>{settingsWords.title}</h1>
        <p className="second">{settingsWords.under}</p>
      </Box>
      <div className={classes.parts}>
        <Group id="where" title={settingsWords.where} under={settingsWords.whereUnder}>
          <WritingForm household={household} />
        </Group>
        <Group id="name" title={settingsWords.name} under={settingsWords.nameUnder}>
          <NameForm household={household} />
        </Group>
        <Group id="look" title={settingsWords.look} under={settingsWords.lookUnder}>
          <Row above={4}>
            <LookSwitch look={look} />
          </Row>
        </Group>
        <Group id="checks" title={settingsWords.checks} under={settingsWords.checksUnder}>
          <ChecksForm household={household} />
        </Group>
        <Group id="feeds" title={words.rounds.feeds.title} under={words.rounds.feeds.lead}>
          <Feeds />
        </Group>
        <Group id="schools" title={settingsWords.schools} under={settingsWords.schoolsUnder}>
          <Box as="details" above={3}>
            <Box as="summary" weight="bold">
              {settingsWords.openSchools}
            </Box>
            <SchoolsPart household={household} />
          </Box>
        </Group>
      </div>
    </>
  )
}

interface GroupProps {
  /** In the address, for links that lead here. */
  readonly id: string
  readonly title: string
  readonly under: string
  readonly children: ReactNode
}

const Group = ({ id, title, under, children }: GroupProps) => (
  <Box as="section" asides="below" id={id} className={classes.part} aria-label={title}>
    <Box as="h2" size={4}>
      {title}
    </Box>
    <p className="second">{under}</p>
    {children}
  </Box>
)

function NameForm({ household }: { readonly household: Household }) {
  const form = useSettings(household)
  return (
    <ActForm form={form} above={4} press={words.household.save} aria-label={settingsWords.name}>
      <TextInput label={words.household.name} maxLength={120} {...form.text('name')} />
    </ActForm>
  )
}

function ChecksForm({ household }: { readonly household: Household }) {
  const form = useSettings(household)
  return (
    <ActForm form={form} above={4} press={words.household.save} aria-label={settingsWords.checks}>
      <Select
        label={words.rounds.pace}
        description={words.rounds.paceHelp[form.values.roundPace]}
        {...form.choice('roundPace')}
        data={PACES.map((pace) => ({ value: pace, label: words.rounds.paces[pace] }))}
      />
      <TextInput
        label={words.household.lookahead}
        description={settingsWords.effect.lookahead(form.values.lookahead)}
        inputMode="numeric"
        {...form.text('lookahead')}
      />
    </ActForm>
  )
}

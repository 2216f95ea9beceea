/** Who comes into the household (now and then, at a desk): roles, invitations, ends. */

import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { readPeople } from '../../contract/people'
import { dayAt } from '../../core/calendar/plainDate'
import { may } from '../../core/people/role'
import { call } from '../../device/call'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { fullDay } from '../../words/frame/format'
import { HouseholdTabs } from '../household/HouseholdTabs'
import { Invitations } from './Invitations'
import { InviteDialog } from './InviteDialog'
import { EndDialog, RoleDialog } from './RoleDialogs'
import { RolesTable } from './RolesTable'
import type { PeopleView, Person } from './view'

const peopleWords = words.people

interface Props {
  readonly strap: Strap
  readonly initial: PeopleView
  /** False where letters are only written into a folder. */
  readonly sendsMail: boolean
}

export const PeopleScreen = ({ strap, ...rest }: Props) => (
  <Frame tab="household" strap={strap} place={null}>
    <HouseholdTabs part="people" />
    <People {...rest} />
  </Frame>
)

type Doing =
  | { readonly what: 'invite' }
  | { readonly what: 'role' | 'end'; readonly person: Person }
  | null

function People({ initial, sendsMail }: Omit<Props, 'strap'>) {
  const { data } = useQuery({
    queryKey: ['people'],
    queryFn: () => call(readPeople),
    initialData: initial,
  })
  const [doing, setDoing] = useState<Doing>(null)
  const leave = () => setDoing(null)
  const decides = may(data.role, 'settings')
  return (
    <>
      <Row as="header" gap={6} align="start" justify="between" wrap below={6}>
        <div>
          <h1>{peopleWords.title}</h1>
          <Box as="p" measure className="second">
            {peopleWords.lead}
          </Box>
        </div>
        {decides && (
          <Button kind="strong" onClick={() => setDoing({ what: 'invite' })}>
            {peopleWords.invite}
          </Button>
        )}
      </Row>
      <Stack as="ul" gap={4} below={7} aria-label={peopleWords.title}>
        {data.people.map((person) => (
          <PersonLine
            key={person.id}
            person={person}
            decides={decides}
            onRole={() => setDoing({ what: 'role', person })}
            onEnd={() => setDoing({ what: 'end', person })}
          />
        ))}
      </Stack>
      {decides && <Invitations invitations={data.invitations} />}
      <RolesTable />
      {doing?.what === 'invite' && (
        <InviteDialog by={data.role} sendsMail={sendsMail} onClose={leave} />
      )}
      {doing?.what === 'role' && (
        <RoleDialog by={data.role} person={doing.person} onClose={leave} />
      )}
      {doing?.what === 'end' && <EndDialog person={doing.person} onClose={leave} />}
    </>
  )
}

interface LineProps {
  readonly person: Person
  readonly decides: boolean
  readonly onRole: () => void
  readonly onEnd: () => void
}

function PersonLine({ person, decides, onRole, onEnd }: LineProps) {
  const { name, role, since, isYou } = person
  const { timeZone } = useStrap().habits
  return (
    <Row as="li" gap={5} align="center" justify="between" wrap pad={5} line="seam" radius={2}>
      <Box grow shrink>
        <Box as="b" size={3} face="display">
          {name}
        </Box>{' '}
        {isYou && <span className="second">({peopleWords.you})</span>}
        <p>
          <b>{peopleWords.roleNames[role]}</b>{' '}
          <span className="second">
            {peopleWords.since(fullDay(dayAt(Date.parse(since), timeZone)))}
          </span>
        </p>
        <Box as="p" measure size={1} className="second">
          {peopleWords.lets[role]}
        </Box>
      </Box>
      {decides && (
        <Row gap={4} wrap>
          <Button aria-label={peopleWords.changeOf(name)} onClick={onRole}>
            {peopleWords.change}
          </Button>
          {!isYou && (
            <Button kind="quiet" aria-label={peopleWords.endOf(name)} onClick={onEnd}>
              {peopleWords.end}
            </Button>
          )}
        </Row>
      )}
    </Row>
  )
}

/** Coming into a household by a code: what it is first, then with an account of one's own. */

import { MantineProvider, TextInput } from '@mantine/core'
import { useEffect, useState } from 'react'
import type { z } from 'zod'
import { signIn, signUp } from '../../contract/account'
import { join, readInvitation } from '../../contract/people'
import { call } from '../../device/call'
import { forgetKept } from '../../device/kept'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { SegmentedControl } from '../../ui/SegmentedControl'
import { theme } from '../../ui/theme'
import * as words from '../../words'
import { Password } from '../account/Password'
import { Said } from '../account/Said'
import classes from '../account/signIn/signIn.module.css'
import { useDesk } from '../account/useDesk'

const joinWords = words.joining
const accountWords = words.account

interface Props {
  readonly code: string
  /** Who is signed in here; null for nobody. */
  readonly who: string | null
  readonly isDemo: boolean
}

export const JoinScreen = (props: Props) => (
  <MantineProvider theme={theme}>
    <Stack columns="min(32rem, 100%)" as="main" gap={6} pad={6} className={classes.page}>
      <Box as="section" pad={7} surface="paper" line="dashed" radius={2} className={classes.card}>
        <Join {...props} />
      </Box>
    </Stack>
  </MantineProvider>
)

type Invitation = z.infer<(typeof readInvitation)['result']>

function Join({ code: first, who, isDemo }: Props) {
  const { work, busy, said } = useDesk()
  const [code, setCode] = useState(first)
  const [invitation, setInvitation] = useState<Invitation | null>(null)
  const look = async (typed: string) => {
    const found = await work(() => call(readInvitation, { body: { code: typed } }))
    if (found) setInvitation(found)
  }
  // A link is a code that was pressed: what it opens is shown at once.
  // biome-ignore lint/correctness/useExhaustiveDependencies: once
  useEffect(() => {
    if (first !== '') void look(first)
  }, [])
  if (invitation) return <Come invitation={invitation} code={code} who={who} isDemo={isDemo} />
  return (
    <>
      <Box as="h1" size={6} below={4}>
        {joinWords.title}
      </Box>
      <Stack
        as="form"
        gap={5}
        onSubmit={(event) => {
          event.preventDefault()
          void look(code)
        }}
      >
        <p>{joinWords.lead}</p>
        <TextInput
          label={joinWords.code}
          autoCapitalize="characters"
          autoComplete="off"
          spellCheck={false}
          maxLength={200}
          value={code}
          onChange={(event) => setCode(event.currentTarget.value)}
        />
        <Row>
          <Button kind="strong" type="submit" busy={busy} disabled={code.trim() === ''}>
            {joinWords.look}
          </Button>
        </Row>
        <Said said={said} />
      </Stack>
    </>
  )
}

interface ComeProps extends Omit<Props, 'code'> {
  readonly invitation: Invitation
  readonly code: string
}

function Come({ invitation, code, who, isDemo }: ComeProps) {
  const { work, busy, said } = useDesk()
  const { household, role, forName, madeBy } = invitation
  const [other, setOther] = useState(false)
  const [isNew, setNew] = useState(true)
  const [fields, setFields] = useState({ name: forName, email: '', password: '' })
  const come = async (before: () => Promise<unknown> = async () => null) => {
    const done = await work(async () => {
      await before()
      return call(join, { body: { code } })
    })
    if (!done) return
    await forgetKept()
    location.assign(role === 'overseer' ? '/households' : role === 'child_helper' ? '/kits' : '/')
  }
  const field = (name: keyof typeof fields) => ({
    value: fields[name],
    onChange: (event: React.ChangeEvent<HTMLInputElement>) =>
      setFields({ ...fields, [name]: event.currentTarget.value }),
    required: true,
    withAsterisk: false,
  })
  const { name, ...known } = fields
  return (
    <>
      <Box as="h1" size={6} below={4}>
        {joinWords.into(household)}
      </Box>
      <Stack gap={4} below={6}>
        <p>{joinWords.by(madeBy, forName)}</p>
        <p>
          <b>{joinWords.as(role)}</b> {words.people.lets[role]}
        </p>
      </Stack>
      {isDemo ? (
        <p role="alert">{joinWords.demo}</p>
      ) : who && !other ? (
        <Stack gap={5} align="start">
          <p>{joinWords.asYou(who)}</p>
          <Row gap={5} wrap>
            <Button kind="strong" busy={busy} onClick={() => void come()}>
              {joinWords.join(household)}
            </Button>
            <Button kind="quiet" onClick={() => setOther(true)}>
              {joinWords.other}
            </Button>
          </Row>
          <Said said={said} />
        </Stack>
      ) : (
        <Stack
          as="form"
          gap={5}
          onSubmit={(event) => {
            event.preventDefault()
            void come(() =>
              isNew ? call(signUp, { body: { name, ...known } }) : call(signIn, { body: known }),
            )
          }}
        >
          <p>{joinWords.needAccount}</p>
          <SegmentedControl
            label={joinWords.account}
            value={isNew ? 'new' : 'known'}
            options={[
              { value: 'new', label: joinWords.makeOne },
              { value: 'known', label: joinWords.haveOne },
            ]}
            onChange={(way) => setNew(way === 'new')}
          />
          {isNew && <TextInput label={accountWords.name} autoComplete="name" {...field('name')} />}
          <TextInput
            label={accountWords.email}
            type="email"
            autoComplete="email"
            {...field('email')}
          />
          <Password
            label={accountWords.password}
            description={isNew ? accountWords.newPasswordHelp : undefined}
            autoComplete={isNew ? 'new-password' : 'current-password'}
            value={fields.password}
            onChange={(password) => setFields({ ...fields, password })}
          />
          <Row>
            <Button kind="strong" type="submit" busy={busy}>
              {isNew ? joinWords.signUp : joinWords.signIn}
            </Button>
          </Row>
          <Said said={said} />
        </Stack>
      )}
    </>
  )
}

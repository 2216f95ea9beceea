/** For whoever cannot get in: a recovery code, a letter, or whoever runs the machine. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { askForLetter, recover } from '../../../contract/account'
import { call } from '../../../device/call'
import { Box, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import { Password } from '../Password'
import { Said } from '../Said'
import { useDesk } from '../useDesk'

const accountWords = words.account

interface Props {
  readonly email: string
  readonly onEmail: (email: string) => void
  /** False where letters are only written into a folder. */
  readonly sendsMail: boolean
  readonly onIn: () => void
  readonly onBack: () => void
}

export function GetInAgain({ email, onEmail, sendsMail, onIn, onBack }: Props) {
  const coded = useDesk()
  const lettered = useDesk()
  const [code, setCode] = useState('')
  const [password, setPassword] = useState('')
  const takeCode = async () => {
    if (await coded.work(() => call(recover, { body: { email, code, password } }))) onIn()
  }
  return (
    <>
      <TextInput
        mt="md"
        label={accountWords.whose}
        type="email"
        autoComplete="email"
        value={email}
        onChange={(event) => onEmail(event.currentTarget.value)}
      />
      <Box as="h2" above={6} below={4} size={3} tone="second">
        {accountWords.byCode}
      </Box>
      <Stack
        as="form"
        gap={5}
        onSubmit={(event) => {
          event.preventDefault()
          void takeCode()
        }}
      >
        <TextInput
          label={accountWords.code}
          description={accountWords.byCodeHelp}
          required
          withAsterisk={false}
          maxLength={40}
          autoComplete="one-time-code"
          autoCapitalize="characters"
          spellCheck={false}
          value={code}
          onChange={(event) => setCode(event.currentTarget.value)}
        />
        <Password
          label={accountWords.newPassword}
          description={accountWords.newPasswordHelp}
          autoComplete="new-password"
          value={password}
          onChange={setPassword}
        />
        <Button kind="strong" type="submit" busy={coded.busy} disabled={email === ''}>
          {accountWords.useCode}
        </Button>
        <Said said={coded.said} />
      </Stack>
      <Box as="h2" above={6} below={4} size={3} tone="second">
        {accountWords.byLetter}
      </Box>
      <Stack
        as="form"
        gap={5}
        onSubmit={(event) => {
          event.preventDefault()
          void lettered.work(
            () => call(askForLetter, { body: { email } }),
            () => accountWords.letterSent(email),
          )
        }}
      >
        <p>
          {accountWords.byLetterHelp} {!sendsMail && accountWords.lettersStay}
        </p>
        <Button type="submit" busy={lettered.busy} disabled={email === ''}>
          {accountWords.sendLetter}
        </Button>
        <Said said={lettered.said} />
      </Stack>
      <Box as="h2" above={6} below={4} size={3} tone="second">
        {accountWords.byMachine}
      </Box>
      <p>
        {accountWords.byMachineHelp}{' '}
        <code>./satchel reset-password {email || 'you@example.org'}</code>
      </p>
      <Button kind="quiet" onClick={onBack}>
        {accountWords.back}
      </Button>
    </>
  )
}

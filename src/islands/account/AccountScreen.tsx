/** The account (now and then, at a desk): what one signs in with, and where one is signed in. */

import { useQuery, useQueryClient } from '@tanstack/react-query'
import { readAccount, readLeaving } from '../../contract/account'
import { call } from '../../device/call'
import { Box, Row } from '../../ui/Box'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { moment } from '../../words/frame/format'
import { SignOut } from '../household/SignOut'
import classes from './account.module.css'
import { Codes } from './Codes'
import { Devices } from './Devices'
import { Leaving, type LeavingView } from './Leaving'
import { NameAndEmail } from './NameAndEmail'
import { Passkeys } from './Passkeys'
import { PasswordPart } from './PasswordPart'
import type { AccountView } from './view'
import { Whole } from './Whole'

const accountWords = words.account

interface Props {
  readonly strap: Strap
  readonly initial: AccountView
  readonly leaving: LeavingView
}

export const AccountScreen = ({ strap, ...initially }: Props) => (
  <Frame tab="household" strap={strap} place={null}>
    <AccountParts {...initially} />
  </Frame>
)

function Backup({ lastBackup }: Pick<AccountView, 'lastBackup'>) {
  const { timeZone } = useStrap().habits
  return (
    <section className={classes.part} aria-label={accountWords.backup}>
      <Box as="h2" size={4}>
        {accountWords.backup}
      </Box>
      <p>
        {lastBackup === null
          ? accountWords.noBackup
          : accountWords.lastBackup(moment(lastBackup, timeZone))}
      </p>
    </section>
  )
}

function AccountParts({ initial, leaving: initialLeaving }: Omit<Props, 'strap'>) {
  const queries = useQueryClient()
  const { data } = useQuery({
    queryKey: ['account'],
    queryFn: () => call(readAccount),
    initialData: initial,
  })
  const { data: leaving } = useQuery({
    queryKey: ['account', 'leaving'],
    queryFn: () => call(readLeaving),
    initialData: initialLeaving,
  })
  const refresh = async () => {
    await queries.invalidateQueries({ queryKey: ['account'] })
    await queries.invalidateQueries({ queryKey: ['strap'] })
  }
  return (
    <>
      <Row as="header" gap={6} align="start" justify="between" wrap below={6}>
        <div>
          <h1>{accountWords.title}</h1>
          <Box as="p" measure className="second">
            {data.isDemo ? accountWords.demo : accountWords.lead}
          </Box>
        </div>
        <SignOut />
      </Row>
      <div className={classes.parts}>
        {!data.isDemo && (
          <>
            <NameAndEmail account={data} onChanged={refresh} />
            <PasswordPart onChanged={refresh} />
            <Passkeys account={data} onChanged={refresh} />
            <Codes account={data} onChanged={refresh} />
          </>
        )}
        <Devices account={data} onChanged={refresh} />
        <Whole empty={leaving.empty} />
        <Backup lastBackup={data.lastBackup} />
        {!data.isDemo && <Leaving leaving={leaving} onChanged={refresh} />}
      </div>
    </>
  )
}

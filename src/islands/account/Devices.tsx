/** Where one is signed in, and signing out there. */

import Bowser from 'bowser'
import { endDevice, endOtherDevices } from '../../contract/account'
import { call } from '../../device/call'
import { Box } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { moment } from '../../words/frame/format'
import classes from './account.module.css'
import { Said } from './Said'
import { useDesk } from './useDesk'
import type { AccountView } from './view'

const accountWords = words.account

interface Props {
  readonly account: AccountView
  readonly onChanged: () => Promise<void>
}

/** What a browser says of itself, as its user knows it: "Firefox on Android". */
export function nameOfDevice(userAgent: string): string {
  const { browser, os } = Bowser.parse(userAgent || 'unknown')
  return accountWords.device(browser.name ?? '', os.name ?? '')
}

export function Devices({ account, onChanged }: Props) {
  const { work, busy, said } = useDesk()
  const { timeZone } = useStrap().habits
  const others = account.devices.filter(({ isThis }) => !isThis)
  const end = async (deviceId: string, name: string) => {
    await work(
      () => call(endDevice, { params: { deviceId } }),
      () => accountWords.ended(name),
    )
    await onChanged()
  }
  const endOthers = async () => {
    await work(
      () => call(endOtherDevices),
      ({ ended }) => accountWords.endedOthers(ended),
    )
    await onChanged()
  }
  return (
    <section className={classes.part} aria-label={accountWords.devices}>
      <Box as="h2" size={4}>
        {accountWords.devices}
      </Box>
      <ul>
        {account.devices.map(({ id, isThis, userAgent, since, lastUsed }) => {
          const name = nameOfDevice(userAgent)
          return (
            <li key={id}>
              <div>
                <b>{name}</b>
                {isThis && ` · ${accountWords.thisDevice}`}
                <Box as="small" tone="second" block>
                  {accountWords.lastUsed(moment(lastUsed, timeZone))} ·{' '}
                  {accountWords.since(moment(since, timeZone))}
                </Box>
              </div>
              {!isThis && (
                <Button
                  busy={busy}
                  aria-label={accountWords.endOf(name)}
                  onClick={() => void end(id, name)}
                >
                  {accountWords.endThere}
                </Button>
              )}
            </li>
          )
        })}
      </ul>
      {others.length === 0 ? (
        <p className="second">{accountWords.onlyHere}</p>
      ) : (
        <Button busy={busy} onClick={() => void endOthers()}>
          {accountWords.endOthers}
        </Button>
      )}
      <Said said={said} />
    </section>
  )
}

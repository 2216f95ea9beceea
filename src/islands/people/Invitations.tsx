/** Who is invited: the code again for who has not come yet, and what became of the others. */

import { withdrawInvitation } from '../../contract/people'
import { useActing } from '../../ui/acting'
import { Box, Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { Folded } from '../../ui/Folded'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { moment } from '../../words/frame/format'
import { CodeToSay } from './CodeToSay'
import type { PeopleView } from './view'

const peopleWords = words.people

type Invitation = PeopleView['invitations'][number]

export function Invitations({ invitations }: Pick<PeopleView, 'invitations'>) {
  const { run, busy } = useActing()
  const { timeZone } = useStrap().habits
  return (
    <Box as="section" below={7} aria-label={peopleWords.invitations}>
      <Box as="h2" size={4} below={4}>
        {peopleWords.invitations}
      </Box>
      {invitations.length === 0 && <p className="second">{peopleWords.noInvitations}</p>}
      <ul>
        {invitations.map((one) => (
          <Row
            as="li"
            gap={5}
            align="start"
            justify="between"
            wrap
            padY={4}
            lineBelow="hairline"
            key={one.id}
          >
            <Box grow shrink>
              <b>{one.forName}</b>, {peopleWords.roleNames[one.role].toLowerCase()}
              <Box as="small" block>
                {stateOf(one, timeZone)}
              </Box>
              {one.code && (
                <Folded title={peopleWords.codeFor(one.forName)}>
                  {() => <CodeToSay code={one.code ?? ''} />}
                </Folded>
              )}
            </Box>
            {one.state === 'open' && (
              <Button
                kind="quiet"
                disabled={busy}
                aria-label={peopleWords.withdrawFor(one.forName)}
                onClick={() =>
                  void run(
                    withdrawInvitation,
                    { params: { invitationId: one.id } },
                    peopleWords.withdrawn(one.forName),
                  )
                }
              >
                {peopleWords.withdraw}
              </Button>
            )}
          </Row>
        ))}
      </ul>
    </Box>
  )
}

function stateOf({ state, usedBy, endsAt }: Invitation, timeZone: string): string {
  switch (state) {
    case 'open':
      return peopleWords.until(moment(endsAt, timeZone))
    case 'used':
      return peopleWords.state.used(usedBy ?? '')
    default:
      return peopleWords.state[state]
  }
}

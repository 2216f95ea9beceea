/** The code on a lid: put there, told how far it goes, ended. Stands above the sheet and is not printed. */

import { Checkbox, MantineProvider } from '@mantine/core'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { useState } from 'react'
import { endLidCode, setLidCode } from '../../contract/roadside'
import { may, type Role } from '../../core/people/role'
import { LID_SHOWS, type LidShows } from '../../core/roadside/lid'
import { ActingProvider, useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { SegmentedControl } from '../../ui/SegmentedControl'
import { theme } from '../../ui/theme'
import * as words from '../../words'

const lidWords = words.roadside.lid

interface OnLid {
  readonly code: string
  readonly shows: LidShows
  readonly mayTake: boolean
}

interface Props {
  readonly kitId: string
  readonly onLid: OnLid | null
  readonly role: Role
}

export function LidCode(props: Props) {
  const [queries] = useState(() => new QueryClient())
  if (!may(props.role, 'settings')) return null
  return (
    <MantineProvider theme={theme}>
      <QueryClientProvider client={queries}>
        <ActingProvider>
          <Part {...props} />
        </ActingProvider>
      </QueryClientProvider>
    </MantineProvider>
  )
}

const AT_FIRST = { shows: 'kit', mayTake: true } as const satisfies Pick<OnLid, 'shows' | 'mayTake'>

/** The sheet below is drawn by the server. */
const drawAnew = () => location.reload()

function Part({ kitId, onLid }: Props) {
  const { run, busy } = useActing()
  const params = { kitId }
  const [says, setSays] = useState<Pick<OnLid, 'shows' | 'mayTake'>>(onLid ?? AT_FIRST)
  const set = async (next: Pick<OnLid, 'shows' | 'mayTake'>) => {
    setSays(next)
    const done = await run(setLidCode, { params, body: next }, onLid ? lidWords.told : lidWords.set)
    if (!done) setSays(says)
    else if (!onLid) drawAnew()
  }
  return (
    <Box
      as="section"
      className="no-print"
      pad={5}
      line="seam"
      radius={2}
      surface="paper"
      aria-label={lidWords.none}
      style={{ maxWidth: '46rem', margin: '1rem auto 0' }}
    >
      <Box as="h2" size={4}>
        {onLid ? lidWords.isOn(onLid.code) : lidWords.none}
      </Box>
      <Box as="p" above={2} below={4} tone="second">
        {lidWords.what}
      </Box>
      {onLid ? (
        <Stack gap={4}>
          <Row gap={4} align="center" wrap>
            <b aria-hidden>{lidWords.shows}</b>
            <SegmentedControl<LidShows>
              label={lidWords.shows}
              value={says.shows}
              onChange={(shows) => void set({ shows, mayTake: says.mayTake })}
              options={LID_SHOWS.map((value) => ({ value, label: lidWords.showsWhat[value] }))}
            />
          </Row>
          <Checkbox
            label={lidWords.mayTake}
            checked={says.mayTake}
            disabled={busy}
            onChange={(event) =>
              void set({ shows: says.shows, mayTake: event.currentTarget.checked })
            }
          />
          <Row>
            <Button
              disabled={busy}
              onClick={() =>
                void run(endLidCode, { params, body: {} }, lidWords.ended).then(
                  (done) => done && drawAnew(),
                )
              }
            >
              {lidWords.end}
            </Button>
          </Row>
        </Stack>
      ) : (
        <Button kind="strong" disabled={busy} onClick={() => void set(AT_FIRST)}>
          {lidWords.none}
        </Button>
      )}
    </Box>
  )
}

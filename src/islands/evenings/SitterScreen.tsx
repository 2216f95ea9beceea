/** In need, in a house that is not one's own: what a sitter has to know, may give, and writes down. */

import { MantineProvider } from '@mantine/core'
import { useState } from 'react'
import { dayAt } from '../../core/calendar/plainDate'
import type { Instant } from '../../core/dosing/given'
import type { GuideCard } from '../../core/guide/card'
import { guidesFor } from '../../core/guide/guide'
import { Box, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { CallLinks } from '../../ui/CallLinks'
import { Folded } from '../../ui/Folded'
import { theme } from '../../ui/theme'
import * as words from '../../words'
import { GuideSteps } from '../care/guide/GuideSteps'
import { Gives } from './Gives'
import { type Evening, type SittingDesk, useSitting } from './useSitting'
import { Normal, Where } from './Where'
import { Waiting, Write } from './Write'

const sittingWords = words.sitting

interface Props {
  readonly code: string
  /** Set while the keeper walks through it. */
  readonly rehearsed?: Evening
}

export const SitterScreen = (props: Props) => (
  <MantineProvider theme={theme}>
    <Stack
      as="main"
      id="main"
      gap={6}
      pad={6}
      style={{ maxWidth: '34rem', margin: '0 auto', minHeight: '100vh' }}
    >
      <Sitting {...props} />
    </Stack>
  </MantineProvider>
)

function Sitting({ code, rehearsed }: Props) {
  const desk = useSitting(code, rehearsed ?? null)
  const { sitting } = desk
  switch (sitting.kind) {
    case 'loading':
      return <p role="status">…</p>
    case 'closed':
      return (
        <>
          <h1>{sitting.title}</h1>
          <p role="alert">
            {sitting.from
              ? sittingWords.notYet(
                  new Date(sitting.from).toLocaleString('en-GB', {
                    dateStyle: 'medium',
                    timeStyle: 'short',
                  }),
                )
              : sitting.detail}
          </p>
          <Waiting desk={desk} />
        </>
      )
    default:
      return (
        <Open
          evening={sitting.evening}
          isKept={sitting.isKept}
          desk={desk}
          isRehearsed={Boolean(rehearsed)}
        />
      )
  }
}

interface OpenProps {
  readonly evening: Evening
  readonly isKept: boolean
  readonly isRehearsed: boolean
  readonly desk: SittingDesk
}

function Open({ evening, isKept, isRehearsed, desk }: OpenProps) {
  const { forName, from, to, timeZone, seen, know, asks, call, address, mayNot } = evening
  const time = (at: number): string => words.care.time(at as Instant, desk.now as Instant, timeZone)
  const [guide, setGuide] = useState<GuideCard | null>(null)
  if (guide)
    return (
      <>
        <Button kind="link" onClick={() => setGuide(null)}>
          ‹ {sittingWords.guides}
        </Button>
        <h1>{guide.name}</h1>
        <Calls call={call} address={address} />
        <GuideSteps
          key={guide.id}
          card={guide}
          members={[]}
          today={dayAt(desk.now, timeZone)}
          onStep={null}
          onEnd={() => setGuide(null)}
        />
      </>
    )
  return (
    <>
      <header>
        <Box as="p" size={2} tone="second">
          {sittingWords.forWhom(
            forName,
            time(from),
            time(to),
            seen.inCare.map(({ name }) => name),
          )}
        </Box>
      </header>
      <Calls call={call} address={address} />
      {isRehearsed && (
        <Box as="p" note="caution">
          {words.evenings.rehearsing}
        </Box>
      )}
      {isKept && (
        <Box as="p" note="caution" role="status">
          {sittingWords.away}
        </Box>
      )}
      {know.length + asks.length > 0 && <h1>{sittingWords.toKnow(know.length + asks.length)}</h1>}
      <Stack as="ol" gap={4}>
        {[...know, ...asks].map((one) => (
          <Box
            as="li"
            key={one}
            pad={5}
            line="heavy"
            radius={2}
            surface="paper"
            size={3}
            weight="bold"
            breakable
          >
            {one}
          </Box>
        ))}
      </Stack>
      <Gives evening={evening} desk={desk} />
      <Write evening={evening} desk={desk} />
      <Box as="section" aria-label={sittingWords.guides}>
        <Folded title={sittingWords.guides}>
          {() => (
            <Stack gap={3}>
              {[
                ...new Map(
                  seen.inCare
                    .flatMap(({ species }) => guidesFor(species))
                    .map((card) => [card.id, card]),
                ).values(),
              ].map((card) => (
                <Button
                  kind="row"
                  key={card.id}
                  data-life={card.life}
                  onClick={() => setGuide(card)}
                >
                  <b>{card.name}</b>
                </Button>
              ))}
            </Stack>
          )}
        </Folded>
      </Box>
      <Where evening={evening} desk={desk} />
      <Normal evening={evening} />
      {mayNot.length > 0 && (
        <Box as="section" note="mustNot" aria-label={sittingWords.mayNot}>
          <Box as="h2" size={4}>
            {sittingWords.mayNot}
          </Box>
          <Stack as="ul" gap={2} dots>
            {mayNot.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </Stack>
        </Box>
      )}
      <Box as="footer" surface="strap" tone="onStrap" pad={6} radius={2}>
        {sittingWords.ends(time(to), call[0]?.name ?? '')}
      </Box>
    </>
  )
}

/** Whom to call, above everything: the first and the emergency number large, the others behind one press. */
const Calls = ({ call, address }: Pick<Evening, 'call' | 'address'>) => {
  const others = call.slice(2)
  return (
    <Stack as="nav" gap={4} aria-label={words.evenings.callName}>
      <CallLinks call={call.slice(0, 2)} />
      {address !== '' && <p>{sittingWords.say(address)}</p>}
      {others.length > 0 && (
        <Folded title={sittingWords.moreNumbers}>{() => <CallLinks call={others} />}</Folded>
      )}
    </Stack>
  )
}

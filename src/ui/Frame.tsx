/** What every screen stands in: the strap of places, the tabs, finding, keys, look, messages. */

import { MantineProvider } from '@mantine/core'
import { IconSearch, IconX } from '@tabler/icons-react'
import { QueryClient, QueryClientProvider, useQuery, useQueryClient } from '@tanstack/react-query'
import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
} from 'react'
import type { z } from 'zod'
import { readStrap } from '../contract/places'
import type * as places from '../contract/values/places'
import { may } from '../core/people/role'
import { call } from '../device/call'
import * as words from '../words'
import { longDay } from '../words/frame/format'
import { ActingProvider, useActing } from './acting'
import { Box, Row } from './Box'
import { Button, ButtonLink } from './Button'
import { DayHabitsProvider } from './dayHabits'
import { FirstStepsBar } from './FirstStepsBar'
import classes from './Frame.module.css'
import { type FrameKey, isField, isForUs, meaningOf } from './hotkeys'
import { LeavingBar } from './LeavingBar'
import { LookSwitch, useLook } from './look'
import { MoreMenu } from './MoreMenu'
import { OpenIncidentsBar } from './OpenIncidentsBar'
import { RoleBar } from './RoleBar'
import { RoleProvider } from './role'
import { StrapPlaces } from './StrapPlaces'
import { hrefOf, mayOpen, TABS, type TabId } from './tabs'
import { theme } from './theme'
import { useLater } from './useLater'
import { type Outbox, useOutbox } from './useOutbox'
import { useTour } from './useTour'
import { useWorker } from './useWorker'
import { WaitingBadge } from './WaitingBadge'

export type Strap = z.infer<typeof places.strap>

interface FrameProps {
  readonly tab: TabId
  readonly strap: Strap
  /** The chosen place, which narrows the screen; null for all. */
  readonly place: string | null
  /** The id of what the page is about, where something stands before it; who tabs skips to it. */
  readonly start?: string
  readonly children: ReactNode
}

const loadFind = () => import('./FindAnything').then((file) => file.FindAnything)
const loadKeys = () => import('./KeysHelp').then((file) => file.KeysHelp)

const StrapContext = createContext<Strap | null>(null)

/** Today, the places, and how the household writes dates and money; kept fresh by the frame. */
export function useStrap(): Strap {
  const strap = useContext(StrapContext)
  if (!strap) throw new Error('useStrap needs the frame around it')
  return strap
}

/** Without a network the device may still answer from what it has kept. */
export const QUERIES = {
  staleTime: 15_000,
  retry: 1,
  refetchOnWindowFocus: true,
  networkMode: 'always',
} as const

export function Frame(props: FrameProps) {
  const [queries] = useState(
    () =>
      new QueryClient({
        defaultOptions: { queries: QUERIES },
      }),
  )
  return (
    <MantineProvider theme={theme} defaultColorScheme="light" colorSchemeManager={KEEPS_OUT}>
      <QueryClientProvider client={queries}>
        <ActingProvider>
          <Framed {...props} />
        </ActingProvider>
      </QueryClientProvider>
    </MantineProvider>
  )
}

/** Our own look decides the colour scheme (see look.js); the library only follows. */
const KEEPS_OUT = {
  get: () =>
    typeof document !== 'undefined' && document.documentElement.dataset.look !== 'light'
      ? ('dark' as const)
      : ('light' as const),
  set: () => {},
  subscribe: () => {},
  unsubscribe: () => {},
  clear: () => {},
}

function Framed({ tab, strap: first, place, start = 'main', children }: FrameProps) {
  const { data: strap } = useQuery({
    queryKey: ['strap'],
    queryFn: () => call(readStrap),
    initialData: first,
  })
  const { today, habits } = strap
  const days = useMemo(
    () => ({ today, order: habits.dateOrder, weekStart: habits.weekStart }),
    [today, habits.dateOrder, habits.weekStart],
  )
  const hrefAt = ({ id, href }: (typeof TABS)[number]): string =>
    place && id !== 'household' ? `${href}?place=${place}` : href
  const tabs = TABS.filter(({ href }) => mayOpen(strap.role, href))
  const home = mayOpen(strap.role, '/') ? '/' : '/kits'
  const only = strap.places.find(({ id }) => id === place)
  const [finding, setFinding] = useState(false)
  const [helping, setHelping] = useState(false)
  /** What is typed while the search opens; null where none does. */
  const early = useRef<string | null>(null)
  const openFind = useCallback(() => {
    early.current = ''
    setFinding(true)
  }, [])
  const closeFind = useCallback(() => {
    early.current = null
    setFinding(false)
  }, [])
  const takeEarly = useCallback((): string => {
    const typed = early.current ?? ''
    early.current = null
    return typed
  }, [])
  const closeHelp = useCallback(() => setHelping(false), [])
  const FindAnything = useLater(loadFind, finding, closeFind)
  const KeysHelp = useLater(loadKeys, helping, closeHelp)
  const Tour = useTour()
  const look = useLook()
  const outbox = useOutbox()
  useWorker()
  useFreshAfterSending(outbox)
  const { undoLast } = useActing()

  useEffect(() => {
    const acts: Readonly<Record<FrameKey, () => void>> = {
      find: openFind,
      help: () => setHelping(true),
      incident: () => location.assign(may(strap.role, 'care') ? '/incident' : '/guide'),
      torch: look.toggleTorch,
      undo: undoLast,
    }
    const onKey = (event: KeyboardEvent) => {
      const { current: typed } = early
      if (typed !== null && event.key.length === 1 && !isField(event.target)) {
        // The search is opening: what is typed now is typed into it.
        early.current = typed + event.key
        return event.preventDefault()
      }
      if (!isForUs(event)) return
      const meaning = meaningOf(event.key)
      if (meaning === null) return
      if (typeof meaning === 'object') location.assign(meaning.href)
      else acts[meaning]()
      event.preventDefault()
    }
    addEventListener('keydown', onKey)
    return () => removeEventListener('keydown', onKey)
  }, [look, undoLast, openFind, strap.role])

  return (
    <RoleProvider value={strap.role}>
      <Row className={classes.frame}>
        <a className={classes.skip} href={`#${start}`}>
          {words.errors.skip}
        </a>
        <Row
          surface="strap"
          as="header"
          gap={7}
          align="center"
          padX={6}
          padY={5}
          tone="onStrap"
          className={`${classes.strap} no-print`}
        >
          <Box as="a" unlined href={home} className={classes.brand}>
            <Box as="span" size={4} weight="bold" face="display" block>
              {words.name}
            </Box>
            <Box as="small" size={1}>
              {longDay(strap.today)}
            </Box>
          </Box>
          <StrapPlaces strap={strap} place={place} tab={tab} />
          <div className={classes.onlyPhone}>
            <Button
              kind="plain"
              icon={IconSearch}
              aria-label={words.find.label}
              onClick={openFind}
            />
          </div>
        </Row>
        <RoleBar role={strap.role} household={strap.household} />
        {may(strap.role, 'look') && <OpenIncidentsBar />}
        <LeavingBar strap={strap} />
        {Tour && <Tour />}
        {tab !== 'begin' && may(strap.role, 'arrange') && (
          <FirstStepsBar beginning={strap.beginning} />
        )}
        <Row gap={4} align="center" className={`${classes.bar} no-print`}>
          <nav className={classes.tabs} aria-label={words.name}>
            {tabs.map((one, index) => (
              <Box
                unlined
                as="a"
                pad={4}
                size={3}
                weight="bold"
                tone="second"
                face="display"
                nowrap
                key={one.id}
                href={hrefAt(one)}
                className={classes.tab}
                data-thumb={one.isForThumb}
                aria-current={one.id === tab ? 'page' : undefined}
              >
                {words.tabs[one.id]}{' '}
                <Box as="kbd" size={1} face="text" weight="normal" aria-hidden>
                  {index + 1}
                </Box>
              </Box>
            ))}
            <MoreMenu tab={tab} look={look} hrefOf={hrefAt} />
          </nav>
          <Row
            inline
            unlined
            as="a"
            align="center"
            padX={5}
            padY={2}
            below={3}
            size={3}
            weight="bold"
            tone="paper"
            face="display"
            radius={2}
            nowrap
            href={may(strap.role, 'care') ? '/incident' : '/guide'}
            className={classes.happened}
          >
            {words.happened}
          </Row>
          <div className={classes.onlyDesk}>
            <LookSwitch look={look} />
          </div>
          <div className={classes.waiting}>
            <WaitingBadge outbox={outbox} />
          </div>
          <div className={classes.onlyDesk}>
            <Button kind="plain" onClick={() => setHelping(true)} aria-label={words.keys.open}>
              ?
            </Button>{' '}
            <Button kind="plain" onClick={openFind}>
              {words.find.label}{' '}
              <Box as="kbd" face="text">
                /
              </Box>
            </Button>
          </div>
        </Row>
        <Box
          as="main"
          pad={6}
          surface="paper"
          line="seam"
          radius={2}
          grow
          shrink
          id="main"
          className={classes.main}
        >
          <StrapContext.Provider value={strap}>
            {only && (
              <Row below={4} className="no-print">
                <ButtonLink
                  href={hrefOf(tab)}
                  aria-label={words.strap.allPlaces(only.name)}
                  icon={IconX}
                >
                  {words.strap.only(only.name)}
                </ButtonLink>
              </Row>
            )}
            <DayHabitsProvider value={days}>{children}</DayHabitsProvider>
          </StrapContext.Provider>
        </Box>
        {FindAnything && <FindAnything opened={finding} early={takeEarly} onClose={closeFind} />}
        {KeysHelp && <KeysHelp opened={helping} tab={tab} onClose={closeHelp} />}
      </Row>
    </RoleProvider>
  )
}

/** What waited has arrived: the screens show it. */
function useFreshAfterSending({ waiting }: Outbox): void {
  const queries = useQueryClient()
  const count = waiting.filter(({ state }) => state === 'waiting').length
  const before = useRef(0)
  useEffect(() => {
    if (count < before.current) void queries.invalidateQueries()
    before.current = count
  }, [count, queries])
}

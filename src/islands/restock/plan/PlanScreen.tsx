/**
 * The restocking plan (planning at a desk): what to carry, buy and take out at which visit, what
 * it costs, and what else could be done; any line can be kept or forbidden.
 */

import { useDebouncedValue } from '@mantine/hooks'
import { useState } from 'react'
import { makeList } from '../../../contract/restock'
import { staysShort } from '../../../core/restock/keepAll'
import { timeline } from '../../../core/restock/timeline'
import { useActing } from '../../../ui/acting'
import { Box, Stack } from '../../../ui/Box'
import { Button, ButtonLink } from '../../../ui/Button'
import { Empty } from '../../../ui/Empty'
import { Folded } from '../../../ui/Folded'
import { Frame, type Strap } from '../../../ui/Frame'
import { Ended, Working } from '../../../ui/Working'
import * as words from '../../../words'
import { money } from '../../../words/frame/format'
import { CoverGaps } from '../CoverGaps'
import { RestockTabs } from '../RestockTabs'
import { Compare } from './Compare'
import { listOf } from './listOf'
import { namesOf } from './names'
import { PlanControls } from './PlanControls'
import { Prices } from './Prices'
import classes from './plan.module.css'
import { Uncovered } from './Uncovered'
import { type Found, type PlanView, usePlan } from './usePlan'
import { VisitCard } from './VisitCard'
import { Wishes } from './Wishes'

interface Props {
  readonly strap: Strap
  readonly initial: PlanView
  readonly place: string | null
}

export const PlanScreen = (props: Props) => (
  <Frame tab="restock" strap={props.strap} place={props.place}>
    <RestockTabs part="plan" />
    <Planning {...props} />
  </Frame>
)

const planWords = words.plan

function Planning({ initial, place }: Props) {
  const [budget, setBudget] = useState(initial.settings.budgetMinor)
  // While the thumb moves nothing is planned; where it rests, once.
  const [resting] = useDebouncedValue(budget, 250)
  const { state, found, before, stop, start, view } = usePlan(initial, resting)
  if (view.lines.length === 0)
    return (
      <>
        <h1>{planWords.title}</h1>
        <Empty text={planWords.none}>
          <ButtonLink kind="strong" href="/kits">
            {words.ways.kits}
          </ButtonLink>
        </Empty>
      </>
    )
  return (
    <Stack columns="minmax(0, 1fr) 21rem" gap={7} align="start" className={classes.screen}>
      <div>
        <Box as="header" below={3}>
          <h1>{found ? headline(found) : planWords.title}</h1>
          <p className="second">{found ? under(found) : planWords.looking(view.settings.days)}</p>
          {found && <ToList found={found} />}
        </Box>
        {state.kind === 'working' && (
          <Working label={planWords.working} share={state.share} onStop={stop} />
        )}
        {(state.kind === 'stopped' || state.kind === 'failed') && (
          <Ended
            said={state.kind === 'stopped' ? planWords.stopped : planWords.failed}
            again={planWords.again}
            onAgain={start}
          />
        )}
        {found && <Board found={found} place={place} />}
        <CoverGaps gaps={view.gaps.filter(({ placeId }) => place === null || placeId === place)} />
        <Prices view={view} />
      </div>
      <Stack as="aside" gap={6} className={classes.side}>
        <PlanControls view={view} found={found} budget={budget} onBudget={setBudget} />
        {found && <Compare found={found} before={before} />}
        <Wishes view={view} />
      </Stack>
    </Stack>
  )
}

/** What comes within so many days is the headline; the rest waits below. */
const NEAR_DAYS = 14

function headline({ view, plan: { board } }: Found): string {
  const near = <Of,>(of: readonly Of[], day: (one: Of) => number | null) =>
    of.filter((one) => (day(one) ?? NEAR_DAYS) < NEAR_DAYS)
  const carries = near(board.carries, ({ putOn }) => putOn)
  const buys = near(board.buys, ({ by }) => by)
  const outs = near(board.takeOuts, ({ on }) => on)
  return planWords.headline(
    carries.length,
    buys.reduce((sum, { packs }) => sum + packs, 0),
    outs.length,
    board.carries.length + board.buys.length + board.takeOuts.length,
    view.gaps.length,
  )
}

/** What stays short is said before anything is called kept. */
function under({ view, plan }: Found): string {
  const { lines, moreMinor } = staysShort(view.problem, plan.board.bare)
  return planWords.under(
    view.settings.days,
    lines,
    moreMinor === null ? null : money(moreMinor, view.currency),
  )
}

/** What is to be bought soon goes onto the shopping list, in place of what an earlier plan put there. */
function ToList({ found }: { readonly found: Found }) {
  const { run, busy } = useActing()
  const lines = listOf(found.view, found.plan)
  if (lines.length === 0) return null
  const put = async () => {
    if (
      await run(makeList, { body: { lines } }, (made) =>
        words.shopping.made(made.lines, found.view.gaps.length),
      )
    )
      window.location.assign('/restock')
  }
  return (
    <Button kind="strong" width="snug" disabled={busy} onClick={() => void put()}>
      {planWords.toList}
    </Button>
  )
}

/** So many visits are shown at once; the rest is a press away. */
const SOON = 6

function Board({ found, place }: { readonly found: Found; readonly place: string | null }) {
  const { view, plan } = found
  const names = namesOf(view)
  const visits = timeline(view.problem, plan.board).filter(
    ({ stop }) => place === null || names.stop(stop)?.placeId === place,
  )
  const [soon, later] = [visits.slice(0, SOON), visits.slice(SOON)]
  return (
    <>
      <Stack as="ol" gap={6} className={classes.line}>
        {soon.map((visit) => (
          <VisitCard key={`${visit.day}/${visit.stop}`} visit={visit} found={found} />
        ))}
      </Stack>
      {later.length > 0 && (
        <Folded title={planWords.later(later.length)}>
          {() => (
            <Stack as="ol" gap={6} className={classes.line}>
              {later.map((visit) => (
                <VisitCard key={`${visit.day}/${visit.stop}`} visit={visit} found={found} />
              ))}
            </Stack>
          )}
        </Folded>
      )}
      <Uncovered found={found} place={place} />
    </>
  )
}

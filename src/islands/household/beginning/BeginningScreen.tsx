/** The first steps (at a desk or on a phone): one question at a time, each with what it brings. */

import { useQuery } from '@tanstack/react-query'
import type { ComponentType } from 'react'
import { changeHousehold, readHousehold } from '../../../contract/household'
import { FIRST_STEPS, type FirstStep } from '../../../core/household/beginning'
import { call } from '../../../device/call'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button, Chip } from '../../../ui/Button'
import { Frame, type Strap, useStrap } from '../../../ui/Frame'
import { useAddressed } from '../../../ui/useAddressed'
import * as words from '../../../words'
import { type CoverView, useCover } from '../../cover/useCover'
import type { HouseholdView } from '../view'
import classes from './beginning.module.css'
import { CheckStep } from './CheckStep'
import { CountryStep } from './CountryStep'
import { KitsStep } from './KitsStep'
import { MembersStep } from './MembersStep'
import { PlacesStep } from './PlacesStep'
import { SheetStep } from './SheetStep'
import { ThingsStep } from './ThingsStep'
import type { StepProps } from './view'

interface Props {
  readonly strap: Strap
  readonly household: HouseholdView
  readonly cover: CoverView
  /** As the address says; null: the next one. */
  readonly step: string | null
}

const BODY: Readonly<Record<FirstStep, ComponentType<StepProps>>> = {
  country: CountryStep,
  members: MembersStep,
  places: PlacesStep,
  kits: KitsStep,
  things: ThingsStep,
  check: CheckStep,
  sheet: SheetStep,
}
const text = words.beginning

export const BeginningScreen = (props: Props) => (
  <Frame tab="begin" strap={props.strap} place={null}>
    <Beginning {...props} />
  </Frame>
)

const isStep = (name: string | null): name is FirstStep => FIRST_STEPS.some((one) => one === name)

function Beginning({ household: initial, cover: first, step: addressed }: Props) {
  const { beginning } = useStrap()
  const cover = useCover(first)
  const { data: household } = useQuery({
    queryKey: ['household'],
    queryFn: () => call(readHousehold),
    initialData: initial,
  })
  const [asked, choose] = useAddressed('step', addressed)
  // A press leads on only when it was pressed: what was just saved is seen before the next question.
  const step = isStep(asked) ? asked : (beginning?.next ?? 'country')
  const done = beginning?.done ?? FIRST_STEPS
  const following = FIRST_STEPS[FIRST_STEPS.indexOf(step) + 1] ?? null
  const Body = BODY[step]
  return (
    <>
      <Box as="header" below={5}>
        <h1>{beginning ? text.title : text.overTitle}</h1>
        <p className="second">{beginning ? text.under : text.overUnder}</p>
      </Box>
      <Stack columns="14rem minmax(0, 1fr)" collapse gap={7} align="start">
        <nav aria-label={text.progress(done.length)}>
          <Stack as="ol" gap={3} className={classes.steps}>
            {FIRST_STEPS.map((one, at) => (
              <li key={one}>
                <Chip pressed={one === step} onClick={() => choose(one)}>
                  <b aria-hidden>{done.includes(one) ? '✓' : at + 1}</b>
                  <span>{text.step(one, done.includes(one))}</span>
                </Chip>
              </li>
            ))}
          </Stack>
        </nav>
        <section aria-labelledby="question">
          <Box as="small" size={2} tone="second">
            {text.at(step)}
          </Box>
          <h2 id="question">{text.question[step]}</h2>
          <Box as="p" measure above={2} below={5} tone="second">
            {text.brings[step]}
          </Box>
          <Body
            key={step}
            household={household}
            cover={cover}
            onNext={() => choose(following ?? 'sheet')}
          />
          <Row gapX={6} gapY={2} wrap above={7} padY={4} lineAbove="dashed">
            {following && !done.includes(step) && (
              <Button kind="quiet" onClick={() => choose(following)}>
                {text.later}
              </Button>
            )}
            <PutAway isOpen={beginning !== null} household={household} />
          </Row>
        </section>
      </Stack>
    </>
  )
}

/** Away for good, or taken up again. */
function PutAway({
  isOpen,
  household: {
    household: { beginning, version },
  },
}: {
  readonly isOpen: boolean
  readonly household: HouseholdView
}) {
  const { run, busy } = useActing()
  // Over by itself, with the lid sheet: there is nothing to take up.
  if (!isOpen && beginning === 'open') return null
  return (
    <Button
      kind="quiet"
      busy={busy}
      onClick={() =>
        void run(
          changeHousehold,
          { body: { seenVersion: version, beginning: isOpen ? 'over' : 'open' } },
          isOpen ? text.left : text.takenUp,
        )
      }
    >
      {isOpen ? text.leave : text.again}
    </Button>
  )
}

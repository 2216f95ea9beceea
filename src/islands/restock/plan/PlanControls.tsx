/** What is asked of the plan: how much may be spent, how far to look, how much comfort is worth. */

import { Slider } from '@mantine/core'
import { useDebouncedCallback } from '@mantine/hooks'
import { useState } from 'react'
import { setPlan } from '../../../contract/restock'
import {
  LOOK_AHEADS,
  type RestockSettings,
  THOROUGHNESS,
  THOROUGHNESS_IDS,
} from '../../../core/restock/settings'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button, Chip } from '../../../ui/Button'
import { Explain } from '../../../ui/Explain'
import * as words from '../../../words'
import { money } from '../../../words/frame/format'
import classes from './plan.module.css'
import type { Found, PlanView } from './usePlan'

const planWords = words.plan

interface Props {
  readonly view: PlanView
  readonly found: Found | null
  readonly budget: number | null
  readonly onBudget: (minor: number | null) => void
}

/** Steps of five of the currency; hundredths are no decision. */
const STEP_MINOR = 500

export function PlanControls({ view, found, budget, onBudget }: Props) {
  const { run, busy } = useActing()
  const { settings, currency } = view
  const spent = Math.round(found?.plan.board.lived.cost.spentMinor ?? 0)
  const [most, setMost] = useState<number | null>(null)
  const [dragged, setDragged] = useState<number | null>(null)
  const ask = (patch: Partial<RestockSettings>) => {
    const body = { ...settings, budgetMinor: budget, ...patch }
    if ('budgetMinor' in patch) onBudget(patch.budgetMinor ?? null)
    void run(setPlan, { body }, planWords.didSet)
  }
  // The plan follows the thumb at once; it is written down when the thumb rests.
  const settle = useDebouncedCallback((minor: number) => ask({ budgetMinor: minor }), 700)
  const up = (minor: number) => Math.max(STEP_MINOR, Math.ceil(minor / STEP_MINOR) * STEP_MINOR)
  const limit = most ?? up(Math.max(spent, budget ?? 0) * 1.25)
  const shown = dragged ?? budget
  return (
    <Stack
      loose
      as="section"
      gap={4}
      padX={6}
      padY={5}
      line="seam"
      radius={2}
      className={classes.box}
      aria-label={planWords.controls}
    >
      <Row gap={4} align="center">
        <Box as="h2" size={3} id="plan-budget">
          {planWords.budget}
        </Box>
        <Explain id="budget" />
      </Row>
      <Box as="p" size={2} tone="second" className={classes.sum}>
        {planWords.ofBudget(money(spent, currency), shown === null ? null : money(shown, currency))}
      </Box>
      {budget === null ? (
        <Button
          kind="plain"
          disabled={busy || !found}
          onClick={() => {
            setMost(up(spent * 1.25))
            ask({ budgetMinor: up(spent) })
          }}
        >
          {planWords.limit}
        </Button>
      ) : (
        <>
          <Slider
            aria-labelledby="plan-budget"
            thumbLabel={planWords.budget}
            value={dragged ?? budget}
            min={0}
            max={limit}
            step={STEP_MINOR}
            label={(minor) => money(minor, currency)}
            color="var(--ink)"
            onChange={setDragged}
            onChangeEnd={(minor) => {
              setDragged(null)
              onBudget(minor)
              settle(minor)
            }}
          />
          <Button kind="plain" disabled={busy} onClick={() => ask({ budgetMinor: null })}>
            {planWords.noLimit}
          </Button>
        </>
      )}
      {found?.plan.overBudget && (
        <Box note="caution" as="p" size={2} tone="second">
          {planWords.overBudget}
        </Box>
      )}
      <Row as="fieldset" gap={4} align="center" wrap>
        <legend>
          {planWords.lookAheadLabel} <Explain id="lookAhead" />
        </legend>
        {LOOK_AHEADS.map((days) => (
          <Chip
            key={days}
            disabled={busy}
            pressed={settings.days === days}
            onClick={() => ask({ days })}
          >
            {planWords.lookAhead(days)}
          </Chip>
        ))}
      </Row>
      <Row as="fieldset" gap={4} align="center" wrap>
        <legend>
          {planWords.thoroughness} <Explain id="thorough" />
        </legend>
        {THOROUGHNESS_IDS.map((id) => (
          <Chip
            key={id}
            disabled={busy}
            pressed={settings.comfortMinor === THOROUGHNESS[id]}
            onClick={() => ask({ comfortMinor: THOROUGHNESS[id] })}
          >
            {planWords.thorough[id]}
          </Chip>
        ))}
      </Row>
    </Stack>
  )
}

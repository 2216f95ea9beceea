/** A guided card within an incident: steps are noted, timers set, what was used is taken off. */

import { useState } from 'react'
import { patientOn } from '../../../core/cover/suitability'
import type { GuideCard, GuideStep } from '../../../core/guide/card'
import { guideCard, guidesFor } from '../../../core/guide/guide'
import { takesOfStep } from '../../../core/guide/takes'
import { INCIDENT_KINDS } from '../../../core/incident/kinds'
import { Box, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import { GuideSteps } from '../guide/GuideSteps'
import classes from './incident.module.css'
import type { PanelProps } from './panel'

const careWords = words.care

export function GuidePanel(props: PanelProps) {
  const { care, line, here, patient, say, onDone } = props
  const { kind } = line.incident
  const first = (kind ? INCIDENT_KINDS[kind].guides : [])
    .map(guideCard)
    .filter((card): card is GuideCard => card?.species.includes(patient.species) ?? false)
  const [card, setCard] = useState<GuideCard | null>(first.length === 1 ? (first[0] ?? null) : null)
  if (!card) {
    const rest = guidesFor(patient.species).filter((one) => !first.includes(one))
    return (
      <Stack
        columns="repeat(auto-fill, minmax(min(100%, 9.5rem), 1fr))"
        gap={4}
        className={classes.tiles}
      >
        {[...first, ...rest].map((one) => (
          <Button
            kind="tile"
            key={one.id}
            data-first={first.includes(one)}
            onClick={() => setCard(one)}
          >
            {one.name}
            {one.life && (
              <Box as="small" size={2} weight="normal" tone="second" face="text">
                {careWords.guide.life}
              </Box>
            )}
          </Button>
        ))}
      </Stack>
    )
  }
  const onStep = async (step: GuideStep, at: number) => {
    const takes = takesOfStep(care.laid, step, patientOn(patient, [], care.view.today), here)
    if (step.note === 'tourniquet') await say({ kind: 'tourniquet', where: '' })
    if (takes.length > 0) await say({ kind: 'used', title: step.text, words: '', takes })
    else await say({ kind: 'step', guide: card.id, step: at, words: step.text })
    if (step.timer) await say({ kind: 'timer', what: step.timer.what, minutes: step.timer.minutes })
  }
  const onEnd = async () => {
    for (const { days, what } of card.later)
      await say({ kind: 'timer', what, minutes: days * 24 * 60 })
    onDone()
  }
  return (
    <>
      <Button kind="quiet" onClick={() => setCard(null)}>
        {careWords.guide.all}
      </Button>
      <h3>{card.name}</h3>
      <GuideSteps
        key={card.id}
        card={card}
        members={care.members}
        today={care.view.today}
        onStep={onStep}
        onEnd={() => void onEnd()}
      />
    </>
  )
}

/** A guided card within an incident: steps are noted, timers set, what was used is taken off. */
import { useState } from 'react'
import { ROLES } from '../../core/catalogue/roles'
import { patientOn, unsuited } from '../../core/cover/suitability'
import type { GuideCard, GuideStep } from '../../core/guide/card'
import { guideCard, guidesFor } from '../../core/guide/guide'
import type { Take } from '../../core/incident/entry'
import { INCIDENT_KINDS } from '../../core/incident/kinds'
import { units } from '../../core/quantity/amount'
import { words } from '../../words'
import { GuideSteps } from '../guide/GuideSteps'
import type { PanelProps } from './Going'
import classes from './incident.module.css'

const w = words.care

export function GuidePanel(props: PanelProps) {
  const { care, line, patient, say, onDone } = props
  const { kind } = line.incident
  const first = (kind ? INCIDENT_KINDS[kind].guides : [])
    .map(guideCard)
    .filter((card): card is GuideCard => card?.species.includes(patient.species) ?? false)
  const [card, setCard] = useState<GuideCard | null>(first.length === 1 ? (first[0] ?? null) : null)
  if (!card) {
    const rest = guidesFor(patient.species).filter((one) => !first.includes(one))
    return (
      <div className={classes.tiles}>
        {[...first, ...rest].map((one) => (
          <button
            key={one.id}
            type="button"
            data-first={first.includes(one)}
            onClick={() => setCard(one)}
          >
            {one.name}
            {one.life && <small>{w.guide.life}</small>}
          </button>
        ))}
      </div>
    )
  }
  const onStep = async (step: GuideStep, at: number) => {
    const takes = takesFor(props, step)
    if (step.note === 'tourniquet') await say({ kind: 'tourniquet', where: '' })
    if (takes.length > 0)
      await say({ kind: 'used', title: step.text.slice(0, 100), words: '', takes })
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
      <button type="button" className={classes.link} onClick={() => setCard(null)}>
        {w.guide.all}
      </button>
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

/** One of each thing that a step uses up, from the nearest kit and only what suits. Tools stay. */
function takesFor({ care, line, patient }: PanelProps, step: GuideStep): readonly Take[] {
  const { laid, view } = care
  const asPatient = patientOn(patient, [], view.today)
  return step.takes.flatMap((role): readonly Take[] => {
    if (ROLES[role].kind === 'shared') return []
    const found = laid.shelves
      .filter((shelf) => {
        const thing = laid.things[shelf.thing]
        return (
          thing?.facts.roles.includes(role) &&
          !thing.facts.isMedicine &&
          !shelf.barred &&
          shelf.amount >= 1000 &&
          (shelf.through === null || shelf.through >= view.today) &&
          unsuited(thing, asPatient, laid.owners, laid.stock.schools).every(
            ({ code }) => code === 'wrong_size',
          )
        )
      })
      .filter((shelf) => laid.stock.kits[shelf.kit]?.placeId === line.incident.placeId)
      .sort(
        (a, b) =>
          (a.pocket.reachSeconds ?? 60) - (b.pocket.reachSeconds ?? 60) ||
          (a.through ?? '9').localeCompare(b.through ?? '9'),
      )[0]
    return found ? [{ lotId: found.lotId, pocketId: found.pocket.id, amount: units(1) }] : []
  })
}

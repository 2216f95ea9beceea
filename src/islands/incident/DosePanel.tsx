/** A dose at an incident: what a card allows, with the same paper as on the bench. */
import { useMemo, useState } from 'react'
import type { DoseCard } from '../../core/dosing/card'
import type { Held, Instant } from '../../core/dosing/given'
import { isFor } from '../../core/dosing/sources'
import type { CareFact } from '../../core/incident/entry'
import { exact } from '../../core/quantity/exact'
import { readStrength } from '../../core/quantity/measure'
import { readAmount } from '../../core/quantity/readAmount'
import { words } from '../../words'
import { AskVet } from '../care/AskVet'
import { askDose } from '../care/askDose'
import { DosePaper } from '../care/DosePaper'
import { givenTo, patientNow } from '../care/useCare'
import type { PanelProps } from './Going'
import classes from './incident.module.css'

const w = words.care.incident

export function DosePanel(props: PanelProps) {
  const { care, line, patient, now, say, onDone } = props
  const [chosen, setChosen] = useState<DoseCard | null>(null)
  const { view } = care
  const here = line.incident.placeId
  const isMember = line.incident.patient.kind === 'member'
  const given = useMemo(
    () => (isMember ? givenTo(care, patient.id) : line.doses),
    [care, isMember, patient.id, line],
  )
  const minute = Math.floor(now / 60_000)
  const cards = useMemo(() => {
    const asPatient = patientNow(care, patient)
    return view.cards
      .filter((card) => isFor(card, asPatient))
      .map((card) => {
        const at = (minute * 60_000) as Instant
        return { card, kind: askDose(care, patient, card, { now: at, given, here }).answer.kind }
      })
      .filter(({ kind }) => kind !== 'refused')
      .sort((a, b) => Number(a.kind === 'wait') - Number(b.kind === 'wait'))
  }, [care, view, patient, given, here, minute])
  if (chosen)
    return (
      <DosePaper
        care={care}
        member={patient}
        card={chosen}
        here={here}
        compact
        onGiven={async (fact, minutesAgo) => {
          await say(fact, { minutesAgo })
          onDone()
        }}
      />
    )
  return (
    <>
      {patient.facts.kind === 'animal' && cards.length === 0 ? (
        <AskVet care={care} member={patient} given={given} now={now} />
      ) : (
        <>
          <p className={classes.quiet}>
            {patient.guestUntil !== null
              ? words.care.refusal({ code: 'stranger' }, { now, timeZone: view.timeZone })
              : w.doseLead}
          </p>
          <div className={classes.tiles}>
            {patient.guestUntil === null &&
              cards.map(({ card, kind }) => (
                <button
                  key={card.id}
                  type="button"
                  data-wait={kind === 'wait'}
                  onClick={() => setChosen(card)}
                >
                  {card.name}
                  <small>{card.purpose}</small>
                </button>
              ))}
          </div>
        </>
      )}
      <SomethingElse {...props} />
    </>
  )
}

/** What was given without a card: an item of the household, or only its name. */
function SomethingElse({ care, say, onDone }: PanelProps) {
  const [name, setName] = useState('')
  const [amount, setAmount] = useState('1')
  const { known } = care.laid
  const item = known.find(({ item: one }) => titleOf(one) === name)
  const read = readAmount(amount)
  const ready = name.trim() !== '' && read.kind === 'read' && read.amount > 0
  const note = async () => {
    if (read.kind !== 'read') return
    const fact: CareFact = {
      kind: 'dose',
      cardId: null,
      title: name.trim(),
      portion: { unit: 'piece', thousandths: read.amount },
      holds: item ? heldIn(item.facts.entry?.ingredients ?? [], read.amount) : [],
      rule: null,
      takes: [],
      anyway: w.manual,
    }
    await say(fact)
    onDone()
  }
  return (
    <details className={classes.more}>
      <summary>{w.manual}</summary>
      <label>
        {w.manualName}
        <input
          list="medicines"
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
        />
      </label>
      <datalist id="medicines">
        {known
          .filter(({ facts }) => facts.isMedicine)
          .map(({ item: one }) => (
            <option key={one.id} value={titleOf(one)} />
          ))}
      </datalist>
      <label>
        {w.manualAmount}
        <input value={amount} onChange={(event) => setAmount(event.currentTarget.value)} />
      </label>
      <button type="button" className={classes.go} disabled={!ready} onClick={() => void note()}>
        {w.save}
      </button>
    </details>
  )
}

const titleOf = ({
  name,
  strength,
}: {
  readonly name: string
  readonly strength: string
}): string => (strength === '' ? name : `${name} ${strength}`)

/** What so many pieces hold of each ingredient; null where its strength is not in a piece. */
const heldIn = (
  ingredients: readonly { readonly substance: string; readonly strength: string }[],
  thousandths: number,
): readonly Held[] =>
  ingredients.map(({ substance, strength }) => {
    const reading = readStrength(strength)
    const each =
      reading.kind === 'read' && reading.value.kind === 'each' ? reading.value.holds : null
    return {
      key: substance as Held['key'],
      measure: each && {
        unit: each.unit,
        thousandths: Number(exact(each.thousandths).mul(thousandths).div(1000).ceil().valueOf()),
      },
    }
  })

/** What was given without a card: an item of the household, or only its name and what acts in it. */

import { useState } from 'react'
import { substanceName } from '../../../core/catalogue/substances'
import { heldByHand } from '../../../core/dosing/byHand'
import { ingredientKey } from '../../../core/dosing/card'
import type { CareFact } from '../../../core/incident/entry'
import { readAmount } from '../../../core/quantity/readAmount'
import { itemTitle } from '../../../core/stock/item'
import { Box, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import classes from './incident.module.css'
import type { PanelProps } from './panel'

const incidentWords = words.care.incident

export function SomethingElse({ care, say, onDone }: PanelProps) {
  const [name, setName] = useState('')
  const [amount, setAmount] = useState('1')
  const [acts, setActs] = useState('')
  const medicines = care.laid.stock.items.filter(({ facts }) => facts.isMedicine)
  const known = medicines.find(({ item }) => itemTitle(item) === name)
  const substances = [
    ...new Set(
      care.view.cards.flatMap(({ about }) => (about.kind === 'substance' ? [about.substance] : [])),
    ),
  ]
  const substance = substances.find((one) => one === acts)
  const read = readAmount(amount)
  const named = name.trim() !== ''
  const note = async () => {
    if (read.kind !== 'read') return
    const fact: CareFact = {
      kind: 'dose',
      cardId: null,
      title: name.trim(),
      portion: { unit: 'piece', thousandths: read.amount },
      holds: known
        ? heldByHand(known.item, known.facts.entry?.ingredients ?? [], read.amount)
        : substance
          ? [{ key: ingredientKey({ kind: 'substance', substance }), measure: null }]
          : [],
      rule: null,
      takes: [],
      anyway: incidentWords.manual,
    }
    await say(fact)
    onDone()
  }
  return (
    <Stack as="details" gap={5} className={classes.more}>
      <summary>{incidentWords.manual}</summary>
      <label>
        {incidentWords.manualName}
        <input
          list="medicines"
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
        />
      </label>
      <datalist id="medicines">
        {medicines.map(({ item }) => (
          <option key={item.id} value={itemTitle(item)} />
        ))}
      </datalist>
      {named && !known && (
        <>
          <label>
            {incidentWords.manualActs}
            <select value={acts} onChange={(event) => setActs(event.currentTarget.value)}>
              <option value="">{incidentWords.manualActsUnknown}</option>
              {substances.map((one) => (
                <option key={one} value={one}>
                  {substanceName(one)}
                </option>
              ))}
            </select>
          </label>
          {!substance && (
            <Box as="p" note="caution">
              {incidentWords.manualNotCounted}
            </Box>
          )}
        </>
      )}
      <label>
        {incidentWords.manualAmount}
        <input value={amount} onChange={(event) => setAmount(event.currentTarget.value)} />
      </label>
      <Button
        kind="main"
        className={classes.go}
        disabled={!named || read.kind !== 'read' || read.amount <= 0}
        onClick={() => void note()}
      >
        {incidentWords.save}
      </Button>
    </Stack>
  )
}

/** A thing whose name leaves something open: what it may be, what is open, and "none of these". */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import type { CatalogueEntry } from '../../core/catalogue/entry'
import { itemFacts } from '../../core/catalogue/itemFacts'
import { shownName } from '../../core/naming/shownName'
import { itemTitle } from '../../core/stock/item'
import { Box, Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import * as words from '../../words'
import type { Answer, Unsaid } from './saying'
import classes from './things.module.css'

const itemsWords = words.items

interface Props {
  readonly thing: Unsaid
  readonly country: string
  readonly onAnswer: (answers: readonly Answer[]) => void
  readonly onNone: (itemId: string) => void
}

export function AskedThing({ thing: { item, saying }, country, onAnswer, onNone }: Props) {
  /** Chosen, and how many uses one gives is asked yet. */
  const [chosen, setChosen] = useState<CatalogueEntry | null>(
    saying.kind === 'uses' ? saying.entry : null,
  )
  const candidates = saying.kind === 'asked' ? saying.candidates : []
  const choose = (entry: CatalogueEntry): void => {
    if (itemFacts(item, entry, item.own).usesKnown)
      onAnswer([{ itemId: item.id, catalogueId: entry.id }])
    else setChosen(entry)
  }
  const title = itemTitle(item)
  return (
    <Box
      as="li"
      padY={5}
      lineBelow="hairline"
      className={classes.asked}
      onKeyDown={(event) => {
        if (event.target instanceof HTMLInputElement) return
        const entry = candidates[Number(event.key) - 1]?.entry
        if (event.key === '0') onNone(item.id)
        else if (entry) choose(entry)
        else return
        event.preventDefault()
        event.stopPropagation()
      }}
    >
      <Box as="h3" size={3}>
        {title}
      </Box>
      {chosen ? (
        <Uses
          item={item}
          title={shownName(itemTitle(chosen), country)}
          onTake={(uses) =>
            onAnswer([{ itemId: item.id, catalogueId: chosen.id, own: { ...item.own, uses } }])
          }
          onNone={() => onNone(item.id)}
        />
      ) : (
        <ol>
          {candidates.map(({ entry, open }, at) => (
            <li key={entry.id}>
              <Button
                kind="plain"
                data-first-answer={at === 0 ? true : undefined}
                data-key={at + 1}
                aria-label={itemsWords.choose(title, shownName(itemTitle(entry), country))}
                onClick={() => choose(entry)}
              >
                {shownName(itemTitle(entry), country)}
              </Button>
              <Box as="small" size={2} tone="second">
                {[
                  ...open.slice(0, 2).map(itemsWords.open),
                  ...itemsWords.countsAs(itemFacts(item, entry, item.own), item.unit).slice(0, 2),
                ].join(' · ')}
              </Box>
            </li>
          ))}
          <li>
            <Button
              kind="plain"
              data-key={0}
              aria-label={itemsWords.choose(title, itemsWords.none)}
              onClick={() => onNone(item.id)}
            >
              {itemsWords.none}
            </Button>
          </li>
        </ol>
      )}
    </Box>
  )
}

function Uses({
  item,
  title,
  onTake,
  onNone,
}: {
  readonly item: Unsaid['item']
  readonly title: string
  readonly onTake: (uses: number) => void
  readonly onNone: () => void
}) {
  const [typed, setTyped] = useState('')
  const uses = Number(typed.replace(',', '.'))
  const wrong = typed.trim() !== '' && !(uses > 0 && uses <= 1000)
  return (
    <Row
      as="form"
      gap={4}
      align="end"
      wrap
      above={2}
      onSubmit={(event) => {
        event.preventDefault()
        if (typed.trim() !== '' && !wrong) onTake(uses)
      }}
    >
      <TextInput
        data-first-answer
        label={itemsWords.howManyUses(title, item.unit)}
        inputMode="decimal"
        value={typed}
        onChange={(event) => setTyped(event.currentTarget.value)}
        error={wrong ? itemsWords.wrongUses : undefined}
      />
      <Button kind="strong" type="submit" disabled={typed.trim() === '' || wrong}>
        {itemsWords.take}
      </Button>
      <Button onClick={onNone}>{itemsWords.none}</Button>
    </Row>
  )
}

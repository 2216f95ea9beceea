/** What the names leave no doubt about: all that each will count as is seen before one press takes it. */

import { Checkbox } from '@mantine/core'
import { useState } from 'react'
import { shownName } from '../../core/naming/shownName'
import { itemTitle } from '../../core/stock/item'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import * as words from '../../words'
import type { Answer, Unsaid } from './saying'

const itemsWords = words.items

interface Props {
  readonly things: readonly Unsaid[]
  readonly all: number
  readonly country: string
  readonly onConfirm: (answers: readonly Answer[]) => void
  readonly onNone: (itemId: string) => void
}

export function SureThings({ things, all, country, onConfirm, onNone }: Props) {
  const [unticked, setUnticked] = useState<ReadonlySet<string>>(new Set())
  const taken = things.filter(({ item }) => !unticked.has(item.id))
  const confirm = (): void => {
    for (const { item } of things) if (unticked.has(item.id)) onNone(item.id)
    const answers = taken.flatMap(({ item, saying }) =>
      saying.kind === 'sure' ? [{ itemId: item.id, catalogueId: saying.entry.id }] : [],
    )
    if (answers.length > 0) onConfirm(answers)
  }
  return (
    <Box as="section" above={6}>
      <Row as="header" gapX={6} gapY={4} align="end" justify="between" wrap>
        <div>
          <h2>{itemsWords.sure(all)}</h2>
          <p className="second">{itemsWords.sureUnder}</p>
        </div>
        <Button kind="strong" data-first-answer onClick={confirm}>
          {itemsWords.confirmSure(taken.length)}
        </Button>
      </Row>
      <Box as="ul" above={4} aria-label={itemsWords.sure(all)}>
        {things.map(({ item, saying }) =>
          saying.kind === 'sure' ? (
            <Stack
              columns="minmax(0, 1fr) minmax(0, 1.5fr)"
              collapse
              as="li"
              gapX={6}
              gapY={2}
              padY={4}
              lineBelow="hairline"
              key={item.id}
            >
              <Checkbox
                checked={!unticked.has(item.id)}
                onChange={(event) => {
                  const next = new Set(unticked)
                  if (event.currentTarget.checked) next.delete(item.id)
                  else next.add(item.id)
                  setUnticked(next)
                }}
                label={itemTitle(item)}
              />
              <p>
                <b>{shownName(itemTitle(saying.entry), country)}</b>{' '}
                <Box as="small" size={2} tone="second">
                  {itemsWords.countsAs(saying.facts, item.unit).join(' · ')}
                </Box>
              </p>
            </Stack>
          ) : null,
        )}
      </Box>
      {all > things.length && <p className="second">{itemsWords.moreOf(all - things.length)}</p>}
    </Box>
  )
}

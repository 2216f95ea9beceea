/** What was not to be had, and what the plan put on the list in its place. */

import { markPurchase } from '../../../contract/restock'
import { itemTitle } from '../../../core/stock/item'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { useStrap } from '../../../ui/Frame'
import * as words from '../../../words'
import classes from './shopping.module.css'
import type { Purchase, Shopping } from './view'

const shoppingWords = words.shopping

interface Props {
  readonly view: Shopping
  readonly isMaking: boolean
}

export function Missing({ view, isMaking }: Props) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const missing = view.lines.filter(({ state }) => state.kind === 'not_there')
  if (missing.length === 0) return null
  return (
    <Box
      asides="beside"
      as="section"
      padX={6}
      padY={5}
      surface="paper"
      line="dashed"
      radius={2}
      className={classes.shop}
      aria-label={shoppingWords.missing}
    >
      <Row as="header" gap={5} align="baseline" justify="between">
        <Box as="h2" size={5}>
          {shoppingWords.missing}
        </Box>
      </Row>
      <ul>
        {missing.map((line) => {
          const { id, item, shop, state } = line
          const other = insteadOf(line, view.lines)
          return (
            <Stack
              columns="auto minmax(0, 1fr) auto"
              as="li"
              gapX={6}
              gapY={2}
              align="start"
              padY={4}
              key={id}
              className={classes.line}
              data-ordered
            >
              <Box breakable>
                <p className={classes.name}>
                  <Box as="b" size={4}>
                    {itemTitle(item)}
                  </Box>
                </p>
                <Box as="p" size={2} tone="second">
                  {state.kind === 'not_there' && shoppingWords.missingAt(shop, state.until, today)}
                </Box>
                <p aria-live="polite">
                  {other
                    ? shoppingWords.replaced(other.shop, itemTitle(other.item))
                    : isMaking
                      ? shoppingWords.making
                      : shoppingWords.notReplaced}
                </p>
              </Box>
              <Row gap={3} align="center" justify="end" wrap className={`${classes.does} no-print`}>
                <Button
                  kind="plain"
                  disabled={busy}
                  onClick={() =>
                    void run(
                      markPurchase,
                      { params: { purchaseId: id }, body: { state: 'listed' } },
                      shoppingWords.did.listed,
                    )
                  }
                >
                  {shoppingWords.backOn}
                </Button>
              </Row>
            </Stack>
          )
        })}
      </ul>
    </Box>
  )
}

/** The same in another shop, else what may stand in for it. */
function insteadOf(missing: Purchase, lines: readonly Purchase[]): Purchase | undefined {
  const open = lines.filter(({ id, state }) => id !== missing.id && state.kind !== 'not_there')
  return (
    open.find(({ item }) => item.id === missing.item.id) ??
    open.find(({ item }) => missing.instead.some(({ title }) => title === itemTitle(item)))
  )
}

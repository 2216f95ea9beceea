/** What shops were asked to bring: which packs are here, which come when. */

import { askShop } from '../../../contract/restock'
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
  readonly onPutAway: (purchase: Purchase) => void
}

export function Orders({ view, onPutAway }: Props) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  if (view.orders.length === 0) return null
  const of = (orderId: string) =>
    view.lines.filter(({ state }) => 'orderId' in state && state.orderId === orderId)
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
      aria-label={shoppingWords.orders}
    >
      <Row as="header" gap={5} align="baseline" justify="between">
        <Box as="h2" size={5}>
          {shoppingWords.orders}
        </Box>
      </Row>
      {view.orders.map(({ id, shop, reference, orderedOn }) => {
        const waits = of(id).some(({ state }) => state.kind === 'ordered' && state.dueOn <= today)
        return (
          <Stack
            gapX={6}
            columns="9rem minmax(0, 1fr)"
            lineAbove="hairline"
            key={id}
            className={classes.aisle}
          >
            <div>
              <Box as="h3" size={3}>
                {shop}
              </Box>
              <Box as="p" size={2} tone="second">
                {shoppingWords.orderedOn(reference, orderedOn, today)}
              </Box>
              {waits && (
                <Button
                  kind="strong"
                  className="no-print"
                  disabled={busy}
                  onClick={() => void run(askShop, { body: { shop } }, shoppingWords.asked)}
                >
                  {shoppingWords.ask}
                </Button>
              )}
            </div>
            <ul>
              {of(id).map((line) => (
                <OrderedLine key={line.id} line={line} onPutAway={() => onPutAway(line)} />
              ))}
            </ul>
          </Stack>
        )
      })}
    </Box>
  )
}

function OrderedLine({
  line,
  onPutAway,
}: {
  readonly line: Purchase
  readonly onPutAway: () => void
}) {
  const { today } = useStrap()
  const { item, packs, packSize, state } = line
  const title = itemTitle(item)
  return (
    <Stack
      columns="auto minmax(0, 1fr) auto"
      as="li"
      gapX={6}
      gapY={2}
      align="start"
      padY={4}
      className={classes.line}
      data-ordered
    >
      <Box breakable>
        <p className={classes.name}>
          <Box as="b" size={4}>
            {title}
          </Box>{' '}
          <span>{shoppingWords.packs(packs, packSize, item.unit)}</span>
        </p>
        <Box as="p" size={2} tone="second">
          {state.kind === 'ordered'
            ? [
                shoppingWords.due(state.dueOn, today),
                ...(state.backOrdered ? [shoppingWords.backOrdered] : []),
              ].join(' · ')
            : shoppingWords.arrived}
        </Box>
      </Box>
      {state.kind === 'arrived' && (
        <Row gap={3} align="center" justify="end" wrap className={`${classes.does} no-print`}>
          <Button kind="strong" aria-label={shoppingWords.putAwayOf(title)} onClick={onPutAway}>
            {shoppingWords.putAway}
          </Button>
        </Row>
      )}
    </Stack>
  )
}

/** One shop: its lines aisle by aisle, what they come to, and ordering where it takes orders. */

import { orderListed, takePrices } from '../../../contract/restock'
import { sameShop } from '../../../core/restock/offers'
import { AISLES } from '../../../core/shopping/aisles'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import { money } from '../../../words/frame/format'
import { PurchaseLine } from './PurchaseLine'
import classes from './shopping.module.css'
import type { Missing } from './useList'
import type { Purchase, Shopping } from './view'

const shoppingWords = words.shopping

interface Props {
  readonly shop: string
  readonly lines: readonly Purchase[]
  readonly view: Shopping
  readonly onPutAway: (purchase: Purchase) => void
  /** Something was not to be had: the rest is planned again. */
  readonly onNone: (missing: Missing) => void
}

export function ShopList({ shop, lines, view, onPutAway, onNone }: Props) {
  const { run, busy } = useActing()
  const service = view.takeOrders.find(({ name }) => sameShop(name, shop))
  const listed = lines.filter(({ state }) => state.kind === 'listed')
  const orderable = listed.filter(({ item }) => item.catalogueId !== null)
  const costs = lines.map(({ packs, priceMinor }) =>
    priceMinor === null ? null : packs * priceMinor,
  )
  const sum = costs.reduce<number>((total, cost) => total + (cost ?? 0), 0)
  const unpriced = costs.filter((cost) => cost === null).length
  const order = () =>
    void run(orderListed, { body: { shop } }, (answer) =>
      shoppingWords.ordered(answer.reference, answer),
    )
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
      aria-label={shop || shoppingWords.noShop}
    >
      <Row as="header" gap={5} align="baseline" justify="between">
        <Box as="h2" size={5}>
          {shop || shoppingWords.noShop}
        </Box>
        <small>{shoppingWords.sum(money(sum, view.currency), unpriced)}</small>
        {service?.isStandIn && (
          <Box as="small" size={2} tone="second">
            {shoppingWords.standIn}
          </Box>
        )}
      </Row>
      {service && (
        <Row
          gapX={6}
          gapY={4}
          align="center"
          wrap
          padY={4}
          className={`${classes.service} no-print`}
        >
          <Box as="p" size={2} tone="second">
            {shoppingWords.delivers(service.deliversOn)}
          </Box>
          {orderable.length > 0 && (
            <Button kind="main" disabled={busy} onClick={order}>
              {shoppingWords.order(orderable.length)}
            </Button>
          )}
          <Button
            kind="plain"
            disabled={busy}
            onClick={() =>
              void run(takePrices, { body: { shop } }, ({ priced, without }) =>
                shoppingWords.priced(priced, without),
              )
            }
          >
            {shoppingWords.prices(service.name)}
          </Button>
        </Row>
      )}
      {AISLES.map((aisle) => {
        const of = lines.filter((line) => line.aisle === aisle)
        return of.length === 0 ? null : (
          <Stack
            gapX={6}
            columns="9rem minmax(0, 1fr)"
            lineAbove="hairline"
            key={aisle}
            className={classes.aisle}
          >
            <Box as="h3" size={3}>
              {shoppingWords.aisle(aisle)}
            </Box>
            <ul>
              {of.map((line) => (
                <PurchaseLine
                  key={line.id}
                  line={line}
                  currency={view.currency}
                  onPutAway={() => onPutAway(line)}
                  onNone={onNone}
                />
              ))}
            </ul>
          </Stack>
        )
      })}
    </Box>
  )
}

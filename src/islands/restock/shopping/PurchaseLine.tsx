/** One line in the shop: what to ask for, how many packs and for where; ticked, or not to be had. */

import { Checkbox } from '@mantine/core'
import { changePurchase, markPurchase, removePurchase } from '../../../contract/restock'
import { itemTitle } from '../../../core/stock/item'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { useStrap } from '../../../ui/Frame'
import { Stepper } from '../../../ui/Stepper'
import { shownAtOnce } from '../../../ui/shownAtOnce'
import * as words from '../../../words'
import { money } from '../../../words/frame/format'
import classes from './shopping.module.css'
import type { Missing } from './useList'
import type { Purchase, Shopping } from './view'

const shoppingWords = words.shopping

interface Props {
  readonly line: Purchase
  readonly currency: string
  readonly onPutAway: () => void
  readonly onNone: (missing: Missing) => void
}

export function PurchaseLine({ line, currency, onPutAway, onNone }: Props) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const { item, packs, packSize, priceMinor, wantedBy } = line
  const title = itemTitle(item)
  const inBag = line.state.kind === 'in_bag'
  const params = { purchaseId: line.id }
  const changed = (to: Partial<Purchase>) =>
    shownAtOnce<Shopping>(['shopping'], (view) => ({
      ...view,
      lines: view.lines.map((one) => (one.id === line.id ? { ...one, ...to } : one)),
    }))
  const mark = (state: 'listed' | 'in_bag' | 'not_there', said: string) =>
    run(markPurchase, { params, body: { state } }, said, {
      about: `${said}: ${title}`,
      ...(state !== 'not_there' && { atOnce: changed({ state: { kind: state } }) }),
    })
  const change = (to: number) =>
    void run(changePurchase, { params, body: { packs: to } }, shoppingWords.did.packs, {
      atOnce: changed({ packs: to }),
    })
  const none = async () => {
    if (await mark('not_there', shoppingWords.did.none))
      onNone({ itemId: item.id, instead: line.instead.map((one) => one.title) })
  }
  return (
    <Stack
      columns="auto minmax(0, 1fr) auto"
      as="li"
      gapX={6}
      gapY={2}
      align="start"
      padY={4}
      className={classes.line}
      data-bought={inBag}
    >
      <Checkbox
        checked={inBag}
        disabled={busy}
        size="lg"
        onChange={() =>
          void mark(
            inBag ? 'listed' : 'in_bag',
            inBag ? shoppingWords.did.listed : shoppingWords.did.bag,
          )
        }
        aria-label={shoppingWords.tick(title)}
      />
      <Box breakable>
        <p className={classes.name}>
          <Box as="b" size={4}>
            {title}
          </Box>{' '}
          <span>{shoppingWords.packs(packs, packSize, item.unit)}</span>
          {priceMinor !== null && (
            <Box as="small" tone="second">
              {money(packs * priceMinor, currency)}
            </Box>
          )}
        </p>
        {line.spec !== '' && <p>{shoppingWords.askFor(line.spec)}</p>}
        <Box as="p" size={2} tone="second">
          {[
            ...line.goesTo.map(({ amount, pocket, kit }) =>
              shoppingWords.goesTo(amount, pocket, kit),
            ),
            ...(wantedBy && wantedBy > today ? [shoppingWords.by(wantedBy, today)] : []),
            ...(line.source === 'hand' ? [shoppingWords.byHand] : []),
          ].join(' · ')}
        </Box>
        {!inBag && (
          <Box as="details" above={1} size={2} className="no-print">
            <Box as="summary" padY={2} tone="second">
              {shoppingWords.more}
            </Box>
            <Row gap={3} align="center" justify="end" wrap className={classes.does}>
              <Stepper
                value={shoppingWords.packs(packs, packSize, item.unit)}
                fewer={shoppingWords.onePackFewer(title)}
                more={shoppingWords.onePackMore(title)}
                disabled={busy}
                least={packs <= 1}
                onChange={(by) => change(packs + by)}
              />
              <Button
                kind="plain"
                disabled={busy}
                aria-label={shoppingWords.removeOf(title)}
                onClick={() => void run(removePurchase, { params }, shoppingWords.did.removed)}
              >
                {shoppingWords.remove}
              </Button>
            </Row>
            {line.instead.length > 0 && (
              <>
                <Box as="h4" above={4} size={3}>
                  {shoppingWords.instead}
                </Box>
                <ul>
                  {line.instead.map((one) => (
                    <Box as="li" padY={1} key={one.title}>
                      {shoppingWords.insteadOf(one.title, one.spec)}
                      {one.kept && <em> · {shoppingWords.keptToo}</em>}
                    </Box>
                  ))}
                </ul>
                <p className="second">{shoppingWords.judged}</p>
              </>
            )}
          </Box>
        )}
      </Box>
      <Row gap={3} align="center" justify="end" wrap className={`${classes.does} no-print`}>
        {inBag ? (
          <Button
            kind="strong"
            disabled={busy}
            aria-label={shoppingWords.putAwayOf(title)}
            onClick={onPutAway}
          >
            {shoppingWords.putAway}
          </Button>
        ) : (
          <Button
            kind="plain"
            disabled={busy}
            aria-label={shoppingWords.noneOf(title)}
            onClick={() => void none()}
          >
            {shoppingWords.none}
          </Button>
        )}
      </Row>
    </Stack>
  )
}

/**
 * What to buy (made at a desk, ticked off in the shop, put away at the kit): by shop, then by
 * aisle; what is ordered with its day; what was not to be had, and what is on the list instead.
 */

import { IconPrinter } from '@tabler/icons-react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { readShopping } from '../../../contract/restock'
import { sameShop } from '../../../core/restock/offers'
import { call } from '../../../device/call'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { Frame, type Strap, useStrap } from '../../../ui/Frame'
import { Working } from '../../../ui/Working'
import * as words from '../../../words'
import { CoverGaps } from '../CoverGaps'
import { RestockTabs } from '../RestockTabs'
import { AddLine } from './AddLine'
import { Missing } from './Missing'
import { Orders } from './Orders'
import { PutAway } from './PutAway'
import { ShopList } from './ShopList'
import classes from './shopping.module.css'
import { type ListMaking, useList } from './useList'
import type { Purchase, Shopping } from './view'

interface Props {
  readonly strap: Strap
  readonly initial: Shopping
  readonly place: string | null
}

export const ShoppingScreen = (props: Props) => (
  <Frame tab="restock" strap={props.strap} place={props.place}>
    <RestockTabs part="list" />
    <List {...props} />
  </Frame>
)

const shoppingWords = words.shopping

function List({ initial, place }: Props) {
  const { data } = useQuery({
    queryKey: ['shopping'],
    queryFn: () => call(readShopping),
    initialData: initial,
  })
  const { today } = useStrap()
  const list = useList()
  const [receiving, setReceiving] = useState<Purchase | null>(null)
  const [adding, setAdding] = useState(false)
  const lines = data.lines.filter(
    ({ goesTo }) => place === null || goesTo.some(({ placeId }) => placeId === place),
  )
  const view = { ...data, lines }
  const inShops = lines.filter(({ state }) => state.kind === 'listed' || state.kind === 'in_bag')
  const gaps = data.gaps.filter(({ placeId }) => place === null || placeId === place)
  const toBuy = lines.filter(({ state }) => state.kind === 'listed').length
  const onItsWay = lines.filter(({ state }) => state.kind === 'ordered').length
  const toPutAway = lines.filter(({ state }) => ['in_bag', 'arrived'].includes(state.kind)).length
  return (
    <Stack measure gap={6}>
      <Row as="header" gapX={6} gapY={5} align="start" justify="between" wrap>
        <div>
          <h1>{shoppingWords.headline(toBuy, toPutAway, onItsWay, gaps.length)}</h1>
          <p className="second">
            {lines.length === 0 ? shoppingWords.empty : shoppingWords.under}
            <span className={classes.printedOn}> {shoppingWords.printed(today)}</span>
          </p>
        </div>
        <Row gap={4} align="center" wrap className="no-print">
          <Make list={list} isFirst={lines.length === 0} />
          <Button onClick={() => setAdding(true)}>{shoppingWords.add}</Button>
          {inShops.length > 0 && (
            <Button icon={IconPrinter} onClick={() => window.print()}>
              {shoppingWords.print}
            </Button>
          )}
        </Row>
      </Row>
      <Missing view={view} isMaking={list.making.kind === 'working'} />
      {shopsOf(inShops).map((shop) => (
        <ShopList
          key={shop.toLowerCase()}
          shop={shop}
          lines={inShops.filter((line) => sameShop(line.shop, shop))}
          view={view}
          onPutAway={setReceiving}
          onNone={(missing) => void list.make(missing)}
        />
      ))}
      <Orders view={view} onPutAway={setReceiving} />
      <CoverGaps gaps={gaps} />
      {receiving && (
        <PutAway key={receiving.id} purchase={receiving} onClose={() => setReceiving(null)} />
      )}
      {adding && <AddLine shops={data.shops} onClose={() => setAdding(false)} />}
    </Stack>
  )
}

/** One of each, in the order of the alphabet; any shop comes last. */
const shopsOf = (lines: readonly Purchase[]): readonly string[] =>
  lines
    .map(({ shop }) => shop)
    .filter((name, at, all) => all.findIndex((one) => sameShop(one, name)) === at)
    .sort((a, b) => Number(a === '') - Number(b === '') || a.localeCompare(b, 'en'))

function Make({ list, isFirst }: { readonly list: ListMaking; readonly isFirst: boolean }) {
  const { making, make, stop } = list
  if (making.kind === 'working')
    return <Working label={shoppingWords.making} share={making.share} onStop={stop} />
  return (
    <>
      {making.kind === 'failed' && (
        <Box as="p" tone="bad" className={classes.failed} role="alert">
          {shoppingWords.failed}
        </Box>
      )}
      <Button kind={isFirst ? 'strong' : 'firm'} onClick={() => void make()}>
        {isFirst ? shoppingWords.make : shoppingWords.makeAgain}
      </Button>
    </>
  )
}

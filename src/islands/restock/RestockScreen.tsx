/**
 * What to buy (planning at a desk, ticking off in the shop): by shop, then by place; what is
 * ticked goes into the bag, and from the bag into its pocket with its date.
 */
import { Button } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { z } from 'zod'
import { readRestock } from '../../contract/endpoints'
import type * as v from '../../contract/values'
import { call } from '../../device/call'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import { words } from '../../words'
import { money } from '../../words/format'
import { AddLot } from '../lot/AddLot'
import { BuyLine } from './BuyLine'
import { RestockTabs } from './RestockTabs'
import classes from './restock.module.css'

export type Restock = z.infer<typeof v.restockValue>
type Shop = Restock['shops'][number]
export type Line = Shop['places'][number]['lines'][number]

interface Props {
  readonly strap: Strap
  readonly initial: Restock
  readonly place: string | null
}

export const RestockScreen = (props: Props) => (
  <Frame tab="restock" strap={props.strap} place={props.place}>
    <RestockTabs part="list" />
    <Restocking {...props} />
  </Frame>
)

const w = words.restock

function Restocking({ initial, place }: Props) {
  const { data } = useQuery({
    queryKey: ['restock'],
    queryFn: () => call(readRestock),
    initialData: initial,
  })
  const { today } = useStrap()
  const [receiving, setReceiving] = useState<{ line: Line; shop: string } | null>(null)
  const shops = data.shops.map((shop) => narrowed(shop, place)).filter((shop) => shop !== null)
  const lines = shops.flatMap(linesOf)
  const bought = lines.filter(({ mark }) => mark === 'bought')
  return (
    <div className={classes.screen}>
      <header className={classes.head}>
        <div>
          <h1>{w.headline(lines.length - bought.length, bought.length)}</h1>
          <p className="second">
            {lines.length === 0 ? w.none : w.under}
            <span className={classes.printedOn}> {w.printed(today)}</span>
          </p>
        </div>
        {lines.length > 0 && (
          <Button variant="default" className="no-print" onClick={() => window.print()}>
            {w.print}
          </Button>
        )}
      </header>
      <div className={classes.columns}>
        <div>
          {shops.map((shop) => (
            <section key={shop.shop} className={classes.shop} aria-label={shop.shop || w.noShop}>
              <header>
                <h2>{shop.shop || w.noShop}</h2>
                <small>{w.total(money(shop.costMinor, data.currency), shop.unpriced)}</small>
              </header>
              {shop.places.map((at) => (
                <div key={at.placeId} className={classes.place} data-hue={at.hue}>
                  <h3>{words.watch.group(at.name, at.next, today)}</h3>
                  <ul>
                    {at.lines.map((line) => (
                      <BuyLine
                        key={`${line.item.id}${line.pocketId}`}
                        line={line}
                        currency={data.currency}
                        onPutAway={() => setReceiving({ line, shop: shop.shop })}
                      />
                    ))}
                  </ul>
                </div>
              ))}
            </section>
          ))}
        </div>
        {lines.length > 0 && <Bag shops={shops} bought={bought.length} currency={data.currency} />}
      </div>
      {receiving && (
        <AddLot
          title={w.receive(`${receiving.line.pocket}, ${receiving.line.kit}`)}
          pocketId={receiving.line.pocketId}
          item={receiving.line.item}
          amount={(receiving.line.units * 1000) as Line['par']}
          boughtAt={receiving.shop}
          onClose={() => setReceiving(null)}
        />
      )}
    </div>
  )
}

/** What the whole of it comes to, and what to do with what has been bought. */
function Bag({
  shops,
  bought,
  currency,
}: {
  readonly shops: readonly Shop[]
  readonly bought: number
  readonly currency: string
}) {
  const total = shops.reduce((sum, { costMinor }) => sum + costMinor, 0)
  return (
    <aside className={`${classes.bag} no-print`}>
      <h2>{w.inAll(money(total, currency))}</h2>
      <dl>
        {shops.map((shop) => (
          <div key={shop.shop}>
            <dt>{shop.shop || w.noShop}</dt>
            <dd>{money(shop.costMinor, currency)}</dd>
          </div>
        ))}
      </dl>
      <p className="second">{w.bag(bought)}</p>
    </aside>
  )
}

const linesOf = (shop: Shop): Line[] => shop.places.flatMap(({ lines }) => lines)

/** The shop's list for one place, with its own sum; null when it has none. */
function narrowed(shop: Shop, place: string | null): Shop | null {
  const places = shop.places.filter(({ placeId }) => place === null || placeId === place)
  if (places.length === 0) return null
  const lines = linesOf({ ...shop, places })
  return {
    ...shop,
    places,
    costMinor: lines.reduce((total, { costMinor }) => total + (costMinor ?? 0), 0),
    unpriced: lines.filter(({ costMinor }) => costMinor === null).length,
  }
}

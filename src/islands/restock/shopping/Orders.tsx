/** What shops were asked to bring: which packs are here, which come when. */
import { askShop } from '../../../contract/restock'
import { itemTitle } from '../../../core/stock/item'
import { useActing } from '../../../ui/acting'
import { useStrap } from '../../../ui/Frame'
import { words } from '../../../words'
import classes from './shopping.module.css'
import type { Purchase, Shopping } from './view'

const w = words.restock.shopping

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
    <section className={classes.shop} aria-label={w.orders}>
      <header>
        <h2>{w.orders}</h2>
      </header>
      {view.orders.map(({ id, shop, reference, orderedOn }) => {
        const waits = of(id).some(({ state }) => state.kind === 'ordered' && state.dueOn <= today)
        return (
          <div key={id} className={classes.aisle}>
            <div>
              <h3>{shop}</h3>
              <p className={classes.why}>{w.orderedOn(reference, orderedOn, today)}</p>
              {waits && (
                <button
                  type="button"
                  className={`${classes.first} no-print`}
                  disabled={busy}
                  onClick={() => void run(askShop, { body: { shop } }, w.asked)}
                >
                  {w.ask}
                </button>
              )}
            </div>
            <ul>
              {of(id).map((line) => (
                <OrderedLine key={line.id} line={line} onPutAway={() => onPutAway(line)} />
              ))}
            </ul>
          </div>
        )
      })}
    </section>
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
    <li className={classes.line} data-ordered>
      <div className={classes.what}>
        <p className={classes.name}>
          <b>{title}</b> <span>{w.packs(packs, packSize, item.unit)}</span>
        </p>
        <p className={classes.why}>
          {state.kind === 'ordered'
            ? [w.due(state.dueOn, today), ...(state.backOrdered ? [w.backOrdered] : [])].join(' · ')
            : w.arrived}
        </p>
      </div>
      {state.kind === 'arrived' && (
        <div className={`${classes.does} no-print`}>
          <button
            type="button"
            className={classes.first}
            aria-label={w.putAwayOf(title)}
            onClick={onPutAway}
          >
            {w.putAway}
          </button>
        </div>
      )}
    </li>
  )
}

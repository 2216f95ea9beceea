/** What shops were asked to bring: which packs are here, which come when. */
import { askShop } from '../../../contract/restock'
import { itemTitle } from '../../../core/stock/item'
import { useActing } from '../../../ui/acting'
import { useStrap } from '../../../ui/Frame'
import { words } from '../../../words'
import classes from './shopping.module.css'
import type { Purchase, Shopping } from './view'

const shoppingWords = words.restock.shopping

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
    <section className={classes.shop} aria-label={shoppingWords.orders}>
      <header>
        <h2>{shoppingWords.orders}</h2>
      </header>
      {view.orders.map(({ id, shop, reference, orderedOn }) => {
        const waits = of(id).some(({ state }) => state.kind === 'ordered' && state.dueOn <= today)
        return (
          <div key={id} className={classes.aisle}>
            <div>
              <h3>{shop}</h3>
              <p className={classes.why}>{shoppingWords.orderedOn(reference, orderedOn, today)}</p>
              {waits && (
                <button
                  type="button"
                  className={`${classes.first} no-print`}
                  disabled={busy}
                  onClick={() => void run(askShop, { body: { shop } }, shoppingWords.asked)}
                >
                  {shoppingWords.ask}
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
          <b>{title}</b> <span>{shoppingWords.packs(packs, packSize, item.unit)}</span>
        </p>
        <p className={classes.why}>
          {state.kind === 'ordered'
            ? [
                shoppingWords.due(state.dueOn, today),
                ...(state.backOrdered ? [shoppingWords.backOrdered] : []),
              ].join(' · ')
            : shoppingWords.arrived}
        </p>
      </div>
      {state.kind === 'arrived' && (
        <div className={`${classes.does} no-print`}>
          <button
            type="button"
            className={classes.first}
            aria-label={shoppingWords.putAwayOf(title)}
            onClick={onPutAway}
          >
            {shoppingWords.putAway}
          </button>
        </div>
      )}
    </li>
  )
}

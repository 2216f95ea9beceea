/** One line in the shop: what to ask for, how many packs and for where; ticked, or not to be had. */
import { Checkbox } from '@mantine/core'
import { changePurchase, markPurchase, removePurchase } from '../../../contract/restock'
import { itemTitle } from '../../../core/stock/item'
import { useActing } from '../../../ui/acting'
import { useStrap } from '../../../ui/Frame'
import { words } from '../../../words'
import { money } from '../../../words/frame/format'
import classes from './shopping.module.css'
import type { Missing } from './useList'
import type { Purchase } from './view'

const w = words.restock.shopping

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
  const mark = (state: 'listed' | 'in_bag' | 'not_there', said: string) =>
    run(markPurchase, { params, body: { state } }, said, `${said}: ${title}`)
  const change = (to: number) =>
    void run(changePurchase, { params, body: { packs: to } }, w.did.packs)
  const none = async () => {
    if (await mark('not_there', w.did.none))
      onNone({ itemId: item.id, instead: line.instead.map((one) => one.title) })
  }
  return (
    <li className={classes.line} data-bought={inBag}>
      <Checkbox
        checked={inBag}
        disabled={busy}
        size="lg"
        onChange={() => void mark(inBag ? 'listed' : 'in_bag', inBag ? w.did.listed : w.did.bag)}
        aria-label={w.tick(title)}
      />
      <div className={classes.what}>
        <p className={classes.name}>
          <b>{title}</b> <span>{w.packs(packs, packSize, item.unit)}</span>
          {priceMinor !== null && <small>{money(packs * priceMinor, currency)}</small>}
        </p>
        {line.spec !== '' && <p className={classes.spec}>{w.askFor(line.spec)}</p>}
        <p className={classes.why}>
          {[
            ...line.goesTo.map(({ amount, pocket, kit }) => w.goesTo(amount, pocket, kit)),
            ...(wantedBy && wantedBy > today ? [w.by(wantedBy, today)] : []),
            ...(line.source === 'hand' ? [w.byHand] : []),
          ].join(' · ')}
        </p>
        {!inBag && (
          <details className={`${classes.more} no-print`}>
            <summary>{w.more}</summary>
            <div className={classes.does}>
              <span className={classes.stepper}>
                <button
                  type="button"
                  className={classes.press}
                  disabled={busy || packs <= 1}
                  aria-label={w.onePackFewer(title)}
                  onClick={() => change(packs - 1)}
                >
                  −
                </button>
                {w.packs(packs, packSize, item.unit)}
                <button
                  type="button"
                  className={classes.press}
                  disabled={busy}
                  aria-label={w.onePackMore(title)}
                  onClick={() => change(packs + 1)}
                >
                  +
                </button>
              </span>
              <button
                type="button"
                className={classes.press}
                disabled={busy}
                aria-label={w.removeOf(title)}
                onClick={() => void run(removePurchase, { params }, w.did.removed)}
              >
                {w.remove}
              </button>
            </div>
            {line.instead.length > 0 && (
              <>
                <h4>{w.instead}</h4>
                <ul>
                  {line.instead.map((one) => (
                    <li key={one.title}>
                      {w.insteadOf(one.title, one.spec)}
                      {one.kept && <em> · {w.keptToo}</em>}
                    </li>
                  ))}
                </ul>
                <p className="second">{w.judged}</p>
              </>
            )}
          </details>
        )}
      </div>
      <div className={`${classes.does} no-print`}>
        {inBag ? (
          <button
            type="button"
            className={classes.first}
            disabled={busy}
            aria-label={w.putAwayOf(title)}
            onClick={onPutAway}
          >
            {w.putAway}
          </button>
        ) : (
          <button
            type="button"
            className={classes.press}
            disabled={busy}
            aria-label={w.noneOf(title)}
            onClick={() => void none()}
          >
            {w.none}
          </button>
        )}
      </div>
    </li>
  )
}

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

const shoppingWords = words.restock.shopping

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
    void run(changePurchase, { params, body: { packs: to } }, shoppingWords.did.packs)
  const none = async () => {
    if (await mark('not_there', shoppingWords.did.none))
      onNone({ itemId: item.id, instead: line.instead.map((one) => one.title) })
  }
  return (
    <li className={classes.line} data-bought={inBag}>
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
      <div className={classes.what}>
        <p className={classes.name}>
          <b>{title}</b> <span>{shoppingWords.packs(packs, packSize, item.unit)}</span>
          {priceMinor !== null && <small>{money(packs * priceMinor, currency)}</small>}
        </p>
        {line.spec !== '' && <p className={classes.spec}>{shoppingWords.askFor(line.spec)}</p>}
        <p className={classes.why}>
          {[
            ...line.goesTo.map(({ amount, pocket, kit }) =>
              shoppingWords.goesTo(amount, pocket, kit),
            ),
            ...(wantedBy && wantedBy > today ? [shoppingWords.by(wantedBy, today)] : []),
            ...(line.source === 'hand' ? [shoppingWords.byHand] : []),
          ].join(' · ')}
        </p>
        {!inBag && (
          <details className={`${classes.more} no-print`}>
            <summary>{shoppingWords.more}</summary>
            <div className={classes.does}>
              <span className={classes.stepper}>
                <button
                  type="button"
                  className={classes.press}
                  disabled={busy || packs <= 1}
                  aria-label={shoppingWords.onePackFewer(title)}
                  onClick={() => change(packs - 1)}
                >
                  −
                </button>
                {shoppingWords.packs(packs, packSize, item.unit)}
                <button
                  type="button"
                  className={classes.press}
                  disabled={busy}
                  aria-label={shoppingWords.onePackMore(title)}
                  onClick={() => change(packs + 1)}
                >
                  +
                </button>
              </span>
              <button
                type="button"
                className={classes.press}
                disabled={busy}
                aria-label={shoppingWords.removeOf(title)}
                onClick={() => void run(removePurchase, { params }, shoppingWords.did.removed)}
              >
                {shoppingWords.remove}
              </button>
            </div>
            {line.instead.length > 0 && (
              <>
                <h4>{shoppingWords.instead}</h4>
                <ul>
                  {line.instead.map((one) => (
                    <li key={one.title}>
                      {shoppingWords.insteadOf(one.title, one.spec)}
                      {one.kept && <em> · {shoppingWords.keptToo}</em>}
                    </li>
                  ))}
                </ul>
                <p className="second">{shoppingWords.judged}</p>
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
            aria-label={shoppingWords.putAwayOf(title)}
            onClick={onPutAway}
          >
            {shoppingWords.putAway}
          </button>
        ) : (
          <button
            type="button"
            className={classes.press}
            disabled={busy}
            aria-label={shoppingWords.noneOf(title)}
            onClick={() => void none()}
          >
            {shoppingWords.none}
          </button>
        )}
      </div>
    </li>
  )
}

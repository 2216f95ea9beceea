/** What was not to be had, and what the plan put on the list in its place. */
import { markPurchase } from '../../../contract/restock'
import { itemTitle } from '../../../core/stock/item'
import { useActing } from '../../../ui/acting'
import { useStrap } from '../../../ui/Frame'
import { words } from '../../../words'
import classes from './shopping.module.css'
import type { Purchase, Shopping } from './view'

const shoppingWords = words.restock.shopping

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
    <section className={classes.shop} aria-label={shoppingWords.missing}>
      <header>
        <h2>{shoppingWords.missing}</h2>
      </header>
      <ul>
        {missing.map((line) => {
          const { id, item, shop, state } = line
          const other = insteadOf(line, view.lines)
          return (
            <li key={id} className={classes.line} data-ordered>
              <div className={classes.what}>
                <p className={classes.name}>
                  <b>{itemTitle(item)}</b>
                </p>
                <p className={classes.why}>
                  {state.kind === 'not_there' && shoppingWords.missingAt(shop, state.until, today)}
                </p>
                <p aria-live="polite">
                  {other
                    ? shoppingWords.replaced(other.shop, itemTitle(other.item))
                    : isMaking
                      ? shoppingWords.making
                      : shoppingWords.notReplaced}
                </p>
              </div>
              <div className={`${classes.does} no-print`}>
                <button
                  type="button"
                  className={classes.press}
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
                </button>
              </div>
            </li>
          )
        })}
      </ul>
    </section>
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

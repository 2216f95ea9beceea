/** One line to buy: how many and in which packs, why, ticked when it is in the bag. */
import { Checkbox } from '@mantine/core'
import { markShopping } from '../../contract/endpoints'
import { itemTitle } from '../../core/stock/item'
import { useActing } from '../../ui/acting'
import { words } from '../../words'
import { money } from '../../words/format'
import type { Line } from './RestockScreen'
import classes from './restock.module.css'

const w = words.restock

interface Props {
  readonly line: Line
  readonly currency: string
  readonly onPutAway: () => void
}

export function BuyLine({ line, currency, onPutAway }: Props) {
  const { run, busy } = useActing()
  const { item } = line
  const bought = line.mark === 'bought'
  const packs = w.packs(line.packs, item.packSize, item.unit)
  const tick = () =>
    void run(
      markShopping,
      {
        body: {
          itemId: item.id,
          pocketId: line.pocketId,
          state: bought ? 'listed' : 'bought',
        },
      },
      bought ? words.undo.did.unticked : words.undo.did.bought,
    )
  return (
    <li className={classes.line} data-bought={bought}>
      <Checkbox
        checked={bought}
        disabled={busy}
        onChange={tick}
        aria-label={`${w.bought}: ${itemTitle(item)}, ${line.pocket}`}
        size="md"
      />
      <div className={classes.what}>
        <b>{itemTitle(item)}</b>
        <p>
          {w.why(line.good, line.par, line.turning)} ·{' '}
          <a href={`/kits/${line.kitId}?item=${item.id}&pocket=${line.pocketId}`}>
            {line.pocket}, {line.kit}
          </a>
          {line.mark === 'listed' && ` · ${w.listed}`}
        </p>
      </div>
      <div className={classes.howMany}>
        <b>{w.need(line.units, item.unit)}</b>
        <small>{packs}</small>
      </div>
      <span className={classes.cost}>
        {line.costMinor === null
          ? w.noPrice
          : line.packs === 0
            ? ''
            : money(line.costMinor, currency)}
      </span>
      <button
        type="button"
        className={`${classes.putAway} no-print`}
        data-first={bought}
        disabled={busy}
        aria-label={`${w.putAway}: ${itemTitle(item)}, ${line.pocket}`}
        onClick={onPutAway}
      >
        {w.putAway}
      </button>
    </li>
  )
}

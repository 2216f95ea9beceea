/** One pocket with its tags. */
import type { PlainDate } from '../../core/calendar/plainDate'
import { formatAmount } from '../../core/quantity/amount'
import { itemTitle } from '../../core/stock/item'
import { StateOutline } from '../../ui/StateGlyph'
import { words } from '../../words'
import type { LineOnMat, Picked, PocketOnMat, TagOnMat } from './MatScreen'
import classes from './mat.module.css'

const w = words.mat

interface Props {
  readonly pocket: PocketOnMat
  readonly today: PlainDate
  readonly picked: Picked | null
  readonly onPick: (picked: Picked) => void
  readonly onAdd: () => void
}

export function MatPocket({ pocket, today, picked, onPick, onAdd }: Props) {
  const { column, columns, row, rows } = pocket.cell
  return (
    <section
      className={classes.pocket}
      data-sort={pocket.sort}
      aria-label={pocket.name}
      style={
        {
          '--column': `${column} / span ${columns}`,
          '--row': `${row} / span ${rows}`,
        } as React.CSSProperties
      }
    >
      <header>
        <h2>{pocket.name}</h2>
        <small>
          {[
            pocket.sort === 'elsewhere' ? w.elsewhere : '',
            pocket.reachSeconds === null ? '' : w.reach(pocket.reachSeconds),
          ]
            .filter(Boolean)
            .join(' · ')}
        </small>
        <button
          type="button"
          className={classes.add}
          onClick={onAdd}
          aria-label={w.addTo(pocket.name)}
        >
          +
        </button>
      </header>
      <div className={classes.tags}>
        {pocket.lines.length === 0 && <p className={classes.emptyPocket}>{w.empty}</p>}
        {pocket.lines.flatMap((line) =>
          line.tags.length === 0
            ? [
                <BareTag
                  key={line.item.id}
                  line={line}
                  pocketId={pocket.id}
                  picked={picked}
                  onPick={onPick}
                />,
              ]
            : line.tags.map((tag, index) => (
                <Tag
                  key={`${line.item.id}${tag.lot.id}`}
                  line={line}
                  tag={tag}
                  last={index === line.tags.length - 1}
                  today={today}
                  pocketId={pocket.id}
                  picked={picked}
                  onPick={onPick}
                />
              )),
        )}
      </div>
    </section>
  )
}

interface TagProps {
  readonly line: LineOnMat
  readonly pocketId: string
  readonly picked: Picked | null
  readonly onPick: (picked: Picked) => void
}

function Tag({
  line,
  tag,
  last,
  today,
  pocketId,
  picked,
  onPick,
}: TagProps & { readonly tag: TagOnMat; readonly last: boolean; readonly today: PlainDate }) {
  const title = itemTitle(line.item)
  const stateText = words.state(tag.judged, today)
  // The par is for all lots of the item together: it stands on the last of their tags.
  const par = line.par > 0 && last ? `/${formatAmount(line.par)}` : ''
  const isPicked = picked?.lotId === tag.lot.id && picked.pocketId === pocketId
  return (
    <button
      type="button"
      data-tag
      className={classes.tag}
      data-state={tag.judged.state}
      aria-pressed={isPicked}
      onClick={() => onPick({ pocketId, itemId: line.item.id, lotId: tag.lot.id })}
    >
      <StateOutline state={tag.judged.state} />
      <span className={classes.eyelet} />
      <span className={classes.tagName}>{title}</span>
      <span className={classes.tagUnder}>
        <small>{stateText}</small>
        <b data-short={line.state !== 'enough'}>
          {formatAmount(tag.amount)}
          {par}
        </b>
      </span>
    </button>
  )
}

function BareTag({ line, pocketId, picked, onPick }: TagProps) {
  const title = itemTitle(line.item)
  return (
    <button
      type="button"
      data-tag
      className={classes.tag}
      data-state="bare"
      aria-pressed={
        picked?.lotId === null && picked.itemId === line.item.id && picked.pocketId === pocketId
      }
      onClick={() => onPick({ pocketId, itemId: line.item.id, lotId: null })}
    >
      <StateOutline state="bare" />
      <span className={classes.eyelet} />
      <span className={classes.tagName}>{title}</span>
      <span className={classes.tagUnder}>
        <small>{w.bare}</small>
        <b data-short>0/{formatAmount(line.par)}</b>
      </span>
    </button>
  )
}

/** One pocket with its tags: a place to drop tags on, with how full it is. */

import { useDraggable, useDroppable } from '@dnd-kit/core'
import { IconSnowflake, IconTemperature } from '@tabler/icons-react'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { formatAmount } from '../../../core/quantity/amount'
import { itemTitle } from '../../../core/stock/item'
import { Box, Row } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { useStrap } from '../../../ui/Frame'
import { useMay } from '../../../ui/role'
import { StateOutline } from '../../../ui/StateGlyph'
import * as words from '../../../words'
import classes from './mat.module.css'
import type { LineOnMat, Picked, PocketOnMat, TagOnMat } from './view'

const matWords = words.kits.mat

interface Props {
  readonly pocket: PocketOnMat
  readonly today: PlainDate
  readonly picked: Picked | null
  /** How many hints there are about it. */
  readonly hints: number
  readonly onPick: (picked: Picked) => void
  readonly onAdd: () => void
  readonly onChange: () => void
}

export function MatPocket({ pocket, today, picked, hints, onPick, onAdd, onChange }: Props) {
  const { column, columns, row, rows } = pocket.cell
  const arranges = useMay('arrange')
  // How full it is says how much there is that is not shown.
  const seesAll = useMay('look')
  const { setNodeRef, isOver } = useDroppable({ id: pocket.id })
  return (
    <Box
      as="section"
      asides="beside"
      ref={setNodeRef}
      className={classes.pocket}
      data-sort={pocket.sort}
      data-over={isOver}
      data-clear={pocket.clear}
      aria-label={pocket.name}
      style={
        {
          '--column': `${column} / span ${columns}`,
          '--row': `${row} / span ${rows}`,
        } as React.CSSProperties
      }
    >
      <Row as="header" gap={3} align="center">
        <Box as="h2" size={3} tone="matInk" grow shrink breakable>
          {arranges ? (
            <Button kind="bare" onClick={onChange} aria-label={words.kits.pocket.edit(pocket.name)}>
              {pocket.name}
            </Button>
          ) : (
            pocket.name
          )}
        </Box>
        <small>
          {[
            pocket.sort === 'elsewhere'
              ? pocket.spot
                ? words.kits.pocket.spotName(pocket.spot)
                : matWords.elsewhere
              : '',
            pocket.reachSeconds === null ? '' : matWords.reach(pocket.reachSeconds),
          ]
            .filter(Boolean)
            .join(' · ')}
        </small>
        <Button
          kind="bare"
          needs="use"
          className={classes.add}
          onClick={onAdd}
          aria-label={matWords.addTo(pocket.name)}
        >
          +
        </Button>
      </Row>
      <Row gapX={4} gapY={5} wrap above={4}>
        {pocket.lines.length === 0 && (
          <Box as="p" size={2} tone="second">
            {matWords.empty}
          </Box>
        )}
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
      </Row>
      {seesAll && <FillBar pocket={pocket} hints={hints} />}
    </Box>
  )
}

/** A line along the lower seam: how much of the room is taken. */
function FillBar({
  pocket: { name, fill },
  hints,
}: {
  readonly pocket: PocketOnMat
  readonly hints: number
}) {
  const { share } = fill
  const { habits } = useStrap()
  const over = (share !== null && share > 1) || fill.tooBig.length > 0
  return (
    <Row
      as="footer"
      gap={4}
      align="center"
      size={1}
      tone="second"
      className={classes.fill}
      data-over={over}
    >
      {share !== null && (
        <Box
          line="mat"
          as="span"
          surface="mat"
          radius={1}
          className={classes.fillBar}
          role="meter"
          aria-label={words.kits.pocket.fill(name)}
          aria-valuemin={0}
          aria-valuemax={100}
          aria-valuenow={Math.min(100, Math.round(100 * share))}
        >
          <Box as="i" block style={{ width: `${Math.min(100, 100 * share)}%` }} />
        </Box>
      )}
      <small>
        {[
          share === null ? '' : words.kits.pocket.full(share),
          fill.grams > 0 ? words.kits.load.weighs(fill.grams, habits.units) : '',
          fill.longest === null ? '' : words.kits.pocket.longest(fill.longest),
          hints > 0 ? words.kits.pocket.mind(hints) : '',
        ]
          .filter(Boolean)
          .join(' · ')}
      </small>
    </Row>
  )
}

interface TagProps {
  readonly line: LineOnMat
  readonly pocketId: string
  readonly picked: Picked | null
  readonly onPick: (picked: Picked) => void
}

/** What is dragged: a lot out of a pocket. */
export interface DraggedTag {
  readonly lotId: string
  readonly from: string
  readonly amount: number
  readonly version: number
  readonly title: string
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
  const stateText = words.stock.state(tag.judged, today)
  // The par is for all lots of the item together: it stands on the last of their tags.
  const par = line.par > 0 && last ? `/${formatAmount(line.par)}` : ''
  const isPicked = picked?.lotId === tag.lot.id && picked.pocketId === pocketId
  const dragged: DraggedTag = {
    lotId: tag.lot.id,
    from: pocketId,
    amount: tag.amount,
    version: tag.lot.version,
    title,
  }
  const { setNodeRef, listeners, isDragging } = useDraggable({
    id: `${tag.lot.id}/${pocketId}`,
    data: dragged,
  })
  return (
    <Button
      kind="bare"
      ref={setNodeRef}
      {...listeners}
      data-tag
      data-dragging={isDragging}
      className={classes.tag}
      data-state={tag.judged.state}
      aria-pressed={isPicked}
      onClick={() => onPick({ pocketId, itemId: line.item.id, lotId: tag.lot.id })}
    >
      <StateOutline state={tag.judged.state} />
      <Box surface="pocket" as="span" line="ink" className={classes.eyelet} />
      <Box anchor as="span" size={2} weight="bold" breakable block>
        {title}
      </Box>
      <Row
        anchor
        as="span"
        gap={5}
        align="baseline"
        justify="between"
        size={2}
        className={classes.tagUnder}
      >
        <Box as="small" size={1} tone="second" breakable>
          {stateText}
          {tag.weather && <Mark weather={tag.weather} today={today} />}
        </Box>
        <b data-short={line.state !== 'enough'}>
          {formatAmount(tag.amount)}
          {par}
        </b>
      </Row>
    </Button>
  )
}

/** Small, and never by colour alone: harmed by heat or frost, or about to be. */
function Mark({
  weather,
  today,
}: {
  readonly weather: NonNullable<TagOnMat['weather']>
  readonly today: PlainDate
}) {
  const Icon =
    weather.kind === 'coming' && weather.what === 'frost' ? IconSnowflake : IconTemperature
  return (
    <Row as="span" gap={2} align="center" weight="bold" tone="ink">
      <Icon size={12} aria-hidden />
      {weather.kind === 'harmed'
        ? words.storage.harmed
        : words.storage.coming(weather.what, weather.on, today)}
    </Row>
  )
}

function BareTag({ line, pocketId, picked, onPick }: TagProps) {
  const title = itemTitle(line.item)
  return (
    <Button
      kind="bare"
      data-tag
      className={classes.tag}
      data-state="bare"
      aria-pressed={
        picked?.lotId === null && picked.itemId === line.item.id && picked.pocketId === pocketId
      }
      onClick={() => onPick({ pocketId, itemId: line.item.id, lotId: null })}
    >
      <StateOutline state="bare" />
      <Box surface="pocket" as="span" line="ink" className={classes.eyelet} />
      <Box anchor as="span" size={2} weight="bold" breakable block>
        {title}
      </Box>
      <Row
        anchor
        as="span"
        gap={5}
        align="baseline"
        justify="between"
        size={2}
        className={classes.tagUnder}
      >
        <Box as="small" size={1} tone="second" breakable>
          {matWords.bare}
        </Box>
        <b data-short>0/{formatAmount(line.par)}</b>
      </Row>
    </Button>
  )
}

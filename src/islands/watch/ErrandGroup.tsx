/** What to do at one place, by act; each with its reason, done or put off with one press. */

import { Fragment, useState } from 'react'
import { doErrand, putOffErrand } from '../../contract/watch'
import type { PlainDate } from '../../core/calendar/plainDate'
import { useActing } from '../../ui/acting'
import { Box, Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { type OutlineState, StateGlyph } from '../../ui/StateGlyph'
import { words } from '../../words'
import { counted, fullDay } from '../../words/frame/format'
import type { Watch } from './view'
import classes from './watch.module.css'

type Group = Watch['groups'][number]
type Errand = Group['errands'][number]

const GLYPH: Readonly<Record<Errand['act'], OutlineState>> = {
  throw_away: 'spent',
  ask: 'held',
  clean: 'unclean',
  put_back: 'lent',
  look_for: 'missing',
  replace: 'turning',
  top_up: 'bare',
  check: 'sound',
}
const FEW = 5

interface Props {
  readonly group: Group
  readonly place: Watch['strap']['places'][number]
  readonly today: PlainDate
  readonly alone: boolean
}

export function ErrandGroup({ group, place, today, alone }: Props) {
  const [all, setAll] = useState(alone)
  const shown = all ? group.errands : group.errands.slice(0, FEW)
  const hidden = group.total - shown.length
  return (
    <Box
      asides="beside"
      as="section"
      pad={5}
      line="dashed"
      radius={2}
      data-hue={place.hue}
      aria-label={place.name}
    >
      <Row as="header" gap={4} align="baseline" justify="between">
        <Box as="h2" tone="hue">
          {words.watch.group(place.name, group.next, today)}
        </Box>
        <small>{words.watch.visit(group.next)}</small>
      </Row>
      <ul>
        {shown.map((errand, index) => (
          <Fragment key={errand.key}>
            {errand.act !== shown[index - 1]?.act && (
              <Box as="li" above={4} size={1} weight="bold" tone="second">
                {words.watch.acts[errand.act]}
              </Box>
            )}
            <ErrandRow errand={errand} today={today} />
          </Fragment>
        ))}
      </ul>
      {hidden > 0 &&
        (group.errands.length === group.total ? (
          <Button kind="link" onClick={() => setAll(true)}>
            {words.watch.showAll(group.total)}
          </Button>
        ) : (
          <a href={`/?place=${place.id}`}>{words.watch.showAll(group.total)}</a>
        ))}
    </Box>
  )
}

function ErrandRow({ errand, today }: { readonly errand: Errand; readonly today: PlainDate }) {
  const { run, busy } = useActing()
  const isRound = errand.reason.code === 'round_due'
  const href = isRound
    ? `/rounds?kit=${errand.kitId}`
    : `/kits/${errand.kitId}${errand.lotId ? `?lot=${errand.lotId}` : ''}`
  const needsAnswer = errand.act === 'ask' || errand.act === 'check'
  const amount =
    errand.amount > 0 && errand.act !== 'check'
      ? `${errand.unit === '' ? ' ×' : ','} ${counted(errand.amount, errand.unit)}`
      : ''
  return (
    <Row as="li" gap={5} align="start" padY={4} lineBelow="hairline">
      <StateGlyph state={GLYPH[errand.act]} />
      <Box grow shrink breakable>
        <Box unlined as="a" weight="bold" href={href}>
          {errand.title}
          {amount}
        </Box>
        <Box as="p" size={2} tone="second">
          {words.watch.reason(errand.reason, today)}
          {errand.pocket && ` · ${errand.pocket}, ${errand.kit}`}
          {errand.act === 'throw_away' && (
            <Box as="span" block>
              {' '}
              {words.watch.safeWay(errand.itemKind)}
            </Box>
          )}
        </Box>
      </Box>
      <Row gap={1} align="end" className={classes.presses}>
        {needsAnswer ? (
          <a href={href}>{isRound ? words.watch.press.check : words.watch.open}</a>
        ) : (
          <Button
            disabled={busy}
            aria-label={`${words.watch.press[errand.act]}: ${errand.title}`}
            onClick={() =>
              void run(
                doErrand,
                { body: { errandKey: errand.key } },
                words.undo.did[errand.act as Exclude<Errand['act'], 'ask' | 'check'>],
              )
            }
          >
            {words.watch.press[errand.act]}
          </Button>
        )}
        <Button
          kind="quiet"
          disabled={busy}
          aria-label={words.watch.laterLong(errand.title)}
          onClick={() =>
            void run(putOffErrand, { body: { errandKey: errand.key } }, ({ until }) =>
              words.undo.did.later(until),
            )
          }
        >
          {words.watch.later}
        </Button>
      </Row>
      {errand.due && <span className="visually-hidden">{fullDay(errand.due)}</span>}
    </Row>
  )
}

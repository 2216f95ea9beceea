/** One errand: what, why, what it brings, and the presses that do it or put it off. */

import { doErrand, putOffErrand } from '../../contract/watch'
import type { PlainDate } from '../../core/calendar/plainDate'
import { isPressed } from '../../core/watch/errand'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import { useMay } from '../../ui/role'
import { type OutlineState, StateGlyph } from '../../ui/StateGlyph'
import { shownAtOnce } from '../../ui/shownAtOnce'
import * as words from '../../words'
import { fullDay } from '../../words/frame/format'
import { hrefOf } from './errandLink'
import { type Errand, withDone } from './view'
import classes from './watch.module.css'

const watchWords = words.watch

const GLYPH: Readonly<Record<Errand['act'], OutlineState>> = {
  set_aside: 'held',
  follow_up: 'turning',
  throw_away: 'spent',
  ask: 'held',
  clean: 'unclean',
  put_back: 'lent',
  look_for: 'missing',
  carry: 'bare',
  buy: 'bare',
  refill: 'turning',
  replace: 'turning',
  top_up: 'bare',
  make_up: 'bare',
  check: 'sound',
  take_in: 'turning',
  pack: 'turning',
  unpack: 'lent',
  bring_back: 'lent',
  weigh: 'sound',
  ask_member: 'sound',
  teach: 'sound',
  find_out: 'bare',
  identify: 'sound',
}

const titleOf = ({ title, act }: Errand): string => title || watchWords.untitled(act)

interface Props {
  readonly errand: Errand
  readonly today: PlainDate
}

/** A line in the group of its place. */
export function ErrandRow(props: Props) {
  const { errand } = props
  return (
    <Row as="li" gap={5} align="start" padY={4} lineBelow="hairline">
      <StateGlyph state={GLYPH[errand.act]} />
      <Box grow shrink breakable>
        <Box as="small" size={1} weight="bold" tone="second" block>
          {watchWords.acts[errand.act]}
        </Box>
        <Box unlined as="a" weight="bold" href={hrefOf(errand)}>
          {titleOf(errand)}
          {watchWords.amount(errand)}
        </Box>
        <Why {...props} />
      </Box>
      <Row gap={1} align="end" className={classes.presses}>
        <Presses errand={errand} />
      </Row>
      {errand.due && <span className="visually-hidden">{fullDay(errand.due)}</span>}
    </Row>
  )
}

/** One of the gravest, above everything else. */
export const ErrandCard = (
  props: Props & { readonly place: string; readonly hue: string | undefined },
) => {
  const { errand, place, hue } = props
  return (
    <Stack packed as="li" gap={2} pad={5} line="ink" radius={2} data-hue={hue}>
      <Box as="small" size={2} weight="bold" tone="hue">
        {place}
      </Box>
      <Box unlined as="a" size={4} weight="bold" face="display" href={hrefOf(errand)}>
        {watchWords.acts[errand.act]}: {titleOf(errand)}
        {watchWords.amount(errand)}
      </Box>
      <Box grow>
        <Why {...props} />
      </Box>
      <Row gap={4} align="center" wrap above={2}>
        <Presses errand={errand} isMain />
      </Row>
    </Stack>
  )
}

interface PressesProps {
  readonly errand: Errand
  readonly isMain?: boolean
}

function Presses({ errand, isMain = false }: PressesProps) {
  const isTheirs = useMay('use')
  if (errand.isDone)
    return (
      <Box as="b" tone="second">
        {watchWords.isDone}
      </Box>
    )
  return isTheirs ? (
    <>
      <Do errand={errand} isMain={isMain} />
      <Later errand={errand} />
    </>
  ) : null
}

function Why({ errand, today }: Props) {
  const { habits } = useStrap()
  const where = [errand.pocket, errand.kit].filter(Boolean).join(', ')
  return (
    <>
      {errand.brings.map((one) => (
        <Box as="p" size={2} key={`${one.problemId}${one.from}`} className={classes.brings}>
          {watchWords.brings(one, today)}
        </Box>
      ))}
      <Box as="p" size={2} tone="second">
        {watchWords.reason(errand, today, habits.currency)}
        {where !== '' && errand.reason.code !== 'round_due' && ` · ${where}`}
        {errand.kitIs &&
          errand.act !== 'bring_back' &&
          ` · ${watchWords.kitIs(errand.kitIs, today)}`}
        {errand.act === 'throw_away' && (
          <Box as="span" block>
            {' '}
            {watchWords.safeWay(errand.itemKind)}
          </Box>
        )}
      </Box>
    </>
  )
}

function Do({ errand, isMain = false }: PressesProps) {
  const { run, busy } = useActing()
  const said = watchWords.press[errand.act]
  const label = `${said}: ${titleOf(errand)}`
  const kind = isMain ? 'strong' : undefined
  const { act } = errand
  // Where nobody can say into which pocket, it is asked.
  if (!isPressed(act) || (errand.pocket === '' && act !== 'bring_back'))
    return (
      <ButtonLink {...(kind && { kind })} href={hrefOf(errand)} aria-label={label}>
        {said}
      </ButtonLink>
    )
  return (
    <Button
      {...(kind && { kind })}
      disabled={busy}
      aria-label={label}
      onClick={() =>
        void run(
          doErrand,
          { body: { errandKey: errand.key } },
          `${errand.title} ${words.undo.errands[act]}`,
          { atOnce: shownAtOnce(['watch'], withDone(errand.key)) },
        )
      }
    >
      {said}
    </Button>
  )
}

function Later({ errand }: { readonly errand: Errand }) {
  const { run, busy } = useActing()
  return (
    <Button
      kind="quiet"
      disabled={busy}
      aria-label={watchWords.laterLong(titleOf(errand))}
      onClick={() =>
        void run(
          putOffErrand,
          { body: { errandKey: errand.key } },
          ({ until }) => words.undo.did.later(until),
          { atOnce: shownAtOnce(['watch'], withDone(errand.key)) },
        )
      }
    >
      {watchWords.later}
    </Button>
  )
}

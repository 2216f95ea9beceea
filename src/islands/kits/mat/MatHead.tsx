/** Above the mat: which kit it is, whether it closes, and what can be done with the whole of it. */

import { IconPrinter } from '@tabler/icons-react'
import { checkKit } from '../../../contract/kits'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { itemTitle } from '../../../core/stock/item'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button, ButtonLink } from '../../../ui/Button'
import { Explain } from '../../../ui/Explain'
import { useStrap } from '../../../ui/Frame'
import { useMay } from '../../../ui/role'
import * as words from '../../../words'
import { money } from '../../../words/frame/format'
import { TripLinks } from '../../trips/TripLinks'
import classes from './mat.module.css'
import { TakeAlong } from './TakeAlong'
import type { Kit } from './view'

/** The mat itself, or what is done instead of looking at it. */
export type MatMode = 'mat' | 'kit' | 'pockets' | 'forMe'

const matWords = words.kits.mat

interface Props {
  readonly kit: Kit
  readonly today: PlainDate
  readonly onMode: (mode: MatMode) => void
}

export function MatHead({ kit, today, onMode }: Props) {
  const { run, busy } = useActing()
  const { habits, places } = useStrap()
  const { load } = kit
  const seesAll = useMay('look')
  return (
    <Stack
      columns="minmax(0, 1fr) auto"
      collapse
      as="header"
      gapX={6}
      gapY={1}
      align="center"
      below={5}
    >
      <Box as="h1" breakable>
        {kit.name}, {kit.place.name}
      </Box>
      <Row gap={3} justify="end" wrap className="no-print">
        <ButtonLink href={`/rounds?kit=${kit.id}`}>{words.rounds.startHere}</ButtonLink>
        <Button
          needs="use"
          disabled={busy}
          onClick={() =>
            void run(checkKit, { params: { kitId: kit.id } }, words.undo.did.check(kit.name))
          }
        >
          {matWords.looked}
        </Button>
        <Button needs="arrange" onClick={() => onMode('forMe')}>
          {words.kits.arrange.forMe}
        </Button>
      </Row>
      <div>
        <Box as="p" size={2} className="second">
          {[
            kit.note,
            kit.minutesAway ? matWords.minutesAway(kit.minutesAway) : '',
            whereabouts(kit, places, today),
            words.kits.look(kit.look, today),
            matWords.nextCheck(kit.nextCheck, today),
          ]
            .filter(Boolean)
            .join(' · ')}{' '}
          <Explain id="check" /> <TakeAlong kit={kit} />
        </Box>
        <TripLinks of={kit.id} />
      </div>
      {seesAll && <Targets kit={kit} />}
      {/* Of whoever does not see the medicines, a weight would be a wrong one. */}
      {seesAll && (
        <Row
          as="p"
          gapX={6}
          gapY={1}
          wrap
          above={1}
          size={2}
          className={classes.load}
          data-closes={load.closes.kind}
        >
          <b>{words.kits.load.weighs(load.grams, habits.units)}</b>
          <Explain id="load" />
          {load.tooHeavyBy > 0 && (
            <Box as="em" weight="bold" tone="bad">
              {words.kits.load.tooHeavy(load.tooHeavyBy, habits.units)}
            </Box>
          )}
          <b>{words.kits.load.closes(load.closes)}</b>
          <Box as="span" tone="second">
            {[
              words.kits.litres(load.volume),
              words.kits.load.worth(money(load.valueMinor, habits.currency)),
              words.kits.load.yearly(money(load.yearlyMinor, habits.currency)),
              load.unsized > 0 ? words.kits.load.unsized(load.unsized) : '',
              load.unpriced > 0 ? words.kits.load.unpriced(load.unpriced) : '',
            ]
              .filter(Boolean)
              .join(' · ')}
          </Box>
        </Row>
      )}
      <Row gapX={6} gapY={2} justify="end" wrap className={`${classes.headQuiet} no-print`}>
        <Button kind="quiet" needs="arrange" onClick={() => onMode('pockets')}>
          {words.kits.arrange.pockets}
        </Button>
        <Button kind="quiet" needs="arrange" onClick={() => onMode('kit')}>
          {matWords.edit}
        </Button>
        <ButtonLink kind="quiet" needs="look" href={`/kits/${kit.id}/sheet`}>
          {kit.lidSheet && !kit.lidSheet.upToDate
            ? words.rounds.end.sheetOld(kit.lidSheet.on, today)
            : matWords.print}
        </ButtonLink>
        <ButtonLink kind="quiet" needs="look" href={`/kits/${kit.id}/labels`}>
          {words.labels.title}
        </ButtonLink>
        <Button icon={IconPrinter} kind="quiet" onClick={() => print()}>
          {words.kits.arrange.printed}
        </Button>
      </Row>
    </Stack>
  )
}

/** With whom a kit is; empty where it stays at its place. */
function whereabouts(
  { goesWith, members }: Kit,
  places: readonly { readonly id: string; readonly name: string }[],
  today: PlainDate,
): string {
  if (!goesWith) return ''
  const { memberId, to, since } = goesWith
  const name = members.find(({ id }) => id === memberId)?.name ?? null
  const names = places.flatMap((place) =>
    (to as readonly string[]).includes(place.id) ? [place.name] : [],
  )
  return words.kits.carried.where(name, names, since, today)
}

/** How many targets are met; pressing it lists those that are not. */
function Targets({ kit }: Pick<Props, 'kit'>) {
  const missed = kit.pockets.flatMap((pocket) =>
    pocket.lines
      .filter(({ state, par }) => par > 0 && state !== 'enough')
      .map((line) => ({ pocket, line })),
  )
  const said = words.ready.targets(kit.targets)
  if (missed.length === 0)
    return (
      <Box as="p" size={2}>
        <b>{said}</b>
      </Box>
    )
  return (
    <Box as="details" size={2}>
      <Box as="summary" weight="bold">
        {said}
      </Box>
      <Box as="p" tone="second">
        {words.ready.targetsMissed(missed.length)} <Explain id="targets" />
      </Box>
      <ul>
        {missed.map(({ pocket, line }) => (
          <Box as="li" padY={1} key={`${pocket.id}/${line.item.id}`}>
            <a href={`/kits/${kit.id}?item=${line.item.id}&pocket=${pocket.id}`}>
              {itemTitle(line.item)}
            </a>{' '}
            {matWords.countOf(line.good, line.par)} · {pocket.name}
          </Box>
        ))}
      </ul>
    </Box>
  )
}

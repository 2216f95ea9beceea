/** One visit on the line of time: what to have bought, take along, put, swap out and throw away. */

import type { ReactNode } from 'react'
import type { BuyLine, CarryLine, TakeOutLine } from '../../../core/restock/board'
import type { VisitStop } from '../../../core/restock/timeline'
import { Box, Row, Stack } from '../../../ui/Box'
import * as words from '../../../words'
import { money } from '../../../words/frame/format'
import { Carry, ThrowAway } from './Done'
import { KeepOrNot } from './KeepOrNot'
import { namesOf } from './names'
import classes from './plan.module.css'
import type { Found } from './usePlan'

const planWords = words.plan

interface Props {
  readonly visit: VisitStop
  readonly found: Found
}

export function VisitCard({ visit, found }: Props) {
  const { view, budgetMinor } = found
  const names = namesOf(view)
  const at = visit.stop
  const stop = names.stop(at)
  const sum = (minor: number) => money(minor, view.currency)
  const when = names.day(visit.day)
  return (
    <Box
      asides="beside"
      anchor
      as="li"
      padX={6}
      padY={5}
      surface="paper"
      line="hairline"
      className={classes.visit}
      data-hue={stop?.hue}
    >
      <Row as="header" gapX={6} gapY={2} align="baseline" justify="between" wrap>
        <Box as="h2" size={4}>
          <time dateTime={when}>{planWords.day(when, names.today)}</time>{' '}
          <span>{[stop?.name, stop?.kit].filter(Boolean).join(': ')}</span>
        </Box>
        {visit.spentMinor > 0 && (
          <small>
            {planWords.soFar(sum(visit.spentMinor), budgetMinor === null ? null : sum(budgetMinor))}
          </small>
        )}
      </Row>
      <Part title={planWords.buyBefore} of={visit.buys}>
        {(buy) => <Bought key={`${buy.offer}/${buy.by}`} buy={buy} found={found} at={at} />}
      </Part>
      <Part title={planWords.takeAlong} of={visit.takes}>
        {(carry) => (
          <Stack
            gapX={5}
            columns="minmax(0, 1fr) auto"
            collapse
            as="li"
            align="start"
            key={keyOf(carry)}
          >
            <Box as="p" breakable>
              <b>{amountOf(carry, found)}</b> {names.thing(names.thingOfLine(carry.line)).title}{' '}
              <Box as="span" size={2} tone="second">
                {isBack(carry, found)
                  ? [
                      names.whereLine(carry.line, at),
                      planWords.indoors(names.day(carry.putOn), names.today),
                      ...harmed(carry, found),
                    ].join(' · ')
                  : [
                      `${planWords.from(names.whereShelf(carry.shelf, at))} ${planWords.to(names.whereLine(carry.line, at))}`,
                      ...harmed(carry, found),
                    ].join(' · ')}
              </Box>
            </Box>
          </Stack>
        )}
      </Part>
      <Part title={planWords.putHere} of={visit.puts}>
        {(carry) => <Carried key={keyOf(carry)} carry={carry} found={found} at={at} />}
      </Part>
      {(['take_in', 'swap_out', 'throw_away'] as const).map((kind) => (
        <Part
          key={kind}
          title={planWords.takeOut[kind]}
          of={visit.takeOuts.filter((out) => out.kind === kind)}
        >
          {(out) => (
            <TakenOut
              key={`${out.shelf}/${out.line}/${out.turnsOn}`}
              out={out}
              found={found}
              at={at}
            />
          )}
        </Part>
      ))}
    </Box>
  )
}

/** What is planned, told at one of its stops. */
interface At {
  readonly found: Found
  readonly at: number
}

/** Only what is done today can be ticked off today. */
const isToday = (day: number | null): boolean => day === 0

/** Taken indoors for a while, and put back where it was. */
const isBack = ({ shelf, line }: CarryLine, { view }: Found): boolean =>
  view.problem.shelves[shelf]?.line === line

/** What it is taken away from. */
const harmed = ({ before }: CarryLine, { view }: Found): readonly string[] => {
  const names = namesOf(view)
  return before ? [planWords.harmed(before.by, names.day(before.day), names.today)] : []
}

const keyOf = ({ shelf, line, putOn }: CarryLine): string => `${shelf}/${line}/${putOn}`

const amountOf = ({ amount, line }: CarryLine, { view }: Found): string => {
  const names = namesOf(view)
  return planWords.some(amount, names.thing(names.thingOfLine(line)).unit)
}

interface PartProps<Of> {
  readonly title: string
  readonly of: readonly Of[]
  readonly children: (one: Of) => ReactNode
}

const Part = <Of,>({ title, of, children }: PartProps<Of>) =>
  of.length === 0 ? null : (
    <section className={classes.part}>
      <Box as="h3" size={3}>
        {title}
      </Box>
      <Stack as="ul" gap={4}>
        {of.map(children)}
      </Stack>
    </section>
  )

function Bought({ buy, found, at }: At & { readonly buy: BuyLine }) {
  const { view } = found
  const names = namesOf(view)
  const offer = view.problem.offers[buy.offer]
  const thing = view.things[offer?.thing ?? -1]
  if (!offer || !thing) return null
  const shop = names.shop(offer.shop)
  const meets = buy.goesTo.find((to) => to.meets)?.meets
  const comes = view.coming.find((one) => one.offer === buy.offer)
  return (
    <Stack gapX={5} columns="minmax(0, 1fr) auto" collapse as="li" align="start">
      <Box as="p" breakable>
        <b>{planWords.packs(buy.packs, offer.units, thing.unit)}</b> {thing.title}{' '}
        <Box as="span" tone="second">
          {money(buy.costMinor, view.currency)}
        </Box>
      </Box>
      <Box as="p" size={2} tone="second" breakable>
        {[
          planWords.at(shop === '' ? planWords.anyShop : shop),
          ...(comes ? [planWords.coming[comes.state]] : []),
          ...(buy.orderBy < buy.by ? [planWords.orderBy(names.day(buy.orderBy), names.today)] : []),
          ...perLine(buy.goesTo).map(([line, amount]) =>
            planWords.goesTo(amount, names.whereLine(line, at)),
          ),
          ...(meets ? [planWords.meets(meets, names.day, names.today)] : [planWords.tops]),
          ...(buy.leftOver > 0 ? [planWords.leftOver(buy.leftOver)] : []),
        ].join(' · ')}
      </Box>
      {!comes && (
        <KeepOrNot
          view={view}
          title={thing.title}
          keep={{ kind: 'buy', itemId: thing.itemId, shop, packs: buy.packs }}
          not={{ kind: 'no_buy', itemId: thing.itemId }}
        />
      )}
    </Stack>
  )
}

/** What one line gets of it in all, put there once or bit by bit. */
function perLine(goesTo: BuyLine['goesTo']): readonly (readonly [line: number, amount: number])[] {
  const sums = new Map<number, number>()
  for (const { line, amount } of goesTo) sums.set(line, (sums.get(line) ?? 0) + amount)
  return [...sums]
}

function Carried({ carry, found, at }: At & { readonly carry: CarryLine }) {
  const { view } = found
  const names = namesOf(view)
  const { title } = names.thing(names.thingOfLine(carry.line))
  const shelf = names.shelf(carry.shelf)
  const line = names.line(carry.line)
  if (!shelf || !line) return null
  const lot = { lotId: shelf.lotId, pocketId: shelf.pocketId, to: line.pocketId }
  return (
    <Stack gapX={5} columns="minmax(0, 1fr) auto" collapse as="li" align="start">
      <Box as="p" breakable>
        <b>{amountOf(carry, found)}</b> {title}{' '}
        <Box as="span" tone="second">
          {planWords.saves(money(carry.savesMinor, view.currency))}
        </Box>
      </Box>
      <Box as="p" size={2} tone="second" breakable>
        {[
          isBack(carry, found)
            ? planWords.backFrom
            : planWords.from(names.whereShelf(carry.shelf, at)),
          planWords.to(`${line.pocket}, ${line.kit}`),
          carry.meets ? planWords.meets(carry.meets, names.day, names.today) : planWords.tops,
          ...(carry.turnsOn === null
            ? []
            : [planWords.wouldLapse(names.day(carry.turnsOn), names.today)]),
        ].join(' · ')}
      </Box>
      {isToday(carry.putOn) && <Carry found={found} title={title} carry={carry} />}
      {!isBack(carry, found) && (
        <KeepOrNot
          view={view}
          title={title}
          keep={{ kind: 'carry', ...lot, amount: carry.amount }}
          not={{ kind: 'no_carry', ...lot }}
        />
      )}
    </Stack>
  )
}

function TakenOut({ out, found, at }: At & { readonly out: TakeOutLine }) {
  const { view } = found
  const names = namesOf(view)
  const { title, unit } = names.thing(out.thing)
  const where =
    out.line === null ? names.whereShelf(out.shelf ?? -1, at) : names.whereLine(out.line, at)
  const turns = names.day(out.turnsOn)
  return (
    <Stack gapX={5} columns="minmax(0, 1fr) auto" collapse as="li" align="start">
      <Box as="p" breakable>
        <b>{planWords.some(out.amount, unit)}</b> {title}{' '}
        <Box as="span" tone="second">
          {planWords.worth(money(out.worthMinor, view.currency))}
        </Box>
      </Box>
      <Box as="p" size={2} tone="second" breakable>
        {where} ·{' '}
        {out.kind === 'swap_out'
          ? planWords.swapWhy(turns, names.today)
          : out.by === 'date'
            ? planWords.spent(turns, names.today)
            : planWords.harmed(out.by, turns, names.today)}
      </Box>
      {out.kind === 'throw_away' && isToday(out.on) && (
        <ThrowAway found={found} title={title} out={out} />
      )}
    </Stack>
  )
}

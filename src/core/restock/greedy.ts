/**
 * A plain plan, as one makes it by hand: visit by visit, the most needed first, take what is to
 * spare elsewhere, else buy the pack that is cheapest now. It is what the best plan is compared
 * with, and what is shown where no best plan was found.
 */
import { countsOn, departure, lastOf } from './moving'
import type { Buy, Carry, Decisions, Put } from './plan'
import { type RestockProblem, type Tier, wantedOn } from './problem'
import { endHere, endOn } from './weather'

interface Pile {
  readonly thing: number
  readonly shelf: number | null
  readonly last: number
  /** Its own last day, wherever it is kept well. */
  readonly lasts: number
  /** Here since this day; what is carried on is not carried twice. */
  readonly since: number
  amount: number
}

const ORDER: Readonly<Record<Tier, number>> = { life: 0, urgent: 1, comfort: 2 }

/** Plans visit by visit; linear in visits, lines and lots. */
export function greedyPlan(problem: RestockProblem): Decisions {
  const { lines, shelves, stops, offers, things, days, wishes } = problem
  const piles: Pile[][] = lines.map(() => [])
  const loose: Pile[] = []
  shelves.forEach(({ thing, line, amount, lastDay, here }, shelf) => {
    const pile = {
      thing,
      shelf,
      last: endHere({ lastDay, here }).last,
      lasts: lastOf({ lastDay }),
      since: 0,
      amount,
    }
    if (line === null) loose.push(pile)
    else piles[line]?.push(pile)
  })
  const started = piles.map((of) => good(of, 0))
  const boxes: {
    readonly thing: number
    readonly by: number
    readonly last: number
    left: number
  }[] = []
  const carries: Carry[] = []
  const buys: Buy[] = []
  const puts: Put[] = []
  let left = problem.budgetMinor ?? Number.POSITIVE_INFINITY

  const consume = (from: number, until: number): void =>
    lines.forEach(({ uses }, line) => {
      for (const { day, amount } of uses) {
        if (day < from || day >= until) continue
        let due = amount
        for (const pile of soonest(piles[line] ?? []).filter(({ last }) => last >= day)) {
          const taken = Math.min(due, pile.amount)
          pile.amount -= taken
          due -= taken
        }
      }
    })

  const endOf = (line: number, thing: number, day: number, lasts: number): number =>
    endOn(problem, { line, thing }, day, lasts).last

  const fill = (line: number, day: number): void => {
    const { stop, thing } = lines[line] as (typeof lines)[number]
    const next = stops[stop]?.chances.find((chance) => chance.day > day)?.day ?? days
    const { room } = lines[line] as (typeof lines)[number]
    const wanted = wantedOn(lines[line] as (typeof lines)[number])
    let missing = wanted - good(piles[line] ?? [], next - 1)
    if (room !== null)
      missing = Math.min(
        missing,
        Math.max(room, started[line] ?? 0) - good(piles[line] ?? [], next - 1),
      )
    // Frost or heat would harm it at once.
    if (missing <= 0 || endOf(line, thing, day, Number.POSITIVE_INFINITY) < day) return
    const put = (pile: Omit<Pile, 'since' | 'last'>) => {
      piles[line]?.push({ ...pile, last: endOf(line, thing, day, pile.lasts), since: day })
      missing -= pile.amount
    }
    for (const { pile, spare, from } of spares(line, day, next)) {
      if (missing < 1) break
      const amount = Math.min(spare, Math.floor(missing), pile.amount)
      if (amount < 1 || pile.shelf === null) continue
      const taken = departure({ stop: from, chances: stops[from]?.chances ?? [] }, { stop, day })
      if (!taken || taken.day > pile.last) continue
      pile.amount -= amount
      carries.push({ shelf: pile.shelf, line, amount, takeOn: taken.day, putOn: day })
      put({ ...pile, amount })
    }
    while (missing > 0) {
      const box = boxes.find((one) => one.thing === thing && one.left > 0 && one.last >= day)
      const wants = Math.min(missing, box?.left ?? 0)
      if (box) {
        box.left -= wants
        puts.push({ thing, line, amount: wants, boughtBy: box.by, putOn: day })
        put({ thing, shelf: null, lasts: box.last, amount: wants })
        if (endOf(line, thing, day, box.last) < next - 1) break
        continue
      }
      if (!open(thing, day)) break
    }
  }

  const open = (thing: number, day: number): boolean => {
    if (wishes.some((wish) => wish.kind === 'no_buy' && wish.thing === thing)) return false
    const best = offers
      .map((offer, index) => ({ ...offer, index }))
      .filter((one) => one.thing === thing && one.leadDays <= day && one.priceMinor <= left)
      .sort((a, b) => a.priceMinor / a.units - b.priceMinor / b.units || a.index - b.index)[0]
    if (!best) return false
    left -= best.priceMinor
    const same = buys.findIndex(({ offer, by }) => offer === best.index && by === day)
    const before = buys[same]
    if (before) buys[same] = { ...before, packs: before.packs + 1 }
    else buys.push({ offer: best.index, packs: 1, by: day })
    const last = day + (things[thing]?.freshDays ?? Number.POSITIVE_INFINITY)
    boxes.push({ thing, by: day, last, left: best.units })
    return true
  }

  /** What is to spare elsewhere and lasts here through the next visit, soonest turning first. */
  const spares = (line: number, day: number, next: number) => {
    const { thing } = lines[line] as (typeof lines)[number]
    const fits = (pile: Pile) =>
      pile.thing === thing &&
      countsOn(problem, line, pile.thing) &&
      pile.shelf !== null &&
      pile.since === 0 &&
      pile.amount >= 1 &&
      endOf(line, thing, day, pile.lasts) >= next - 1 &&
      shelves[pile.shelf]?.stays === null &&
      !wishes.some(
        (wish) => wish.kind === 'no_carry' && wish.shelf === pile.shelf && wish.line === line,
      )
    const from = lines.flatMap((other, index) => {
      if (index === line || other.thing !== thing) return []
      const of = piles[index] ?? []
      let spare = good(of, day) - wantedOn(other)
      return soonest(of)
        .filter(fits)
        .map((pile) => {
          const share = Math.max(0, Math.floor(Math.min(spare, pile.amount)))
          spare -= share
          return { pile, spare: share, from: other.stop }
        })
    })
    const free = loose.filter(fits).map((pile) => ({
      pile,
      spare: Math.floor(pile.amount),
      from: shelves[pile.shelf ?? -1]?.stop ?? -1,
    }))
    return [...free, ...from].sort((a, b) => a.pile.last - b.pile.last)
  }

  const events = [...new Set(stops.flatMap(({ chances }) => chances.map(({ day }) => day)))].sort(
    (a, b) => a - b,
  )
  let before = 0
  for (const day of events) {
    consume(before, day)
    before = day
    const due = lines
      .map((line, index) => ({ line, index }))
      .filter(({ line }) => stops[line.stop]?.chances.some((chance) => chance.day === day))
      .sort((a, b) => ORDER[a.line.tier] - ORDER[b.line.tier] || a.index - b.index)
    for (const { index } of due) fill(index, day)
  }
  return { carries, buys, puts }
}

const soonest = (piles: readonly Pile[]): Pile[] => [...piles].sort((a, b) => a.last - b.last)
const good = (piles: readonly Pile[], through: number): number =>
  piles.reduce((total, { amount, last }) => (last >= through ? total + amount : total), 0)

/**
 * What frost and heat do to what lies on a line: how long a thing is good that is put there on a day. By
 * the model of the place, so that a plan keeps nothing where its storage class would be broken.
 */
import type { Spell } from '../exposure/spell'
import type { End, RestockProblem, Shelf, Spoils } from './problem'

const kept = new WeakMap<readonly Spoils[], ReadonlyMap<string, number>>()

function spellFor(
  { spoils, spells }: Pick<RestockProblem, 'spoils' | 'spells'>,
  line: number,
  thing: number,
): Spell | undefined {
  let known = kept.get(spoils)
  if (!known) {
    known = new Map(spoils.map((one) => [`${one.line}/${one.thing}`, one.spell]))
    kept.set(spoils, known)
  }
  return spells[known.get(`${line}/${thing}`) ?? -1]
}

/**
 * How long a thing is good on a line.
 * @param put the day on which it is put there
 * @param lasts the last day of its own date
 */
export function endOn(
  problem: Pick<RestockProblem, 'spoils' | 'spells'>,
  { line, thing }: { readonly line: number; readonly thing: number },
  put: number,
  lasts: number,
): End {
  const spell = spellFor(problem, line, thing)
  const until = spell?.until[put] ?? null
  if (!spell || until === null || until >= lasts) return { last: lasts, by: 'date', on: lasts + 1 }
  return { last: until, on: until + 1, by: spell.by[put] === 'h' ? 'heat' : 'frost' }
}

/** How long it is good where it lies now. */
export function endHere({ lastDay, here }: Pick<Shelf, 'lastDay' | 'here'>): End {
  const lasts = lastDay ?? Number.POSITIVE_INFINITY
  return here && here.last < lasts ? here : { last: lasts, by: 'date', on: lasts + 1 }
}

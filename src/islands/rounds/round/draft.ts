/** An answer while it is being given: what the card shows, and the look it comes to. */
import type { Expiry } from '../../../core/calendar/expiry'
import { type Amount, less, MOST, NOTHING, THOUSAND } from '../../../core/quantity/amount'
import type { Thing } from '../../../core/rounds/contents'
import {
  type DateLook,
  type Gone,
  type Look,
  type Proof,
  plainLook,
  type Was,
} from '../../../core/rounds/round'
import type { Condition } from '../../../core/stock/lot'

export type Draft = Look

export const isAway = ({ judged }: Thing): boolean =>
  judged.state === 'lent' || judged.state === 'missing'

/** The card opens on what is recorded, or on the answer that was given before. */
export const draftOf = (thing: Thing, earlier: Look | null): Draft =>
  earlier ?? plainLook(thing.recorded)

/** Whole units, from what is there; a part of one is typed. */
export const stepped = (draft: Draft, by: 1 | -1): Draft =>
  withFound(draft, within(draft.found + by * THOUSAND))

const within = (thousandths: number): Amount => Math.min(MOST, Math.max(0, thousandths)) as Amount

export function withFound(draft: Draft, found: Amount): Draft {
  const { worse, opened } = draft
  return {
    ...draft,
    found,
    // "Not here" is said of all of it.
    gone: draft.gone === 'missing' && found > NOTHING ? 'unknown' : draft.gone,
    worse: worse && found > NOTHING ? { ...worse, amount: least(worse.amount, found) } : null,
    opened: least(opened, found),
  }
}

export const withGone = (draft: Draft, gone: Gone): Draft => ({
  ...draft,
  gone: draft.gone === gone ? 'unknown' : gone,
})

/** One press says that one is so, another that none is; how many can be said then. */
export const withCondition = (draft: Draft, condition: Condition): Draft => ({
  ...draft,
  worse:
    draft.worse?.condition === condition
      ? null
      : { condition, amount: least(THOUSAND as Amount, draft.found) },
})

export const withWorse = (draft: Draft, by: 1 | -1): Draft => {
  const { worse, found } = draft
  if (!worse) return draft
  const amount = least(within(Math.max(THOUSAND, worse.amount + by * THOUSAND)), found)
  return { ...draft, worse: { ...worse, amount } }
}

export const withProof = (draft: Draft, proof: Proof): Draft => ({
  ...draft,
  proofs: draft.proofs.includes(proof)
    ? draft.proofs.filter((one) => one !== proof)
    : [...draft.proofs, proof],
})

export const withOpened = (draft: Draft): Draft => ({
  ...draft,
  opened: draft.opened > NOTHING ? NOTHING : least(THOUSAND as Amount, draft.found),
})

export const withDate = (draft: Draft, date: DateLook): Draft => ({ ...draft, date })

const least = (a: Amount, b: Amount): Amount => (a < b ? a : b)

/** So many fewer than recorded. */
export const fewer = (thing: Thing, { found }: Draft): Amount => less(thing.recorded, found)

export const lookOf = (thing: Thing, draft: Draft): Look => ({
  ...draft,
  // What became of the rest is only said where there is a rest.
  gone: draft.found < thing.recorded ? draft.gone : 'unknown',
  worse: draft.worse && draft.worse.amount > NOTHING ? draft.worse : null,
  date: sameDate(draft.date, thing.expiry) ? { kind: 'as_recorded' } : draft.date,
})

const sameDate = (date: DateLook, recorded: Expiry): boolean =>
  date.kind === 'other' && JSON.stringify(date.expiry) === JSON.stringify(recorded)

export const wasOf = (thing: Thing): Was => ({
  title: thing.title,
  unit: thing.unit,
  kind: thing.kind,
  amount: thing.recorded,
  expiry: thing.expiry,
  away: isAway(thing),
})

/** "Not here" is said where none is left. */
export const goneChoices = ({ found }: Draft): readonly Gone[] =>
  found === NOTHING ? ['used', 'thrown_away', 'missing'] : ['used', 'thrown_away']

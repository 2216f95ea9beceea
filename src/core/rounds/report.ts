/** What a round came to: found against recorded, what changed, and what was not looked at. */
import { assertNever } from '../brand'
import type { Expiry } from '../calendar/expiry'
import { type Amount, less, NOTHING } from '../quantity/amount'
import type { Condition } from '../stock/lot'
import type { Progress, ThingProgress } from './progress'
import type { Gone, Look, Was } from './round'

export type Finding =
  | {
      readonly kind: 'fewer'
      readonly recorded: Amount
      readonly found: Amount
      readonly gone: Gone
    }
  | { readonly kind: 'more'; readonly recorded: Amount; readonly found: Amount }
  | { readonly kind: 'other_date'; readonly was: Expiry; readonly expiry: Expiry }
  | { readonly kind: 'worse'; readonly condition: Condition; readonly amount: Amount }
  | { readonly kind: 'opened'; readonly amount: Amount }
  | { readonly kind: 'taken_out'; readonly amount: Amount }
  /** It was lent or missed, and lies here. */
  | { readonly kind: 'back'; readonly amount: Amount }
  | { readonly kind: 'note'; readonly note: string }

export interface ReportLine {
  readonly pocket: string
  readonly title: string
  readonly unit: string
  readonly by: string
  readonly findings: readonly Finding[]
}

export interface Report {
  /** What was not as recorded, in the order of the round. */
  readonly lines: readonly ReportLine[]
  readonly extra: readonly {
    readonly pocket: string
    readonly title: string
    readonly amount: Amount
    readonly by: string
  }[]
  readonly contradicted: readonly ThingProgress[]
  /** Found as recorded. */
  readonly asRecorded: number
  readonly notLookedAt: number
}

export function reportOf({ pockets, asked, answered }: Progress): Report {
  const lines: ReportLine[] = []
  let asRecorded = 0
  for (const { pocket, things } of pockets)
    for (const { answer } of things) {
      if (!answer) continue
      const { was, look } = answer.fact
      const findings = findingsOf(was, look)
      if (findings.length === 0) asRecorded += 1
      else
        lines.push({
          pocket: pocket.name,
          title: was.title,
          unit: was.unit,
          by: answer.by,
          findings,
        })
    }
  return {
    lines,
    asRecorded,
    extra: pockets.flatMap(({ pocket, found }) =>
      found.map(({ by, fact }) => ({
        pocket: pocket.name,
        title: fact.title,
        amount: fact.amount,
        by,
      })),
    ),
    contradicted: pockets.flatMap(({ things }) => things.filter(({ against }) => against !== null)),
    notLookedAt: asked - answered,
  }
}

function findingsOf(was: Was, look: Look): readonly Finding[] {
  const { amount: recorded, away } = was
  const { found, gone } = look
  const findings: Finding[] = []
  if (away && found > NOTHING) findings.push({ kind: 'back', amount: found })
  else if (found < recorded && gone !== 'still_away')
    findings.push(
      gone === 'thrown_away'
        ? { kind: 'taken_out', amount: less(recorded, found) }
        : { kind: 'fewer', recorded, found, gone },
    )
  else if (found > recorded) findings.push({ kind: 'more', recorded, found })
  switch (look.date.kind) {
    case 'other':
      findings.push({ kind: 'other_date', was: was.expiry, expiry: look.date.expiry })
      break
    case 'not_read':
    case 'as_recorded':
      break
    default:
      assertNever(look.date)
  }
  if (look.worse) findings.push({ kind: 'worse', ...look.worse })
  if (look.opened > NOTHING) findings.push({ kind: 'opened', amount: look.opened })
  if (look.note !== '') findings.push({ kind: 'note', note: look.note })
  return findings
}

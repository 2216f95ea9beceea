/** Catalogue, needs and rules are one rule book: checked together when it is loaded. */
import { CATALOGUE, faultsOf, RuleBookError } from '../catalogue/catalogue'
import type { CatalogueEntry } from '../catalogue/entry'
import type { Need } from './need'
import { NEEDS, needFaults } from './needs'
import { RULES, type Rule, ruleFaults } from './rules'

export interface RuleBook {
  readonly entries: readonly CatalogueEntry[]
  readonly needs: readonly Need[]
  readonly rules: readonly Rule[]
}

/**
 * The shipped rule book, or one with parts put in the place of its own.
 * @throws {RuleBookError} naming every offender
 */
export function loadRuleBook(own: Partial<RuleBook> = {}): RuleBook {
  const book = { entries: CATALOGUE, needs: NEEDS, rules: RULES, ...own }
  const faults = [
    ...faultsOf(book.entries),
    ...needFaults(book.needs, new Set(book.entries.flatMap(({ roles }) => roles))),
    ...ruleFaults(book.rules),
  ]
  if (faults.length > 0) throw new RuleBookError(faults)
  return book
}

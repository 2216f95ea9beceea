/** Labels for pockets that say less than what lies in them. */
import type { SectionId } from '../catalogue/entry'
import type { Bay, Layout, LayoutProblem } from './problem'
import { namesSomebody, promises, purposeOf, saysNothing, underLabel } from './purpose'
import { isAtOnce } from './score'
import { SECTION_LABELS } from './topics'

export interface ProposedLabel {
  /** Index of the bay. */
  readonly bay: number
  readonly name: string
  /** How many of the things in it the label names. */
  readonly names: number
  readonly of: number
}

/** With fewer things one sees what it is for. */
const FEWEST = 3
/** A label is worth writing when it names so much of what is there. */
const MOST_OF_IT = 2 / 3
/** As long as a name may be. */
const LONGEST = 60

/** A new label for each pocket that needs one; the pocket's own name stays in front of it. */
export function proposedLabels({ things, bays }: LayoutProblem, layout: Layout): ProposedLabel[] {
  return bays.flatMap((bay, at): ProposedLabel[] => {
    const here = things.filter(({ goods }, index) => layout[index] === at && goods.group !== '')
    if (here.length < FEWEST || !mayBeNamed(bay)) return []
    const named = here.filter(
      ({ goods, whose }) => underLabel(goods, whose, bay.purpose) === 'named',
    )
    if (named.length > 0) return []
    const counts = new Map<SectionId, number>()
    for (const { goods } of here) {
      const group = goods.group as SectionId
      counts.set(group, (counts.get(group) ?? 0) + 1)
    }
    const kinds = [...counts].sort((a, b) => b[1] - a[1]).slice(0, 2)
    const [first, second] = kinds
    if (!first) return []
    const isOne = first[1] >= MOST_OF_IT * here.length
    const chosen = isOne || !second ? [first] : [first, second]
    const label = chosen.map(([section]) => SECTION_LABELS[section]).join(', ')
    const name = `${plainPart(bay.name)} · ${label}`
    const purpose = purposeOf(name)
    const names = here.filter(({ goods, whose }) => underLabel(goods, whose, purpose) === 'named')
    return names.length < MOST_OF_IT * here.length || name.length > LONGEST
      ? []
      : [{ bay: at, name, names: names.length, of: here.length }]
  })
}

/** Somebody's own pocket, a lid, what waits and what its keeper calls in own words are left as they are. */
const mayBeNamed = (bay: Bay): boolean => {
  const { name, purpose, sort } = bay
  return (
    sort === 'inside' &&
    (promises(purpose) || (saysNothing(name) && plainPart(name) === name)) &&
    !isAtOnce(bay) &&
    !purpose.waits &&
    !namesSomebody(purpose) &&
    purpose.ages === null
  )
}

/** "Tray 2 · tools" → "Tray 2" */
const plainPart = (name: string): string => name.split(' · ')[0]?.trim() || name

/** Things that can stand in for each other are decided together; all others apart. */
import type { RestockProblem } from './problem'

/** Positions of the things of one family, of its par lines and of what lies anywhere. */
export interface Family {
  readonly things: readonly number[]
  readonly lines: readonly number[]
  readonly shelves: readonly number[]
}

/** Families with a par line, in the order of their first thing. */
export function familiesOf({ things, lines, shelves }: RestockProblem): readonly Family[] {
  const leader = things.map((_, index) => index)
  const find = (index: number): number => {
    let at = index
    while (leader[at] !== at) at = leader[at] as number
    return at
  }
  things.forEach(({ standIns }, index) => {
    for (const other of standIns) {
      const [a, b] = [find(index), find(other)]
      leader[Math.max(a, b)] = Math.min(a, b)
    }
  })
  const families = new Map<number, { things: number[]; lines: number[]; shelves: number[] }>()
  const familyOf = (thing: number) => {
    const key = find(thing)
    let family = families.get(key)
    if (!family) {
      family = { things: [], lines: [], shelves: [] }
      families.set(key, family)
    }
    return family
  }
  things.forEach((_, index) => {
    familyOf(index).things.push(index)
  })
  lines.forEach(({ thing }, index) => {
    familyOf(thing).lines.push(index)
  })
  shelves.forEach(({ thing }, index) => {
    familyOf(thing).shelves.push(index)
  })
  return [...families.values()].filter((family) => family.lines.length > 0)
}

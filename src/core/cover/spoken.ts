/** What lies here for a part and of which there is something to say. */
import type { KitId, LotId } from '../ids'
import type { Asking } from './asking'
import type { Part } from './need'
import { gravest, isSetAside, type Objection, objectionsTo } from './objections'
import type { Grade, Patient } from './suitability'

/** Something that lies here, plays the role and does not count; or counts with a remark. */
export interface HeldBack {
  readonly lotId: LotId
  readonly title: string
  readonly kitId: KitId
  readonly pocket: string
  readonly grade: Grade
  readonly why: readonly [Objection, ...Objection[]]
}

/** Everything here that plays the part and does not count, with every reason. */
export const heldBack = (
  asking: Asking,
  part: Part,
  patient: Patient | null,
): readonly HeldBack[] =>
  spokenOf(asking, part, patient).filter(
    ({ grade, thing }) => isSetAside(grade) || !asking.counts(thing, patient, true),
  )

/** Everything here that plays the part and of which there is something to say. */
export function spokenOf(
  asking: Asking,
  part: Part,
  patient: Patient | null,
): readonly (HeldBack & { readonly thing: number })[] {
  const { pantry, question } = asking
  const players = new Set(part.any.flatMap((role) => pantry.byRole.get(role) ?? []))
  const shelves = [...players].flatMap((thing) => pantry.shelvesOf[thing] ?? [])
  return shelves.flatMap((shelf) => {
    const thing = pantry.things[shelf.thing]
    const kit = pantry.stock.kits[shelf.kit]
    if (!asking.isHere(shelf) || !thing?.itemId || !kit) return []
    if (question.without.has(thing.itemId)) return []
    const [first, ...more] = objectionsTo(pantry, shelf, patient, question.date, asking)
    const grade = first && gravest([first, ...more])
    return first && grade
      ? [
          {
            lotId: shelf.lotId,
            thing: shelf.thing,
            title: thing.title,
            kitId: kit.id,
            pocket: shelf.pocket.name,
            grade,
            why: [first, ...more] as const,
          },
        ]
      : []
  })
}

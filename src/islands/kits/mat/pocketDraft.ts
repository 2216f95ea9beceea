/** A pocket as the form has it, and what that asks for. */
import { addPocket, changePocket } from '../../../contract/kits'
import type { PocketSort, Spot } from '../../../core/household/pocket'
import { readMeasures, writeMeasures } from '../../../core/quantity/readMeasures'
import { readNumber } from '../../../core/quantity/readNumber'
import { act, type FormReading, faultsIn, missing } from '../../../ui/formReading'
import * as words from '../../../words'
import type { PocketOnMat } from './view'

export type PocketDraft = {
  readonly name: string
  readonly sort: PocketSort
  readonly spot: Spot | null
  readonly seconds: string
  readonly inner: string
  readonly clear: boolean
  readonly dry: boolean
  readonly upright: boolean
}

/** An hour: what takes longer to reach is not at hand. */
const SECONDS = { least: 0, most: 3600, whole: true }

export const pocketDraft = ({ reachSeconds, inner, ...pocket }: PocketOnMat): PocketDraft => ({
  name: pocket.name,
  sort: pocket.sort,
  spot: pocket.spot,
  seconds: reachSeconds === null ? '' : String(reachSeconds),
  inner: writeMeasures(inner),
  clear: pocket.clear,
  dry: pocket.dry,
  upright: pocket.upright,
})

export function readPocketDraft(
  { name, sort, spot, seconds, inner: measures, ...is }: PocketDraft,
  { id, version }: Pick<PocketOnMat, 'id' | 'version'>,
): FormReading<PocketDraft, typeof changePocket> {
  const inner = readMeasures(measures)
  const reach = readNumber(seconds, SECONDS)
  const faults = faultsIn<PocketDraft>({
    name: missing(name),
    seconds: reach === 'wrong' ? words.kits.pocket.wrongSeconds : undefined,
    inner: inner === 'wrong' ? words.kits.shapes.wrong : undefined,
  })
  if (faults) return faults
  return act(changePocket, {
    params: { pocketId: id },
    body: {
      seenVersion: version,
      name,
      sort,
      // Only what lies elsewhere is at a spot of its own.
      spot: sort === 'elsewhere' ? spot : null,
      reachSeconds: typeof reach === 'number' ? reach : null,
      inner: typeof inner === 'string' ? null : inner,
      ...is,
    } as never,
  })
}

export type NewPocketDraft = { readonly name: string }

export const readNewPocket = (
  { name }: NewPocketDraft,
  kitId: string,
): FormReading<NewPocketDraft, typeof addPocket> =>
  faultsIn<NewPocketDraft>({ name: missing(name) }) ??
  act(addPocket, { params: { kitId }, body: { name } })

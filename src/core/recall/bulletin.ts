/** A bulletin that recalls batches, and whose lots it is about. */
import type { PlainDate } from '../calendar/plainDate'
import type { JudgedHolding, Survey } from '../watch/survey'

/** One batch, or all from one to another, as they are printed. */
export type Batches =
  | { readonly kind: 'one'; readonly batch: string }
  | { readonly kind: 'range'; readonly from: string; readonly to: string }

export interface Bulletin {
  readonly id: string
  readonly title: string
  readonly publishedOn: PlainDate
  readonly product: {
    /** The catalogue entry, where the bulletin gives one. */
    readonly catalogueId: string | null
    readonly name: string
    /** "" where all strengths are meant. */
    readonly strength: string
  }
  readonly batches: readonly Batches[]
  readonly reason: string
  /** What to do with what is affected. */
  readonly advice: string
  readonly source: string
}

export type Affected =
  /** Its batch is one of those. */
  | 'recalled'
  /** The product, and nobody has noted the batch: somebody has to look at the pack. */
  | 'look'

export interface Concerned {
  readonly holding: JudgedHolding
  readonly how: Affected
}

/**
 * Finds every lot that a bulletin is about, wherever it lies; what was recalled first. Bulletins
 * are many and most are about nothing of anybody's: the lots are sorted by product once.
 */
export function recallFinder({
  holdings,
}: Pick<Survey, 'holdings'>): (bulletin: Bulletin) => readonly Concerned[] {
  const byEntry = new Map<string, JudgedHolding[]>()
  const byName = new Map<string, JudgedHolding[]>()
  const into = (map: Map<string, JudgedHolding[]>, key: string, holding: JudgedHolding): void => {
    const known = map.get(key)
    if (known) known.push(holding)
    else map.set(key, [holding])
  }
  for (const holding of holdings) {
    const { catalogueId, name } = holding.item
    if (catalogueId !== null) into(byEntry, catalogueId, holding)
    into(byName, plain(name), holding)
  }
  return (bulletin) => {
    const { catalogueId, name, strength } = bulletin.product
    const named = (byName.get(plain(name)) ?? []).filter(
      ({ item }) => strength === '' || plain(item.strength) === plain(strength),
    )
    const known = catalogueId === null ? [] : (byEntry.get(catalogueId) ?? [])
    const of = [...new Set([...known, ...named])].flatMap((holding): Concerned[] => {
      const { batch } = holding.lot
      if (plain(batch) === '') return [{ holding, how: 'look' }]
      return isRecalled(bulletin, batch) ? [{ holding, how: 'recalled' }] : []
    })
    return of.sort((a, b) => Number(a.how === 'look') - Number(b.how === 'look'))
  }
}

/** Whether a batch as somebody noted it is one of those; spaces, hyphens and case do not matter. */
export function isRecalled({ batches }: Pick<Bulletin, 'batches'>, batch: string): boolean {
  const noted = plain(batch)
  return noted !== '' && batches.some((one) => isAmong(one, noted))
}

function isAmong(batches: Batches, noted: string): boolean {
  if (batches.kind === 'one') return plain(batches.batch) === noted
  const [from, to] = [plain(batches.from), plain(batches.to)]
  const [first, last, at] = [numbered(from), numbered(to), numbered(noted)]
  if (!first || !last || !at) return noted === from || noted === to
  return (
    at.head === first.head &&
    at.head === last.head &&
    at.digits === first.digits &&
    at.number >= first.number &&
    at.number <= last.number
  )
}

/** "G-310" as "G" and 310 in three digits; null where no number ends it. */
function numbered(batch: string) {
  const parts = /^(.*?)(\d{1,12})$/.exec(batch)
  if (!parts) return null
  const [, head = '', tail = ''] = parts
  return { head, number: Number(tail), digits: tail.length }
}

const plain = (text: string): string => text.toUpperCase().replace(/[^\p{L}\p{N}]/gu, '')

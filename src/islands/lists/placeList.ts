/** The list that is proposed for a place: what is still open, what was decided, where it would go. */
import type { z } from 'zod'
import type { decideLines } from '../../contract/lists'
import { skillsAmong } from '../../core/cover/asking'
import type { Pantry } from '../../core/cover/pantry'
import { type Proposal, type ProposedLine, propose } from '../../core/cover/proposal'
import { expectedAt } from '../../core/cover/scene'
import type { MemberId, PocketId } from '../../core/ids'
import type { CoverView } from '../cover/useCover'

type Place = CoverView['places'][number]
type Pocket = CoverView['pockets'][number]
export type Decisions = z.input<(typeof decideLines)['body']>['lines']

export interface PlaceList {
  readonly proposal: Proposal
  readonly open: readonly ProposedLine[]
  readonly decided: readonly ProposedLine[]
  /** Of the kits there. */
  readonly pockets: readonly Pocket[]
  /** Where most belongs already: the kit that people mean. */
  readonly fullest: Pocket | undefined
  /** What belongs somewhere at the place already stays there. */
  readonly accepting: (line: ProposedLine, pocket: PocketId) => Decisions[number]
}

/** Who is there as a rule, with those that were changed by hand. */
export function presentAt(
  place: Place,
  { view, laid }: { readonly view: CoverView; readonly laid: Pantry },
  toggled: ReadonlySet<string> = new Set(),
): ReadonlySet<MemberId> {
  const usual = expectedAt(place, laid.stock, view.today)
  return new Set(view.members.map(({ id }) => id).filter((id) => usual.has(id) !== toggled.has(id)))
}

export function proposalAt(
  place: Place,
  { view, laid }: { readonly view: CoverView; readonly laid: Pantry },
  { present, days }: { readonly present: ReadonlySet<MemberId>; readonly days: number },
): Proposal {
  return propose(laid, {
    place,
    members: present,
    skills: skillsAmong(laid.stock.members, present, view.today),
    date: view.today,
    days,
  })
}

export function placeList(place: Place, view: CoverView, proposal: Proposal): PlaceList {
  const kits = new Set(view.kits.flatMap((kit) => (kit.placeId === place.id ? [kit.id] : [])))
  const pockets = view.pockets.filter(({ kitId }) => kits.has(kitId))
  const here = new Set(pockets.map(({ id }) => id))
  const overruled = new Set(
    view.decisions
      .filter(({ placeId, decision }) => placeId === place.id && decision === 'overruled')
      .map(({ key }) => key),
  )
  const parsOf = ({ itemId }: ProposedLine) =>
    view.pars.filter((par) => par.itemId === itemId && here.has(par.pocketId))
  // An entry that was accepted has become an item since: it is met by its par.
  const isDecided = (line: ProposedLine): boolean =>
    overruled.has(line.key) || parsOf(line).reduce((sum, { amount }) => sum + amount, 0) >= line.par
  const count = (id: PocketId): number => view.pars.filter(({ pocketId }) => pocketId === id).length
  return {
    proposal,
    open: proposal.lines.filter((line) => !isDecided(line)),
    decided: proposal.lines.filter(isDecided),
    pockets,
    fullest: [...pockets].sort((a, b) => count(b.id) - count(a.id))[0],
    accepting: (line, pocket) => ({
      decision: 'accepted',
      key: line.key,
      thing: line.itemId ? { itemId: line.itemId } : { entryId: line.entryId ?? '' },
      par: line.par,
      pocketId: parsOf(line)[0]?.pocketId ?? pocket,
    }),
  }
}

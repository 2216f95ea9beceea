/** Cards for the wallet: what each says, whether the one that was printed is still true, where it is. */
import { createHash } from 'node:crypto'
import type { PlainDate } from '../../core/calendar/plainDate'
import { numbersToCall } from '../../core/household/emergencyNumbers'
import type { Member } from '../../core/household/member'
import type { MemberId } from '../../core/ids'
import type { LabelText } from '../../core/labels/fit'
import { type WalletCard, walletCard } from '../../core/sheet/walletCard'
import { itemTitle } from '../../core/stock/item'
import type { Survey } from '../../core/watch/survey'
import { createRecord, editRecord } from '../../db/frame/records'
import { readCourses, readMembers } from '../../db/members/members'
import { type PaperPrint, paperPrints } from '../../db/sheets/paperPrints'
import { act } from '../frame/act'
import { notFound } from '../frame/refusal'
import { type Caller, reading, surveyNow, surveyOf, type Today, type World } from '../frame/world'

interface Faces {
  readonly front: LabelText
  readonly back: LabelText
}
/** A card in words. @param isPrivate with what only its bearer should show */
export type FacesOf = (card: WalletCard, isPrivate: boolean, units: 'metric' | 'us') => Faces

export interface CardOfMember {
  readonly member: Pick<Member, 'id' | 'name'>
  readonly faces: Faces
  readonly print: {
    readonly on: PlainDate
    readonly upToDate: boolean
    readonly hangs: string
  } | null
}

const keyOf = (memberId: MemberId): string => `wallet:${memberId}`

/** Cards of everybody who belongs to the household, or of one. */
export const readWalletCards = (
  world: World,
  caller: Caller,
  { memberId, isPrivate }: { readonly memberId?: MemberId; readonly isPrivate: boolean },
  facesOf: FacesOf,
): Promise<readonly CardOfMember[]> =>
  reading(world, caller, async (at) => {
    const cards = await cardsAt(at, await surveyOf(at))
    const prints = await paperPrints(at.trx)
    const chosen = cards.filter(({ member }) => memberId === undefined || member.id === memberId)
    if (memberId !== undefined && chosen.length === 0) throw notFound()
    const { units } = at.household
    return chosen.map(({ member, card }) => ({
      member,
      faces: facesOf(card, isPrivate, units),
      print: printOf(prints.get(keyOf(member.id)), fingerprintOf(card, facesOf)),
    }))
  })

async function cardsAt({ trx, household, today }: Today, survey: Survey) {
  const courses = await readCourses(trx)
  const titles = new Map(survey.stock.items.map((item) => [item.id, itemTitle(item)]))
  return (await readMembers(trx, today)).map((member) => ({
    member,
    card: walletCard(member, {
      courses,
      titleOf: (itemId) => titles.get(itemId) ?? '',
      numbers: numbersToCall(household),
      today,
    }),
  }))
}

/** What it says, whole, but for the day on which it was printed. */
function fingerprintOf(card: WalletCard, facesOf: FacesOf): string {
  const undated = facesOf({ ...card, on: '2000-01-01' as PlainDate }, true, 'metric')
  return createHash('sha256').update(JSON.stringify(undated)).digest('hex')
}

const printOf = (print: PaperPrint | undefined, fingerprint: string): CardOfMember['print'] =>
  print ? { on: print.on, upToDate: print.fingerprint === fingerprint, hangs: print.hangs } : null

/** Notes that a card was printed as it is now, and where it is kept. */
export const noteCardPrinted = (
  world: World,
  caller: Caller,
  asked: { readonly key: string; readonly memberId: MemberId; readonly hangs: string },
  facesOf: FacesOf,
) => {
  const { key, memberId, hangs } = asked
  return act(
    world,
    caller,
    { key, kind: 'card_printed', request: { memberId, hangs } },
    async (acting) => {
      const cards = await cardsAt(acting, await surveyNow(acting))
      const found = cards.find(({ member }) => member.id === memberId)
      if (!found) throw notFound()
      const before = (await paperPrints(acting.trx)).get(keyOf(memberId))
      const print = {
        on_day: acting.today,
        fingerprint: fingerprintOf(found.card, facesOf),
        hangs,
      }
      if (before) await editRecord(acting, 'paper_print', before.id, print, null)
      else await createRecord(acting, 'paper_print', { paper_key: keyOf(memberId), ...print })
      return {}
    },
  )
}

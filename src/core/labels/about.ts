/** What labels of a kit are about: the kit from outside, its pockets, tubs and bags, whose allergy. */
import type { Expiry } from '../calendar/expiry'
import type { PlainDate } from '../calendar/plainDate'
import { catalogue } from '../catalogue/catalogue'
import { itemFacts } from '../catalogue/itemFacts'
import { allergenIn, patientOn } from '../cover/suitability'
import { type Keeping, keepingOfItem } from '../exposure/storage'
import type { Allergy, Member } from '../household/member'
import type { Kit } from '../household/places'
import { NOTHING } from '../quantity/amount'
import { itemTitle } from '../stock/item'
import type { JudgedHolding, Line, Site, Survey } from '../watch/survey'

interface Common {
  /** Stays the same while it is about the same. */
  readonly key: string
  /** The page that its code opens. */
  readonly opens: `/${string}`
}

export type LabelAbout = Common &
  (
    | {
        readonly kind: 'kit'
        readonly household: string
        readonly name: string
        readonly place: string
        readonly pockets: number
        /** It holds what is a medicine, or what nobody knows not to be one. */
        readonly hasMedicine: boolean
      }
    | {
        readonly kind: 'pocket'
        readonly name: string
        readonly kit: string
        readonly holds: readonly string[]
        readonly reachSeconds: number | null
        /** Nothing in it is made for people. */
        readonly isForAnimals: boolean
      }
    | {
        readonly kind: 'lot'
        readonly title: string
        readonly until: Expiry
        readonly purpose: string
        /** Whom it was got for; private. */
        readonly forWhom: string
        readonly directions: string
        /** Of what somebody in the household is allergic to. */
        readonly contains: readonly string[]
        readonly keeping: Keeping
        /** It is not in its own pack any more. */
        readonly isMoved: boolean
        readonly opened: { readonly on: PlainDate; readonly through: PlainDate | null } | null
        readonly isForAnimals: boolean
        readonly isOnHold: boolean
      }
    | {
        readonly kind: 'allergy'
        /** Private. */
        readonly who: string
        readonly allergies: readonly Allergy[]
      }
  )
export type LabelKind = LabelAbout['kind']
export const LABEL_KINDS = ['kit', 'pocket', 'lot', 'allergy'] as const satisfies LabelKind[]

/** Of one kit: outside first, then pocket by pocket. */
export function labelsOf(
  survey: Survey,
  kit: Kit,
  { household, members }: { readonly household: string; readonly members: readonly Member[] },
): readonly LabelAbout[] {
  const sites = [...survey.sites.values()].filter((site) => site.kit.id === kit.id)
  const lines = survey.lines.filter(({ site }) => site.kit.id === kit.id)
  const opens = `/o/${kit.id}` as const
  const carrier = members.find(({ id }) => id === kit.goesWith?.memberId)
  const allergies = carrier?.facts.allergies ?? []
  return [
    {
      kind: 'kit',
      key: `kit:${kit.id}`,
      opens,
      household,
      name: kit.name,
      place: survey.places.find(({ id }) => id === kit.placeId)?.name ?? '',
      pockets: sites.length,
      hasMedicine: lines.some((line) => lies(line) && mayBeMedicine(line)),
    },
    ...(carrier && allergies.length > 0
      ? [
          {
            kind: 'allergy',
            key: `allergy:${kit.id}`,
            opens,
            who: carrier.name,
            allergies,
          } as const,
        ]
      : []),
    ...sites.flatMap((site) => [
      pocketLabel(site, lines),
      ...survey.holdings
        .filter((one) => one.site.pocket.id === site.pocket.id && needsLabel(one))
        .map((one) => lotLabel(one, members, survey.today)),
    ]),
  ]
}

/** Also what is spent or on hold: a child finds it, and a dog is given it, all the same. */
const lies = ({ holdings }: Line): boolean => holdings.some(({ amount }) => amount > NOTHING)
const mayBeMedicine = ({ item }: Pick<Line, 'item'>): boolean =>
  item.kind === 'medicine' || !catalogue().has(item.catalogueId ?? '')

function pocketLabel({ kit, pocket }: Site, lines: readonly Line[]): LabelAbout {
  const here = lines.filter((line) => line.site.pocket.id === pocket.id && lies(line))
  return {
    kind: 'pocket',
    key: `pocket:${pocket.id}`,
    opens: `/o/${pocket.id}`,
    name: pocket.name,
    kit: kit.name,
    holds: here.flatMap(({ item, good }) => (good > NOTHING ? [item.name] : [])),
    reachSeconds: pocket.reachSeconds,
    isForAnimals: here.length > 0 && here.every(({ item }) => isMadeForAnimals(item)),
  }
}

/** What is a medicine, is open, left its pack, or was got for somebody is known by what stands on it. */
const needsLabel = ({ item, lot, amount, judged }: JudgedHolding): boolean =>
  amount > NOTHING &&
  judged.state !== 'spent' &&
  (item.kind === 'medicine' ||
    lot.opened.kind === 'opened' ||
    lot.origin?.way === 'decanted' ||
    lot.directions !== '' ||
    lot.forMember !== null)

function lotLabel(
  holding: JudgedHolding,
  members: readonly Member[],
  today: PlainDate,
): LabelAbout {
  const { item, lot, site, judged } = holding
  const facts = itemFacts(item, catalogue().get(item.catalogueId ?? '') ?? null, item.own)
  const title = itemTitle(item)
  // As the rules find it: by every name, and by the words of what nobody has matched.
  const feared = members.flatMap(
    (member) => allergenIn(facts, title, patientOn(member, [], today, false)) ?? [],
  )
  return {
    kind: 'lot',
    key: `lot:${lot.id}:${site.pocket.id}`,
    opens: `/o/${lot.id}`,
    title,
    until: lot.expiry,
    purpose: item.purpose,
    forWhom: members.find(({ id }) => id === lot.forMember)?.name ?? item.forWhom,
    directions: lot.directions,
    contains: [...new Set(feared)],
    keeping: keepingOfItem(item, catalogue()),
    isMoved: lot.origin?.way === 'decanted',
    opened:
      lot.opened.kind === 'opened' ? { on: lot.opened.on, through: throughOpened(holding) } : null,
    isForAnimals: isMadeForAnimals(item),
    isOnHold: judged.state === 'held',
  }
}

/** The last day by the opened clock; null where nobody has said how long it keeps, or the pack ends sooner. */
function throughOpened({ judged }: JudgedHolding): PlainDate | null {
  if (judged.state === 'turning') return judged.clock === 'opened' ? judged.day : null
  if (judged.state !== 'sound' || judged.lastGood.kind !== 'day') return null
  return judged.lastGood.clock === 'opened' ? judged.lastGood.day : null
}

const isMadeForAnimals = (item: JudgedHolding['item']): boolean => {
  const facts = itemFacts(item, catalogue().get(item.catalogueId ?? '') ?? null, item.own)
  return facts.entry !== null && !facts.madeFor.species.includes('person')
}

/** Everything of a household that may be looked for, with the words it may be looked for by. */
import type { z } from 'zod'
import type { foundThing } from '../../contract/find'
import { formatExpiry } from '../../core/calendar/expiry'
import { SUBSTANCES, type SubstanceId } from '../../core/catalogue/substances'
import { knownItem } from '../../core/cover/knownItem'
import type { DoseCard } from '../../core/dosing/card'
import type { Findable } from '../../core/finding/sought'
import { guidesFor } from '../../core/guide/guide'
import type { Member } from '../../core/household/member'
import { SPECIES } from '../../core/household/species'
import { formatAmount, NOTHING } from '../../core/quantity/amount'
import { type Item, itemTitle } from '../../core/stock/item'
import { lineState, type Survey } from '../../core/watch/survey'
import type { ActRow } from '../../db/frame/acts'

export type Found = z.infer<typeof foundThing>

export interface Candidate extends Findable {
  readonly found: Found
}

const candidate = (
  found: Omit<Found, 'state'> & Partial<Pick<Found, 'state'>>,
  ...beside: readonly string[]
): Candidate => ({
  title: found.title,
  text: [found.where, found.detail, ...beside].join(' '),
  found: { state: 'none', ...found },
})

/** What it is matched to, and every name of what is in it: "paracetamol" finds acetaminophen. */
function otherNames(item: Item): string {
  const { entry, substances } = knownItem(item).facts
  return [entry?.name ?? '', ...substances.flatMap(namesOf)].join(' ')
}

const namesOf = (id: SubstanceId): readonly string[] => {
  const { name, also = [] }: { name: string; also?: readonly string[] } = SUBSTANCES[id]
  return [name, ...also]
}

/** The household's own rules of dosing, by what is in it, whom it is for, and every note on it. */
const ofRules = (cards: readonly DoseCard[], members: readonly Member[]): readonly Candidate[] =>
  cards.map((card) => {
    const { about, for: whom, source } = card
    const names =
      whom.kind === 'people'
        ? []
        : members.filter(({ id }) => whom.memberIds.includes(id)).map(({ name }) => name)
    return candidate(
      {
        kind: 'rule',
        title: card.name,
        where: names.join(', '),
        detail: card.purpose,
        href: `/bench/cards?card=${card.id}`,
      },
      ...(about.kind === 'substance' ? namesOf(about.substance) : [about.name]),
      card.directions,
      ...card.stop,
      source.who,
      card.confirmed?.why ?? '',
      'dose card rule',
    )
  })

/** What became of each kind of thing: for whoever asks for its history, and for nobody else. */
export const historiesIn = ({ lines }: Survey): readonly Candidate[] =>
  [...new Map(lines.map(({ item }) => [item.id, item])).values()].map((item) =>
    candidate(
      {
        kind: 'history',
        title: itemTitle(item),
        where: '',
        detail: '',
        href: `/record?item=${item.id}`,
      },
      otherNames(item),
    ),
  )

/** What was done lately, by what it was about or why; what was undone is not told. */
export const actsAmong = (acts: readonly ActRow[]): readonly Candidate[] =>
  acts
    .filter(({ why, undone, undoes }) => why !== '' && !undone && undoes === null)
    .map(({ why, who, day, kind }) =>
      // Which act it was is said by the words of the screen.
      candidate({
        kind: 'act',
        title: why,
        where: who,
        day,
        detail: kind,
        href: '/household#lately',
      }),
    )

export const candidatesIn = (
  survey: Survey,
  members: readonly Member[],
  cards: readonly DoseCard[],
): readonly Candidate[] => [
  // Of two that are called the same, who comes before what, and what before where.
  ...members.map(ofMember),
  ...ofLines(survey),
  ...ofSites(survey),
  ...ofCards(members),
  ...ofRules(cards, members),
]

const ofLines = (survey: Survey): readonly Candidate[] =>
  survey.lines.flatMap(({ item, site, par, holdings, good }): readonly Candidate[] => {
    const title = itemTitle(item)
    const where = `${site.pocket.name} · ${site.kit.name} · ${site.place.name}`
    const beside = [item.purpose, item.forWhom, otherNames(item)]
    const kitHref = `/kits/${site.kit.id}`
    if (holdings.length === 0 && par > NOTHING && lineState({ par, good }) === 'bare')
      return [
        candidate(
          {
            kind: 'bare',
            title,
            where,
            detail: formatAmount(NOTHING),
            href: `${kitHref}?item=${item.id}`,
            state: 'bare',
          },
          ...beside,
        ),
      ]
    return holdings.map(({ lot, amount, judged }) => {
      const { expiry } = lot
      const until =
        expiry.kind === 'day' || expiry.kind === 'month' ? ` · ${formatExpiry(expiry)}` : ''
      return candidate(
        {
          kind: 'lot',
          title,
          where,
          detail: `${formatAmount(amount)} ${item.unit}${until}`.trim(),
          href: `${kitHref}?lot=${lot.id}&pocket=${site.pocket.id}`,
          state: judged.state,
        },
        ...beside,
        lot.note,
        lot.batch,
        lot.standing.kind === 'lent' ? `lent ${lot.standing.to}` : '',
      )
    })
  })

function ofSites({ sites, kits, places }: Survey): readonly Candidate[] {
  const placeOf = (id: string) => places.find((place) => place.id === id)?.name ?? ''
  return [
    ...kits.flatMap((kit) => {
      const where = placeOf(kit.placeId)
      const at = { title: kit.name, where, detail: '' }
      return [
        candidate({ ...at, kind: 'kit', href: `/kits/${kit.id}` }, kit.note),
        candidate({ ...at, kind: 'sheet', href: `/kits/${kit.id}/sheet` }, 'lid sheet print paper'),
      ]
    }),
    ...[...sites.values()].map(({ pocket, kit, place }) =>
      candidate({
        kind: 'pocket',
        title: pocket.name,
        where: `${kit.name} · ${place.name}`,
        detail: '',
        href: `/kits/${kit.id}?pocket=${pocket.id}`,
      }),
    ),
    ...places.map((place) =>
      candidate(
        { kind: 'place', title: place.name, where: '', detail: '', href: `/?place=${place.id}` },
        place.note,
      ),
    ),
  ]
}

const ofMember = ({ id, name, species, note }: Member): Candidate =>
  candidate(
    { kind: 'member', title: name, where: species, detail: '', href: `/members/${id}` },
    note,
  )

/** The guided cards that are for somebody here; for a person always, there may be a guest. */
function ofCards(members: readonly Member[]): readonly Candidate[] {
  const here = new Set(members.map(({ species }) => species)).add('person')
  const cards = new Map(
    SPECIES.filter((species) => here.has(species)).flatMap((species) =>
      guidesFor(species).map((card) => [card.id, card] as const),
    ),
  )
  return [...cards.values()].map((card) =>
    candidate(
      {
        kind: 'card',
        title: card.name,
        where: card.species.filter((species) => here.has(species)).join(', '),
        detail: '',
        href: `/guide?card=${card.id}`,
      },
      'card steps guide',
    ),
  )
}

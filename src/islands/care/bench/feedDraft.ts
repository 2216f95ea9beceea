/** What a vet or a pack says of a food as the form has it, and what that asks for. */
import { addRecipe } from '../../../contract/care'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { readNumber } from '../../../core/quantity/readNumber'
import { act, type FormReading, faultsIn, missing } from '../../../ui/formReading'
import * as words from '../../../words'
import { dayFault } from '../../../words/frame/forms'

export type FeedDraft = {
  readonly name: string
  readonly member: string | null
  readonly powder: string
  readonly water: string
  readonly makes: string
  readonly perKg: string
  readonly feeds: string
  readonly keep: string
  readonly who: string
  readonly on: string
}

export const emptyFeed = (today: PlainDate): FeedDraft => ({
  name: '',
  member: null,
  powder: '1',
  water: '2',
  makes: '',
  perKg: '',
  feeds: '',
  keep: '12',
  who: '',
  on: today,
})

const PARTS = { least: 1, most: 1000, whole: true }
/** What a measure of powder makes, in millilitres. */
const MAKES = { least: 0.001, most: 200 }
/** Millilitres a kilogram; to the microlitre, so that it is written down exactly. */
const PER_KILOGRAM = { least: 0.001, most: 10_000 }

export function readFeedDraft(draft: FeedDraft): FormReading<FeedDraft, typeof addRecipe> {
  const powder = readNumber(draft.powder, PARTS)
  const water = readNumber(draft.water, PARTS)
  const makes = readNumber(draft.makes, MAKES)
  const perKg = readNumber(draft.perKg, PER_KILOGRAM)
  const feeds = readNumber(draft.feeds, PARTS)
  const keep = readNumber(draft.keep, PARTS)
  const { badNumber } = words.care.cards
  const asked = (read: number | 'none' | 'wrong') =>
    typeof read === 'number' ? undefined : badNumber
  const faults = faultsIn<FeedDraft>({
    name: missing(draft.name),
    powder: asked(powder),
    water: asked(water),
    makes: makes === 'wrong' ? badNumber : undefined,
    perKg: asked(perKg) ?? (Number.isInteger(Number(perKg) * 1000) ? undefined : badNumber),
    feeds: asked(feeds),
    keep: asked(keep),
    who: missing(draft.who),
    on: dayFault(draft.on),
  })
  if (faults) return faults
  return act(addRecipe, {
    body: {
      name: draft.name.trim(),
      purpose: '',
      body: {
        kind: 'feed',
        rule: {
          powderParts: Number(powder),
          waterParts: Number(water),
          ...(typeof makes === 'number' && { makes }),
          perKg: Math.round(Number(perKg) * 1000),
          feedsADay: Number(feeds),
        },
        memberId: draft.member,
      },
      takes: ['recovery-food'],
      itemId: null,
      keepHours: Number(keep),
      cautions: [],
      source: { who: draft.who.trim(), on: draft.on || null },
    } as never,
  })
}

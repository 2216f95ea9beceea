/** A weight as the form has it, and what that asks for. */
import { weigh } from '../../contract/members'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Member } from '../../core/household/member'
import { weightFault } from '../../core/household/weight'
import { readNumber } from '../../core/quantity/readNumber'
import { act, type FormReading, faultsIn, missing } from '../../ui/formReading'
import * as words from '../../words'
import { SMALL_BODY_GRAMS } from '../../words/care/weights'
import { dayFault } from '../../words/frame/forms'
import { sentenceFor } from '../../words/frame/refusals'

export const GRAMS = { kg: 1000, g: 1, lb: 453.592 } as const
export type WeightUnit = keyof typeof GRAMS

export type WeighingDraft = {
  readonly weight: string
  readonly unit: WeightUnit
  readonly on: string
  /** It jumps from the one before, and somebody has looked twice. */
  readonly sure: boolean
}

const ANY_WEIGHT = { least: 0, most: 2_000_000 }

export const weighingDraft = (
  member: Member,
  units: 'metric' | 'us',
  today: PlainDate,
): WeighingDraft => ({
  weight: '',
  unit: units === 'us' ? 'lb' : onKitchenScale(member) ? 'g' : 'kg',
  on: today,
  sure: false,
})

function weighed(
  { weight, unit, on }: WeighingDraft,
  { species, weighings }: Member,
): { readonly grams: number; readonly fault: ReturnType<typeof weightFault> } | null {
  const value = readNumber(weight, ANY_WEIGHT)
  if (typeof value !== 'number' || value === 0) return null
  const grams = Math.round(value * GRAMS[unit])
  return { grams, fault: weightFault(species, { on: on as PlainDate, grams }, weighings) }
}

/** It is far from the weight before: a slip of the hand, or news. */
export const jumps = (draft: WeighingDraft, member: Member): boolean =>
  weighed(draft, member)?.fault?.code === 'weight_jumps'

export function readWeighingDraft(
  draft: WeighingDraft,
  { member, today }: { readonly member: Member; readonly today: PlainDate },
): FormReading<WeighingDraft, typeof weigh> {
  const { weight, on, sure } = draft
  const read = weighed(draft, member)
  const isSure = sure && read?.fault?.code === 'weight_jumps'
  const day = missing(on) ?? dayFault(on, { max: today })
  const faults = faultsIn<WeighingDraft>({
    weight:
      missing(weight) ??
      (read === null
        ? words.forms.notANumber
        : read.fault && !isSure && !day
          ? sentenceFor(read.fault).detail
          : undefined),
    on: day,
  })
  if (faults || read === null) return faults ?? { kind: 'faults', faults: {} }
  return act(weigh, {
    params: { memberId: member.id },
    body: { on: on as PlainDate, grams: read.grams, sure },
  })
}

/** Whoever is weighed in grams on a kitchen scale. */
const onKitchenScale = ({ species, weighings }: Member): boolean =>
  ['bird', 'hen', 'hamster', 'guinea pig', 'rabbit', 'ferret', 'tortoise'].includes(species) ||
  (weighings.at(-1)?.grams ?? Number.POSITIVE_INFINITY) < SMALL_BODY_GRAMS

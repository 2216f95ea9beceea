/** The forms of leaving the house as they are written, and what they ask for. */
import { changeEvacuation } from '../../contract/evacuation'
import { changeMember } from '../../contract/members'
import { changePlace } from '../../contract/places'
import { type Evacuation, LEAST_DAYS, MOST_DAYS } from '../../core/evacuation/evacuation'
import type { Member } from '../../core/household/member'
import { readNumber } from '../../core/quantity/readNumber'
import { act, type FormReading, faultsIn } from '../../ui/formReading'
import * as words from '../../words'
import type { HouseholdView } from '../household/view'

const said = words.evacuation

// ---- the plan ----------------------------------------------------------------------------------

export interface RefugeDraft {
  readonly name: string
  readonly phone: string
  readonly address: string
  /** "yes", "no", or empty where nobody has asked. */
  readonly animals: string
}
export interface TellDraft {
  readonly name: string
  readonly phone: string
}
export type PlanDraft = {
  readonly goTo: readonly RefugeDraft[]
  readonly tell: readonly TellDraft[]
  readonly papers: string
  readonly leftHow: string
  readonly days: string
}

export const NO_REFUGE: RefugeDraft = { name: '', phone: '', address: '', animals: '' }
export const NOBODY_TOLD: TellDraft = { name: '', phone: '' }

/** A first line to write into where there is none. */
export const planDraft = ({ goTo, tell, papers, leftHow, days }: Evacuation): PlanDraft => ({
  goTo:
    goTo.length === 0
      ? [NO_REFUGE]
      : goTo.map(({ takesAnimals, ...refuge }) => ({
          ...refuge,
          animals: takesAnimals === null ? '' : takesAnimals ? 'yes' : 'no',
        })),
  tell: tell.length === 0 ? [NOBODY_TOLD] : tell.map((one) => ({ ...one })),
  papers,
  leftHow: leftHow.join('\n'),
  days: String(days),
})

const isBlank = (line: object): boolean =>
  Object.values(line).every((value) => String(value).trim() === '')

/** Lines with nothing in them are left out; one with something and no name is not. */
export function readPlanDraft(
  draft: PlanDraft,
  version: number,
): FormReading<PlanDraft, typeof changeEvacuation> {
  const days = readNumber(draft.days, { least: LEAST_DAYS, most: MOST_DAYS, whole: true })
  const goTo = draft.goTo.filter((one) => !isBlank(one))
  const tell = draft.tell.filter((one) => !isBlank(one))
  const nameless = (lines: readonly { readonly name: string }[]) =>
    lines.some(({ name }) => name.trim() === '') ? said.form.nameless : undefined
  const faults = faultsIn<PlanDraft>({
    goTo: nameless(goTo),
    tell: nameless(tell),
    days: typeof days === 'number' ? undefined : said.form.wrongDays(LEAST_DAYS, MOST_DAYS),
  })
  if (faults) return faults
  return act(changeEvacuation, {
    body: {
      seenVersion: version,
      goTo: goTo.map(({ animals, ...refuge }) => ({
        ...refuge,
        takesAnimals: animals === '' ? null : animals === 'yes',
      })),
      tell: [...tell],
      papers: draft.papers,
      leftHow: linesOf(draft.leftHow),
      days: Number(days),
    },
  })
}

const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')

// ---- a vehicle ---------------------------------------------------------------------------------

type Place = HouseholdView['places'][number]

export type VehicleDraft = {
  readonly seats: string
  readonly animals: string
  readonly isAway: boolean
}

const written = (count: number | null | undefined): string => (count == null ? '' : String(count))

export const vehicleDraft = ({ vehicle }: Pick<Place, 'vehicle'>): VehicleDraft => ({
  seats: written(vehicle?.seats),
  animals: written(vehicle?.animals),
  isAway: vehicle?.isAway ?? false,
})

export function readVehicleDraft(
  draft: VehicleDraft,
  { id, version }: Pick<Place, 'id' | 'version'>,
): FormReading<VehicleDraft, typeof changePlace> {
  const seats = readNumber(draft.seats, { least: 1, most: 60, whole: true })
  const animals = readNumber(draft.animals, { least: 0, most: 60, whole: true })
  const faults = faultsIn<VehicleDraft>({
    seats: seats === 'wrong' ? said.vehicle.wrong : undefined,
    animals: animals === 'wrong' ? said.vehicle.wrong : undefined,
  })
  if (faults) return faults
  return act(changePlace, {
    params: { placeId: id },
    body: {
      seenVersion: version,
      vehicle: {
        seats: typeof seats === 'number' ? seats : null,
        animals: typeof animals === 'number' ? animals : null,
        isAway: draft.isAway,
      },
    },
  })
}

// ---- an animal ---------------------------------------------------------------------------------

export type HidingDraft = {
  readonly hides: boolean
  readonly where: string
  /** Null: a carrier of its own. */
  readonly sharesWith: string | null
}

export const hidingDraft = ({ facts }: Pick<Member, 'facts'>): HidingDraft => {
  const said = facts.kind === 'animal' ? facts.evacuation : undefined
  return {
    hides: said?.hides ?? true,
    where: said?.where ?? '',
    sharesWith: said?.sharesWith ?? null,
  }
}

export function readHidingDraft(
  { hides, where, sharesWith }: HidingDraft,
  { id, version, facts }: Pick<Member, 'id' | 'version' | 'facts'>,
): FormReading<HidingDraft, typeof changeMember> {
  return act(changeMember, {
    params: { memberId: id },
    body: {
      seenVersion: version,
      facts: {
        ...facts,
        evacuation: { hides, where, ...(sharesWith !== null && { sharesWith }) },
      } as never,
    },
  })
}

/** Shorthand in which the cards are written down. */
import type { RoleId } from '../catalogue/roles'
import type { SkillId } from '../catalogue/skills'
import type { GuideCard, GuideStep, StepNote } from './card'

interface More {
  readonly after?: readonly [minutes: number, what: string]
  readonly takes?: readonly RoleId[]
  readonly note?: StepNote
  readonly skill?: SkillId
}

export const step = (text: string, more: More = {}): GuideStep => ({
  text,
  timer: more.after ? { minutes: more.after[0], what: more.after[1] } : null,
  takes: more.takes ?? [],
  note: more.note ?? null,
  skill: more.skill ?? null,
})

export const guide = (
  it: Omit<GuideCard, 'life' | 'before' | 'later'> &
    Partial<Pick<GuideCard, 'life' | 'before' | 'later'>>,
): GuideCard => ({ life: false, before: [], later: [], ...it })

export const EMERGENCY = 'Call the emergency number first.'
export const VET = 'Call the vet, at night the animal clinic.'
export const RESUSCITATION =
  'Resuscitation and first aid guidelines of the European and international councils'
export const FIRST_AID = 'First aid guidelines of recognised bodies, as taught in courses'
export const ANIMAL_AID = 'First aid for animals as veterinary bodies teach it; the vet wins'

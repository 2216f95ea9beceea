/**
 * A guided card: a sequence for a hurry. It opens with whom to call and when to stop, asks what
 * has to be true before, goes step by step with its timers, and ends in a line to hand over. The
 * words are our own and general; each card names the guideline it follows.
 */
import type { RoleId } from '../catalogue/roles'
import type { SkillId } from '../catalogue/skills'
import type { Species } from '../household/species'

/** What a step notes besides that it was done. */
export type StepNote = 'tourniquet' | 'temperature' | 'pulse' | 'breathing' | 'photo'

export interface GuideStep {
  readonly text: string
  /** Speaks up after so many minutes, with these words. */
  readonly timer: { readonly minutes: number; readonly what: string } | null
  /** What it takes from the kit. */
  readonly takes: readonly RoleId[]
  readonly note: StepNote | null
  /** Only for who has been taught; the others go on with the next. */
  readonly skill: SkillId | null
}

export interface GuideCard {
  readonly id: string
  readonly name: string
  readonly species: readonly Species[]
  readonly life: boolean
  readonly call: string
  /** Stop and go, or call at once. */
  readonly stop: readonly string[]
  /** What must be true before it begins. */
  readonly before: readonly string[]
  readonly steps: readonly GuideStep[]
  /** Looked at again on these days. */
  readonly later: readonly { readonly days: number; readonly what: string }[]
  readonly handover: string
  readonly guideline: string
}

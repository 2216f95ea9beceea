/** Members and what is known of them. */
import { z } from 'zod'
import { isRoleId, type RoleId } from '../../core/catalogue/roles'
import { SKILL_IDS, type SkillId } from '../../core/catalogue/skills'
import { STORAGE_CLASS_IDS } from '../../core/catalogue/storageClass'
import { isSubstanceId, type SubstanceId } from '../../core/catalogue/substances'
import { type ChosenSchools, isSchoolAnswer, SCHOOL_QUESTIONS } from '../../core/cover/schools'
import { HELPS } from '../../core/evacuation/evacuation'
import {
  type AnimalCondition,
  type AnimalTrait,
  CONDITIONS_OF_ANIMALS,
  CONDITIONS_OF_PEOPLE,
  GLOVE_SIZES,
  type PersonCondition,
  PREGNANCIES,
  TRAITS_OF_ANIMALS,
} from '../../core/household/member'
import { SPECIES } from '../../core/household/species'
import type { Topic } from '../../core/household/told'
import * as wire from '../primitives'

export const substance = z
  .string()
  .refine(isSubstanceId, 'Name a substance of the reference list')
  .transform((text) => text as SubstanceId)

const role = z
  .string()
  .refine(isRoleId, 'Name a role of the reference list')
  .transform((text) => text as RoleId)

export const skill = wire.oneOf<SkillId>(SKILL_IDS)

const contact = z.object({ name: wire.shortText, phone: wire.phone })

const allergy = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('substance'), substance }),
  z.object({ kind: z.literal('named'), name: wire.shortText.min(1, 'Name the allergy') }),
])

const range = z
  .object({ from: z.number().min(0).max(1000), to: z.number().min(0).max(1000) })
  .refine(({ from, to }) => from <= to, 'A range goes from the lower to the higher value')

const told = z.object({ by: wire.shortText.min(1, 'Say who said so'), on: wire.plainDate })

/** What is known beside the lists: what was asked, what was settled, what the note does not mean. */
const saidOf = {
  told: z
    .object({ allergies: told, conditions: told, medicines: told } satisfies Record<Topic, unknown>)
    .partial()
    .optional(),
  settled: z
    .array(
      z.object({
        rule: wire.shortText.min(1),
        substance,
        who: wire.shortText.min(1, 'Name the doctor or the pharmacist'),
        on: wire.plainDate,
        until: wire.plainDate.nullable(),
      }),
    )
    .max(60)
    .readonly()
    .optional(),
  alarm: z
    .object({
      hot: z.int().min(3500).max(4500).nullable(),
      cold: z.int().min(2500).max(4000).nullable(),
      who: wire.shortText.min(1, 'Name the doctor or the vet'),
      on: wire.plainDate,
    })
    .optional(),
  noteNotSo: z.array(wire.shortText).max(60).readonly().optional(),
}

const personFacts = z.object({
  kind: z.literal('person'),
  ...saidOf,
  sex: z.enum(['female', 'male', 'unsaid']),
  conditions: z
    .array(wire.oneOf(Object.keys(CONDITIONS_OF_PEOPLE) as PersonCondition[]))
    .max(20)
    .readonly(),
  allergies: z.array(allergy).max(40).readonly(),
  swallowsTablets: z.boolean().nullable(),
  pregnancy: z.enum(PREGNANCIES),
  bloodThinner: z.boolean(),
  gloveSize: z.enum(GLOVE_SIZES).nullable(),
  skills: z
    .array(z.object({ skill, until: wire.plainDate.nullable(), by: wire.shortText }))
    .max(20)
    .readonly(),
  contacts: z.array(contact).max(10).readonly(),
  doctor: contact,
  evacuation: z
    .object({ drives: z.boolean().optional(), help: z.enum(HELPS).optional() })
    .optional(),
  word: z
    .object({
      who: wire.shortText.min(1, 'Say who said yes'),
      phone: wire.shortText,
      substances: z.array(substance).max(40).readonly(),
      on: wire.plainDate,
      until: wire.plainDate,
    })
    .optional(),
})

const animalFacts = z.object({
  kind: z.literal('animal'),
  ...saidOf,
  conditions: z
    .array(wire.oneOf(Object.keys(CONDITIONS_OF_ANIMALS) as AnimalCondition[]))
    .max(20)
    .readonly()
    .optional(),
  traits: z
    .array(wire.oneOf(Object.keys(TRAITS_OF_ANIMALS) as AnimalTrait[]))
    .max(20)
    .readonly(),
  allergies: z.array(allergy).max(40).readonly(),
  coat: wire.shortText,
  normal: z.object({
    temperature: range.nullable(),
    pulse: range.nullable(),
    breathing: range.nullable(),
  }),
  vet: contact,
  clinic: contact,
  temperament: wire.longText,
  agreed: z
    .array(
      z.object({
        substance,
        words: wire.longText.min(1, 'Write down what the vet wrote'),
        vet: wire.shortText.min(1, 'Name the vet'),
        on: wire.plainDate,
        confirmedAgainstWarning: z.boolean(),
      }),
    )
    .max(40)
    .readonly(),
  evacuation: z
    .object({
      hides: z.boolean().optional(),
      where: wire.shortText.optional(),
      sharesWith: wire.memberId.optional(),
    })
    .optional(),
})

export const memberFacts = z.discriminatedUnion('kind', [personFacts, animalFacts])

export const chosenSchools = z
  .record(z.string(), z.string())
  .superRefine((chosen, context) => {
    for (const [question, answer] of Object.entries(chosen))
      if (
        !(SCHOOL_QUESTIONS as readonly string[]).includes(question) ||
        !isSchoolAnswer(question as (typeof SCHOOL_QUESTIONS)[number], answer)
      )
        context.addIssue({
          code: 'custom',
          path: [question],
          message: 'Choose one of the answers that are offered',
        })
  })
  .transform((chosen) => chosen as ChosenSchools)

export const ownFacts = z.object({
  roles: z.array(role).max(30).readonly().optional(),
  uses: z.number().positive().max(1000).optional(),
  contains: z.array(substance).max(60).readonly().optional(),
  species: z.array(z.enum(SPECIES)).min(1).readonly().optional(),
  fromMonths: z.int().min(0).max(1200).optional(),
  millilitres: z.number().positive().max(100_000).optional(),
  size: z.object({ mm: wire.millimetres, grams: z.number().positive().max(100_000) }).optional(),
  storage: z.enum(STORAGE_CLASS_IDS).optional(),
  scored: z.boolean().optional(),
  why: wire.longText.optional(),
})

/** The days of the week on which a guest comes again and again. */
export const guestDays = z.array(wire.weekday).min(1, 'Pick a day').max(7).readonly()

export const memberValue = z.object({
  id: wire.memberId,
  name: z.string(),
  species: wire.species,
  born: wire.plainDate.nullable(),
  helper: z.boolean(),
  note: z.string(),
  facts: memberFacts,
  weighings: z
    .array(
      z.object({
        id: wire.weighingId,
        on: wire.plainDate,
        grams: z.int(),
        notedAt: z.number().optional(),
      }),
    )
    .readonly(),
  guestUntil: wire.plainDate.nullable(),
  guestDays: guestDays.nullish(),
  version: wire.version,
})

/** Members and what is known of them. */
import { z } from 'zod'
import { isRoleId, type RoleId } from '../../core/catalogue/roles'
import { SKILL_IDS, type SkillId } from '../../core/catalogue/skills'
import { STORAGE_CLASS_IDS } from '../../core/catalogue/storageClass'
import { isSubstanceId, type SubstanceId } from '../../core/catalogue/substances'
import { type ChosenSchools, isSchoolAnswer, SCHOOL_QUESTIONS } from '../../core/cover/schools'
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
import * as v from '../primitives'

export const substance = z
  .string()
  .refine(isSubstanceId, 'Name a substance of the reference list')
  .transform((text) => text as SubstanceId)

const role = z
  .string()
  .refine(isRoleId, 'Name a role of the reference list')
  .transform((text) => text as RoleId)

export const skill = v.oneOf<SkillId>(SKILL_IDS)

const contact = z.object({ name: v.shortText, phone: v.phone })

const allergy = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('substance'), substance }),
  z.object({ kind: z.literal('named'), name: v.shortText.min(1, 'Name the allergy') }),
])

const range = z
  .object({ from: z.number().min(0).max(1000), to: z.number().min(0).max(1000) })
  .refine(({ from, to }) => from <= to, 'A range goes from the lower to the higher value')

const told = z.object({ by: v.shortText.min(1, 'Say who said so'), on: v.plainDate })

/** What is known beside the lists: what was asked, what was settled, what the note does not mean. */
const saidOf = {
  told: z
    .object({ allergies: told, conditions: told, medicines: told } satisfies Record<Topic, unknown>)
    .partial()
    .optional(),
  settled: z
    .array(
      z.object({
        rule: v.shortText.min(1),
        substance,
        who: v.shortText.min(1, 'Name the doctor or the pharmacist'),
        on: v.plainDate,
        until: v.plainDate.nullable(),
      }),
    )
    .max(60)
    .readonly()
    .optional(),
  alarm: z
    .object({
      hot: z.int().min(3500).max(4500).nullable(),
      cold: z.int().min(2500).max(4000).nullable(),
      who: v.shortText.min(1, 'Name the doctor or the vet'),
      on: v.plainDate,
    })
    .optional(),
  noteNotSo: z.array(v.shortText).max(60).readonly().optional(),
}

const personFacts = z.object({
  kind: z.literal('person'),
  ...saidOf,
  sex: z.enum(['female', 'male', 'unsaid']),
  conditions: z
    .array(v.oneOf(Object.keys(CONDITIONS_OF_PEOPLE) as PersonCondition[]))
    .max(20)
    .readonly(),
  allergies: z.array(allergy).max(40).readonly(),
  swallowsTablets: z.boolean().nullable(),
  pregnancy: z.enum(PREGNANCIES),
  bloodThinner: z.boolean(),
  gloveSize: z.enum(GLOVE_SIZES).nullable(),
  skills: z
    .array(z.object({ skill, until: v.plainDate.nullable(), by: v.shortText }))
    .max(20)
    .readonly(),
  contacts: z.array(contact).max(10).readonly(),
  doctor: contact,
})

const animalFacts = z.object({
  kind: z.literal('animal'),
  ...saidOf,
  conditions: z
    .array(v.oneOf(Object.keys(CONDITIONS_OF_ANIMALS) as AnimalCondition[]))
    .max(20)
    .readonly()
    .optional(),
  traits: z
    .array(v.oneOf(Object.keys(TRAITS_OF_ANIMALS) as AnimalTrait[]))
    .max(20)
    .readonly(),
  allergies: z.array(allergy).max(40).readonly(),
  coat: v.shortText,
  normal: z.object({
    temperature: range.nullable(),
    pulse: range.nullable(),
    breathing: range.nullable(),
  }),
  vet: contact,
  clinic: contact,
  temperament: v.longText,
  agreed: z
    .array(
      z.object({
        substance,
        words: v.longText.min(1, 'Write down what the vet wrote'),
        vet: v.shortText.min(1, 'Name the vet'),
        on: v.plainDate,
        confirmedAgainstWarning: z.boolean(),
      }),
    )
    .max(40)
    .readonly(),
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
  size: z.object({ mm: v.millimetres, grams: z.number().positive().max(100_000) }).optional(),
  storage: z.enum(STORAGE_CLASS_IDS).optional(),
  scored: z.boolean().optional(),
  why: v.longText.optional(),
})

export const memberValue = z.object({
  id: v.memberId,
  name: z.string(),
  species: v.species,
  born: v.plainDate.nullable(),
  helper: z.boolean(),
  note: z.string(),
  facts: memberFacts,
  weighings: z
    .array(
      z.object({
        id: v.weighingId,
        on: v.plainDate,
        grams: z.int(),
        notedAt: z.number().optional(),
      }),
    )
    .readonly(),
  guestUntil: v.plainDate.nullable(),
  version: v.version,
})

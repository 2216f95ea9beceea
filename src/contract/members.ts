/** Endpoints of people and animals, their weights and prescriptions. */
import { z } from 'zod'
import { endpoint, file } from './endpoint'
import * as v from './primitives'
import * as cover from './values/cover'
import * as members from './values/members'

const memberFields = {
  name: v.givenName,
  species: v.species,
  born: v.plainDate.nullable(),
  helper: z.boolean(),
  note: v.longText,
  facts: members.memberFacts,
  guestUntil: v.plainDate.nullable(),
}

const ofMember = z.object({ memberId: v.memberId })

const ofCourse = z.object({ courseId: v.courseId })

export const addMember = endpoint(
  'POST',
  '/api/members',
  'Add a person or an animal; a guest goes after a day',
  {
    records: ['member_added', 'guest_added'],
    body: z.object({
      ...memberFields,
      born: memberFields.born.default(null),
      helper: memberFields.helper.default(false),
      note: memberFields.note.default(''),
      facts: memberFields.facts.nullable().default(null),
      guestUntil: memberFields.guestUntil.default(null),
      grams: v.grams.nullable().default(null),
    }),
  },
  v.done.extend({ memberId: v.memberId }),
)

export const changeMember = endpoint(
  'PATCH',
  '/api/members/{memberId}',
  'Change a member',
  {
    records: ['member_changed'],
    params: ofMember,
    body: z.object({ ...v.seen, ...z.object(memberFields).partial().shape }),
  },
  v.done,
)

export const removeMember = endpoint(
  'DELETE',
  '/api/members/{memberId}',
  'Take a member off the household',
  { records: ['member_removed'], params: ofMember },
  v.done,
)

export const weigh = endpoint(
  'POST',
  '/api/members/{memberId}/weighings',
  'Note a weight',
  {
    records: ['weighed'],
    params: ofMember,
    body: z.object({
      on: v.plainDate,
      grams: v.grams,
      sure: z.boolean().default(false).describe('It differs much from the last one, and is meant'),
    }),
  },
  v.done.extend({ weighingId: v.weighingId }),
)

export const removeWeighing = endpoint(
  'DELETE',
  '/api/weighings/{weighingId}',
  'Take a weight away',
  { records: ['weighing_removed'], params: z.object({ weighingId: v.weighingId }) },
  v.done,
)

export const setPhoto = endpoint(
  'PUT',
  '/api/members/{memberId}/photo',
  'Set the photo of a member; null takes it away',
  {
    records: ['photo_set'],
    params: ofMember,
    body: z.object({
      photo: v.photo.nullable(),
    }),
  },
  v.done,
)

const courseFields = {
  reason: v.shortText,
  prescriber: v.shortText,
  directions: v.longText,
  perDay: v.someAmount.nullable(),
  unit: v.shortText.describe('The unit the amount was given in; empty for the item’s own'),
  startsOn: v.plainDate,
  endsOn: v.plainDate.nullable(),
  confirmedAgainstWarning: z.boolean(),
}

const inOrder = ({
  startsOn,
  endsOn,
}: {
  startsOn?: string | undefined
  endsOn?: string | null | undefined
}): boolean => !startsOn || !endsOn || startsOn <= endsOn

export const addCourse = endpoint(
  'POST',
  '/api/members/{memberId}/courses',
  'Add a prescription',
  {
    records: ['course_added'],
    params: ofMember,
    body: z
      .object({
        itemId: v.itemId,
        ...courseFields,
        directions: courseFields.directions.default(''),
        unit: courseFields.unit.default(''),
        confirmedAgainstWarning: courseFields.confirmedAgainstWarning.default(false),
      })
      .refine(inOrder, 'A course ends on or after the day it starts'),
  },
  v.done.extend({ courseId: v.courseId }),
)

export const changeCourse = endpoint(
  'PATCH',
  '/api/courses/{courseId}',
  'Change a prescription, or note the prescriber’s word on what is left',
  {
    records: ['course_changed', 'leftover_released'],
    params: ofCourse,
    body: z
      .object({
        ...v.seen,
        ...z.object(courseFields).partial().shape,
        release: cover.courseRelease.nullable().optional(),
      })
      .refine(inOrder, 'A course ends on or after the day it starts'),
  },
  v.done,
)

export const removeCourse = endpoint(
  'DELETE',
  '/api/courses/{courseId}',
  'Take a prescription away',
  { records: ['course_removed'], params: ofCourse },
  v.done,
)

export const memberPhoto = file(
  '/api/members/{memberId}/photo',
  'The photo of a member',
  { params: ofMember },
  'image/*',
)

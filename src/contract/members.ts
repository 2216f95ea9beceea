/** Endpoints of people and animals, their weights and prescriptions. */
import { z } from 'zod'
import { endpoint, file } from './endpoint'
import * as wire from './primitives'
import * as cover from './values/cover'
import * as members from './values/members'

const memberFields = {
  name: wire.givenName,
  species: wire.species,
  born: wire.plainDate.nullable(),
  helper: z.boolean(),
  note: wire.longText,
  facts: members.memberFacts,
  guestUntil: wire.plainDate.nullable(),
  guestDays: members.guestDays.nullable(),
}

const ofMember = z.object({ memberId: wire.memberId })

const ofCourse = z.object({ courseId: wire.courseId })

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
      guestDays: memberFields.guestDays.default(null),
      grams: wire.grams.nullable().default(null),
    }),
  },
  wire.done.extend({ memberId: wire.memberId }),
)

export const changeMember = endpoint(
  'PATCH',
  '/api/members/{memberId}',
  'Change a member',
  {
    records: ['member_changed'],
    params: ofMember,
    body: z.object({ ...wire.seen, ...z.object(memberFields).partial().shape }),
  },
  wire.done,
)

export const stayAgain = endpoint(
  'POST',
  '/api/members/{memberId}/stays',
  'A guest who was here before stays again, with everything that was asked then',
  {
    records: ['guest_stays'],
    params: ofMember,
    body: z.object({
      ...wire.seen,
      until: wire.plainDate,
      days: members.guestDays.nullable().default(null),
    }),
  },
  wire.done,
)

export const removeMember = endpoint(
  'DELETE',
  '/api/members/{memberId}',
  'Take a member off the household',
  { records: ['member_removed'], params: ofMember },
  wire.done,
)

export const weigh = endpoint(
  'POST',
  '/api/members/{memberId}/weighings',
  'Note a weight',
  {
    right: 'care',
    records: ['weighed'],
    params: ofMember,
    body: z.object({
      on: wire.plainDate,
      grams: wire.grams,
      sure: z.boolean().default(false).describe('It differs much from the last one, and is meant'),
    }),
  },
  wire.done.extend({ weighingId: wire.weighingId }),
)

export const removeWeighing = endpoint(
  'DELETE',
  '/api/weighings/{weighingId}',
  'Take a weight away',
  {
    right: 'care',
    records: ['weighing_removed'],
    params: z.object({ weighingId: wire.weighingId }),
  },
  wire.done,
)

export const setPhoto = endpoint(
  'PUT',
  '/api/members/{memberId}/photo',
  'Set the photo of a member; null takes it away',
  {
    records: ['photo_set'],
    params: ofMember,
    body: z.object({
      photo: wire.photo.nullable(),
    }),
  },
  wire.done,
)

const courseFields = {
  reason: wire.shortText,
  prescriber: wire.shortText,
  directions: wire.longText,
  perDay: wire.someAmount.nullable(),
  unit: wire.shortText.describe('The unit the amount was given in; empty for the item’s own'),
  startsOn: wire.plainDate,
  endsOn: wire.plainDate.nullable(),
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
        itemId: wire.itemId,
        ...courseFields,
        directions: courseFields.directions.default(''),
        unit: courseFields.unit.default(''),
        confirmedAgainstWarning: courseFields.confirmedAgainstWarning.default(false),
      })
      .refine(inOrder, 'A course ends on or after the day it starts'),
  },
  wire.done.extend({ courseId: wire.courseId }),
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
        ...wire.seen,
        ...z.object(courseFields).partial().shape,
        release: cover.courseRelease.nullable().optional(),
      })
      .refine(inOrder, 'A course ends on or after the day it starts'),
  },
  wire.done,
)

export const removeCourse = endpoint(
  'DELETE',
  '/api/courses/{courseId}',
  'Take a prescription away',
  { records: ['course_removed'], params: ofCourse },
  wire.done,
)

export const memberPhoto = file(
  '/api/members/{memberId}/photo',
  'The photo of a member',
  { params: ofMember },
  'image/*',
)

/** People and animals, their weights and prescriptions. */
import * as courseActs from '../../app/members/courseActs'
import * as memberActs from '../../app/members/memberActs'
import type * as contract from '../../contract/members'
import type { HandlersOf } from '../handler'
import { pictureFile, pictureOf } from '../picture'

export const members: HandlersOf<typeof contract> = {
  ...memberActs,
  ...courseActs,
  setPhoto: async (world, caller, { photo, ...asked }) =>
    memberActs.setPhoto(world, caller, { ...asked, photo: await pictureOf(photo) }),
  memberPhoto: async (world, caller, { memberId }) =>
    pictureFile('photo', await memberActs.readPhoto(world, caller, memberId)),
}

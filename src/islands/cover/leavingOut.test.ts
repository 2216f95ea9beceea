/** Why a need is not kept ready at a place: what is sent, and what is asked for. */
import { expect, it } from 'vitest'
import { faulty, sent } from '../../../tests/support/forms'
import { readLeavingOut } from './leavingOutDraft'

const at = {
  placeId: '00000000-0000-4000-8000-000000000001' as never,
  needId: 'chest-pain',
}
const memberId = '00000000-0000-4000-8000-000000000002' as never

it('is sent with its reason, for one member or for everybody', () => {
  expect(sent(readLeavingOut({ reason: 'The doctor said so', memberId }, at)).body).toEqual({
    reason: 'The doctor said so',
    memberId,
  })
  expect(
    sent(readLeavingOut({ reason: 'Two minutes away', memberId: null }, at)).body,
  ).toMatchObject({
    memberId: null,
  })
})
it('is not left out without a word why', () => {
  expect(faulty(readLeavingOut({ reason: '  ', memberId: null }, at))).toHaveProperty('reason')
})

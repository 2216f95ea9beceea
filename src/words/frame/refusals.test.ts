/** Every refusal in words: what it was handed is in the sentence, and says what to do. */
import { describe, expect, it } from 'vitest'
import type { RefusalReason } from '../../app/frame/refusal'
import { plainDate } from '../../core/calendar/plainDate'
import type { Instant } from '../../core/dosing/given'
import type { LotId, StopId, WeighingId } from '../../core/ids'
import { units } from '../../core/quantity/amount'
import { sentenceFor } from './refusals'

type Code = RefusalReason['code']
const day = plainDate('2026-11-26')
const lot = (name: string) => ({ lotId: name as LotId, version: 3 })

/** One of every code; the compiler says where one is missing. */
const EVERY: { readonly [C in Code]: Extract<RefusalReason, { readonly code: C }> } = {
  not_found: { code: 'not_found' },
  not_signed_in: { code: 'not_signed_in' },
  wrong_sign_in: { code: 'wrong_sign_in' },
  wrong_password: { code: 'wrong_password' },
  wrong_code: { code: 'wrong_code' },
  weak_password: { code: 'weak_password', fault: 'short' },
  account_not_made: { code: 'account_not_made' },
  email_not_changed: { code: 'email_not_changed' },
  letter_expired: { code: 'letter_expired' },
  demo_account: { code: 'demo_account' },
  no_demo: { code: 'no_demo' },
  too_many_tries: { code: 'too_many_tries', minutes: 7 },
  account_by_letter: { code: 'account_by_letter' },
  passkey_not_right: { code: 'passkey_not_right' },
  passkeys_need_a_name: { code: 'passkeys_need_a_name', open: 'http://localhost:4321' },
  not_in_household: { code: 'not_in_household' },
  not_allowed: { code: 'not_allowed', role: 'viewer', right: 'use' },
  role_ended: { code: 'role_ended' },
  not_yours: { code: 'not_yours' },
  people_stay: { code: 'people_stay' },
  last_keeper: { code: 'last_keeper' },
  code_not_right: { code: 'code_not_right' },
  invitation_gone: { code: 'invitation_gone', state: 'used' },
  already_there: { code: 'already_there', role: 'helper' },
  evening_not_yet: { code: 'evening_not_yet', from: '2026-11-26T18:00:00Z' },
  evening_over: { code: 'evening_over' },
  evening_times: { code: 'evening_times' },
  nobody_stays: { code: 'nobody_stays' },
  household_not_empty: { code: 'household_not_empty' },
  not_a_household_file: { code: 'not_a_household_file' },
  file_of_later_version: { code: 'file_of_later_version' },
  file_too_large: { code: 'file_too_large' },
  file_does_not_hold: { code: 'file_does_not_hold', where: 'records.kit.0.name' },
  not_a_picture: { code: 'not_a_picture' },
  not_enough: { code: 'not_enough', there: units(3), asked: units(5) },
  too_much: { code: 'too_much', there: units(60_000) },
  nothing_asked: { code: 'nothing_asked' },
  same_pocket: { code: 'same_pocket' },
  already_opened: { code: 'already_opened', on: day },
  list_in_future: { code: 'list_in_future', today: day },
  opened_in_future: { code: 'opened_in_future', today: day },
  not_cleaned: { code: 'not_cleaned', since: day },
  already_lent: { code: 'already_lent', to: 'Tove' },
  not_lent: { code: 'not_lent' },
  nothing_to_clean: { code: 'nothing_to_clean' },
  more_than_lent: { code: 'more_than_lent', lent: units(2) },
  cannot_decant: { code: 'cannot_decant', kind: 'pressurised' },
  needs_directions: { code: 'needs_directions' },
  nothing_changed: { code: 'nothing_changed' },
  changed_meanwhile: {
    code: 'changed_meanwhile',
    version: 4,
    since: [
      { who: 'Tove', kind: 'used', at: '2026-11-26T12:00:00Z' },
      { who: 'Odd', kind: 'moved', at: '2026-11-26T11:00:00Z' },
    ],
  },
  some_changed: { code: 'some_changed', lots: [lot('a'), lot('b')] },
  cells_overlap: { code: 'cells_overlap' },
  day_to_come: { code: 'day_to_come', today: day },
  day_gone: { code: 'day_gone', today: day },
  name_taken: { code: 'name_taken', name: 'Mine' },
  already_undone: { code: 'already_undone' },
  used_since: { code: 'used_since' },
  key_used_otherwise: { code: 'key_used_otherwise' },
  unit_differs: { code: 'unit_differs', ours: 'strip', theirs: 'mL' },
  lines_not_ready: { code: 'lines_not_ready', lines: [4, 9, 12] },
  nothing_to_bring_in: { code: 'nothing_to_bring_in' },
  errand_gone: { code: 'errand_gone' },
  shop_needs_name: { code: 'shop_needs_name' },
  errand_needs_an_answer: { code: 'errand_needs_an_answer' },
  on_order: { code: 'on_order' },
  not_here_yet: { code: 'not_here_yet' },
  order_stays: { code: 'order_stays' },
  pack_of_other: { code: 'pack_of_other', title: 'Gauze 10 cm' },
  nothing_to_order: { code: 'nothing_to_order' },
  shop_silent: { code: 'shop_silent', shop: 'Corner' },
  bulletins_silent: { code: 'bulletins_silent' },
  still_in_use: { code: 'still_in_use' },
  round_finished: { code: 'round_finished', at: '2026-11-26T12:00:00Z', by: 'Tove' },
  born_in_future: { code: 'born_in_future', today: day },
  facts_of_another_kind: { code: 'facts_of_another_kind' },
  allergy_twice: { code: 'allergy_twice', name: 'Penicillin' },
  weight_out_of_range: { code: 'weight_out_of_range', from: 500, to: 120_000 },
  weight_jumps: {
    code: 'weight_jumps',
    last: { id: 'w' as WeighingId, grams: 21_400, on: day },
  },
  weighed_in_future: { code: 'weighed_in_future', today: day },
  somebody_elses_medicine: { code: 'somebody_elses_medicine', whose: 'Ned' },
  ends_before_it_begins: { code: 'ends_before_it_begins' },
  not_in_catalogue: { code: 'not_in_catalogue', id: 'x' },
  own_facts: { code: 'own_facts', fault: { code: 'uses', uses: 2000 } },
  card_faulty: { code: 'card_faulty', fault: { code: 'who_says' } },
  dose_refused: {
    code: 'dose_refused',
    refusals: [
      {
        code: 'interval_not_over',
        until: 1_795_700_000_000 as Instant,
        last: {
          at: 1_795_690_000_000 as Instant,
          by: 'Tove',
          title: 'Acetaminophen syrup',
        },
      },
    ],
  } as unknown as Extract<RefusalReason, { code: 'dose_refused' }>,
  trip_faulty: {
    code: 'trip_faulty',
    fault: { code: 'nobody_there', stop: 'stop-1' as StopId },
    about: { who: '', stops: ['Lake house'] },
  },
  no_year: { code: 'no_year' },
  readings_in_future: { code: 'readings_in_future' },
  already_struck: { code: 'already_struck' },
  incident_counts: { code: 'incident_counts' },
}

const whole = (reason: RefusalReason): string => {
  const { title, detail } = sentenceFor(reason)
  return `${title} | ${detail}`
}

describe('a refusal in words', () => {
  it.each(Object.values(EVERY))('$code says what happened and what to do', (reason) => {
    const { title, detail } = sentenceFor(reason)
    expect(title).toMatch(/^[A-Z“].*[^.]$/)
    expect(detail).toMatch(/^[A-Z“0-9].*[.?]$/)
    expect(`${title} ${detail}`).not.toMatch(/undefined|null|NaN|\[object|[a-z]+_[a-z]+/)
  })

  /** Word for word where a number, a day or a comparison stands: one word more or less is another sentence. */
  it.each<readonly [RefusalReason, string]>([
    [
      EVERY.not_enough,
      'There are not that many | Only 3 are recorded here, and 5 were asked for. Take less, or correct the count first.',
    ],
    [
      EVERY.too_much,
      'One pocket cannot hold so much of it | 60000 are recorded there already, and the record takes at most a hundred thousand of one pack date in one pocket. Choose another pocket, or count in packs.',
    ],
    [EVERY.nothing_asked, 'Nothing to do | Give an amount above nothing.'],
    [
      EVERY.already_opened,
      'It is open already | Opened on 2026-11-26. Change the details if that day is wrong.',
    ],
    [EVERY.list_in_future, 'The list is dated in the future | Give 2026-11-26 or an earlier day.'],
    [EVERY.opened_in_future, 'That day has not come | Give 2026-11-26 or an earlier day.'],
    [EVERY.day_to_come, 'That day has not come | Give 2026-11-26 or an earlier day.'],
    [EVERY.day_gone, 'That day is over | Give 2026-11-26 or a later day.'],
    [EVERY.born_in_future, 'That birthday has not come | Give 2026-11-26 or an earlier day.'],
    [EVERY.weighed_in_future, 'That day has not come | Give 2026-11-26 or an earlier day.'],
    [
      EVERY.not_cleaned,
      'It has not been cleaned yet | It was used on 2026-11-26. Clean it and press Cleaned, or take another.',
    ],
    [EVERY.already_lent, 'It is lent already | Tove has it. Note first that it is back.'],
    [
      EVERY.more_than_lent,
      'More came back than was lent | Only 2 were lent. Take those back, and add the rest as a new pack.',
    ],
    [
      EVERY.cannot_decant,
      'This stays in its own pack | What is under pressure is not filled into another. Move the whole pack.',
    ],
    [
      { code: 'cannot_decant', kind: 'food' },
      'This stays in its own pack | What is of this sort is not filled into another. Move the whole pack.',
    ],
    [
      EVERY.changed_meanwhile,
      'Somebody was here meanwhile | Tove used some since you looked, and 1 more. What you see now is the latest; do it again if you still want it.',
    ],
    [
      { code: 'changed_meanwhile', version: 2, since: [] },
      'Somebody was here meanwhile | It was changed in another window. What you see now is the latest; do it again if you still want it.',
    ],
    [
      EVERY.some_changed,
      'Somebody was here meanwhile | 2 of them have been changed since you looked. What you see now is the latest; do it again if you still want it.',
    ],
    [
      { code: 'some_changed', lots: [lot('a')] },
      'Somebody was here meanwhile | One of them has been changed since you looked. What you see now is the latest; do it again if you still want it.',
    ],
    [EVERY.name_taken, 'That name is taken | There is a view called Mine. Give another name.'],
    [
      EVERY.unit_differs,
      'The unit does not fit | It is counted in strip, not in mL. Correct the line or the item.',
    ],
    [
      { code: 'unit_differs', ours: '', theirs: 'mL' },
      'The unit does not fit | It is counted in pieces, not in mL. Correct the line or the item.',
    ],
    [
      EVERY.lines_not_ready,
      'Some lines still need you | Answer or correct line 4, 9, 12, or leave them out. Nothing was written.',
    ],
    [
      EVERY.pack_of_other,
      'This pack is Gauze 10 cm | Nothing was put away. Look at what is in your hand; where the code is wrong, type the date instead.',
    ],
    [
      EVERY.shop_silent,
      'Corner does not answer | Nothing was ordered or changed. Try again later.',
    ],
    [
      EVERY.round_finished,
      'Tove has signed this round off | What you found is in the record all the same. Start another round to go on.',
    ],
    [EVERY.allergy_twice, 'The same allergy twice | Penicillin is there already. Remove one.'],
    [
      EVERY.weight_out_of_range,
      'That weight cannot be | For this species it is between 500 g and 120 kg. Look at the unit and the comma.',
    ],
    [
      EVERY.weight_jumps,
      'Is that weight right? | The last one was 21.4 kg on 2026-11-26. Weigh again, or say that you are sure.',
    ],
    [
      EVERY.somebody_elses_medicine,
      'This is somebody else’s medicine | It was prescribed for Ned and is never shared. Choose or add another item.',
    ],
    [
      EVERY.ends_before_it_begins,
      'It would end before it begins | Give a last day on or after the first.',
    ],
    [
      EVERY.own_facts,
      'This cannot be kept about the item | One unit cannot give 2000 uses. Give a number above 0, up to 1000.',
    ],
    [
      EVERY.dose_refused,
      'Do not give it | It is too soon: Tove has given Acetaminophen syrup. If it has been given already, note that it was given anyway.',
    ],
    [
      EVERY.too_many_tries,
      'Too many tries | Wait 7 minutes, then try again. A device on which you have signed in before is not held up by what others try.',
    ],
    [
      { code: 'too_many_tries', minutes: 1 },
      'Too many tries | Wait a minute, then try again. A device on which you have signed in before is not held up by what others try.',
    ],
    [
      EVERY.file_does_not_hold,
      'This file does not hold together | Nothing was restored. It was changed or damaged (records.kit.0.name). Use another copy of it.',
    ],
    [EVERY.file_too_large, 'This file is too large | A saved household has at most 512 MB.'],
    [
      EVERY.letter_expired,
      'This letter has been used, or it is too old | Ask for a new one. It works for one hour, and once.',
    ],
  ])('%o', (reason, text) => {
    expect(whole(reason)).toBe(text)
  })
})

/** Refusals as `application/problem+json` (RFC 9457): a code, a status, a sentence that says what to do. */
import { z } from 'zod'
import { Refusal, type RefusalReason } from '../app/frame/refusal'
import { NotInHouseholdError } from '../db/frame/connect'
import { sentenceFor } from '../words/frame/refusals'
import { logFault } from './log'

export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  code: z.string(),
  detail: z.string().describe('What to do about it'),
  errors: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
  facts: z.unknown().optional(),
})
export type Problem = z.infer<typeof problemSchema>

/** The one table from codes to statuses. */
const STATUS: Readonly<Record<RefusalReason['code'], number>> = {
  not_found: 404,
  not_signed_in: 401,
  wrong_sign_in: 403,
  wrong_password: 403,
  wrong_code: 403,
  weak_password: 422,
  account_not_made: 409,
  email_not_changed: 409,
  letter_expired: 403,
  demo_account: 403,
  no_demo: 404,
  too_many_tries: 429,
  not_a_picture: 422,
  account_by_letter: 409,
  passkey_not_right: 403,
  passkeys_need_a_name: 409,
  nobody_stays: 409,
  not_in_household: 403,
  not_allowed: 403,
  role_ended: 403,
  not_yours: 403,
  people_stay: 409,
  last_keeper: 409,
  code_not_right: 404,
  invitation_gone: 410,
  already_there: 409,
  evening_not_yet: 403,
  evening_over: 410,
  evening_times: 422,
  household_not_empty: 409,
  not_a_household_file: 422,
  file_of_later_version: 422,
  file_too_large: 413,
  file_does_not_hold: 422,
  not_enough: 409,
  too_much: 422,
  nothing_asked: 422,
  same_pocket: 422,
  already_opened: 409,
  opened_in_future: 422,
  list_in_future: 422,
  nothing_changed: 422,
  not_cleaned: 409,
  already_lent: 409,
  not_lent: 409,
  nothing_to_clean: 409,
  more_than_lent: 422,
  cannot_decant: 422,
  needs_directions: 422,
  changed_meanwhile: 409,
  some_changed: 409,
  cells_overlap: 422,
  name_taken: 409,
  day_to_come: 422,
  day_gone: 422,
  already_undone: 409,
  used_since: 409,
  key_used_otherwise: 422,
  unit_differs: 422,
  lines_not_ready: 422,
  nothing_to_bring_in: 409,
  errand_gone: 409,
  shop_needs_name: 422,
  on_order: 409,
  not_here_yet: 409,
  order_stays: 409,
  pack_of_other: 409,
  nothing_to_order: 409,
  shop_silent: 503,
  bulletins_silent: 503,
  errand_needs_an_answer: 422,
  still_in_use: 409,
  round_finished: 409,
  born_in_future: 422,
  facts_of_another_kind: 422,
  allergy_twice: 422,
  weight_out_of_range: 422,
  weight_jumps: 409,
  weighed_in_future: 422,
  somebody_elses_medicine: 409,
  ends_before_it_begins: 422,
  not_in_catalogue: 422,
  own_facts: 422,
  card_faulty: 422,
  dose_refused: 409,
  trip_faulty: 422,
  no_year: 409,
  readings_in_future: 422,
  already_struck: 409,
  incident_counts: 409,
}

export function problem(
  status: number,
  code: string,
  title: string,
  detail: string,
  more: Partial<Problem> = {},
): Response {
  const body: Problem = {
    type: `urn:vivid-satchel:problem:${code}`,
    title,
    status,
    code,
    detail,
    ...more,
  }
  return new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': 'application/problem+json', 'cache-control': 'no-store' },
  })
}

/** Turns anything thrown into a problem; what is not ours is logged and not shown. */
export function problemOf(error: unknown): Response {
  if (error instanceof Refusal) {
    const { title, detail } = sentenceFor(error.reason)
    return problem(STATUS[error.reason.code], error.reason.code, title, detail, {
      facts: error.reason,
    })
  }
  // Between the look at who asks and the asking, a role may have ended.
  if (error instanceof NotInHouseholdError)
    return problemOf(new Refusal({ code: 'not_in_household' }))
  if (isDatabaseAway(error))
    return problem(
      503,
      'database_away',
      'The record does not answer',
      'Nothing was changed. Try again in a moment; if it lasts, run ./satchel start.',
    )
  logFault(error)
  return problem(
    500,
    'unexpected',
    'Something went wrong here',
    'Nothing was changed. Try again; if it stays, look into the server log.',
  )
}

const AWAY = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  '57P01',
  '57P02',
  '57P03',
  '08006',
  '08003',
  '08001',
])

/** A server that is stopping, starting or gone, however deep the driver buries it. */
function isDatabaseAway(error: unknown): boolean {
  if (!(error instanceof Error)) return false
  const { code } = error as { code?: unknown }
  if (typeof code === 'string' && AWAY.has(code)) return true
  if (
    /Connection terminated|timeout exceeded when trying to connect|Client has encountered a connection error/i.test(
      error.message,
    )
  )
    return true
  return isDatabaseAway(error.cause)
}

/** Why a use case does not do what was asked: a closed set of codes with the facts of each. */
import type { PasswordFault } from '../../core/account/password'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { OwnFactsFault } from '../../core/catalogue/itemFacts'
import type { CardFault } from '../../core/dosing/cardFaults'
import type { DoseRefusal } from '../../core/dosing/refusal'
import type { WeightFault } from '../../core/household/weight'
import type { LotId } from '../../core/ids'
import type { Right, Role } from '../../core/people/role'
import type { StockRefusal } from '../../core/stock/decide'
import type { TripFault } from '../../core/trips/faults'

export type RefusalReason =
  | StockRefusal
  | { readonly code: 'not_found' }
  | { readonly code: 'not_signed_in' }
  | { readonly code: 'wrong_sign_in' }
  | { readonly code: 'wrong_password' }
  | { readonly code: 'wrong_code' }
  | { readonly code: 'weak_password'; readonly fault: PasswordFault }
  /** Why is not said: it would tell who has an account. */
  | { readonly code: 'account_not_made' }
  | { readonly code: 'email_not_changed' }
  | { readonly code: 'letter_expired' }
  | { readonly code: 'demo_account' }
  | { readonly code: 'no_demo' }
  | { readonly code: 'too_many_tries'; readonly minutes: number }
  /** Letters are sent here, so that an address is shown to be one's own. */
  | { readonly code: 'account_by_letter' }
  | { readonly code: 'passkey_not_right' }
  /** Passkeys belong to a name, and this machine is reached by its number. */
  | { readonly code: 'passkeys_need_a_name'; readonly open: string }
  /** The household is not one of theirs, or is so no longer. */
  | { readonly code: 'not_in_household' }
  /** Their role does not let them. */
  | { readonly code: 'not_allowed'; readonly role: Role; readonly right: Right }
  /** A role ended; only what was counted before it still arrives. */
  | { readonly code: 'role_ended' }
  /** Helpers take back what they did themselves. */
  | { readonly code: 'not_yours' }
  /** Coming and going is not undone; bringing somebody back is an invitation. */
  | { readonly code: 'people_stay' }
  /** A household keeps a keeper. */
  | { readonly code: 'last_keeper' }
  | { readonly code: 'code_not_right' }
  | { readonly code: 'invitation_gone'; readonly state: 'used' | 'over' | 'withdrawn' }
  | { readonly code: 'already_there'; readonly role: Role }
  | { readonly code: 'evening_not_yet'; readonly from: string }
  | { readonly code: 'evening_over' }
  /** It ends before it begins, has ended already, or is longer than a long weekend. */
  | { readonly code: 'evening_times' }
  /** Somebody is needed who stays in the household. */
  | { readonly code: 'nobody_stays' }
  /** A household is brought back into one in which nothing is kept yet. */
  | { readonly code: 'household_not_empty' }
  | { readonly code: 'not_a_household_file' }
  | { readonly code: 'file_of_later_version' }
  | { readonly code: 'file_too_large' }
  /** It is one, and says what cannot be. */
  | { readonly code: 'file_does_not_hold'; readonly where: string }
  /** It says that it is one, and cannot be read as one. */
  | { readonly code: 'not_a_picture' }
  /** Somebody else was faster: what the record is now, and who did what since. */
  | {
      readonly code: 'changed_meanwhile'
      readonly version: number
      readonly since: readonly MeanwhileAct[]
      /** Not what the act is about, but the item that its form changes beside it. */
      readonly of?: 'item'
    }
  /** The same for an act on many lots: those that changed, as they are now. */
  | {
      readonly code: 'some_changed'
      readonly lots: readonly { readonly lotId: LotId; readonly version: number }[]
    }
  | { readonly code: 'cells_overlap' }
  | { readonly code: 'day_to_come'; readonly today: string }
  | { readonly code: 'day_gone'; readonly today: string }
  | { readonly code: 'name_taken'; readonly name: string }
  | { readonly code: 'already_undone' }
  /** Taking it back would leave a pocket with less than nothing. */
  | { readonly code: 'used_since' }
  | { readonly code: 'key_used_otherwise' }
  | { readonly code: 'unit_differs'; readonly ours: string; readonly theirs: string }
  | { readonly code: 'lines_not_ready'; readonly lines: readonly number[] }
  | { readonly code: 'list_in_future'; readonly today: PlainDate }
  | { readonly code: 'nothing_to_bring_in' }
  | { readonly code: 'errand_gone' }
  /** A price of another shop, or days to wait, without saying which shop. */
  | { readonly code: 'shop_needs_name' }
  | { readonly code: 'errand_needs_an_answer' }
  /** It was ordered; the shop has to be told. */
  | { readonly code: 'on_order' }
  | { readonly code: 'not_here_yet' }
  /** Taken back here, it would still be on its way. */
  | { readonly code: 'order_stays' }
  /** Title of what the code on the pack stands for. */
  | { readonly code: 'pack_of_other'; readonly title: string }
  | { readonly code: 'nothing_to_order' }
  | { readonly code: 'shop_silent'; readonly shop: string }
  | { readonly code: 'bulletins_silent' }
  | { readonly code: 'still_in_use' }
  /** Somebody else has signed it off. */
  | { readonly code: 'round_finished'; readonly at: string; readonly by: string }
  | { readonly code: 'born_in_future'; readonly today: string }
  /** Facts of a person for an animal, or the other way round. */
  | { readonly code: 'facts_of_another_kind' }
  | { readonly code: 'allergy_twice'; readonly name: string }
  | WeightFault
  | { readonly code: 'weighed_in_future'; readonly today: string }
  | { readonly code: 'somebody_elses_medicine'; readonly whose: string }
  | { readonly code: 'ends_before_it_begins' }
  | { readonly code: 'not_in_catalogue'; readonly id: string }
  | { readonly code: 'own_facts'; readonly fault: OwnFactsFault }
  | { readonly code: 'card_faulty'; readonly fault: CardFault }
  /** Somebody else was faster, or a rule speaks against it. */
  | { readonly code: 'dose_refused'; readonly refusals: readonly DoseRefusal[] }
  /** A trip that cannot be, with the names of whom and where it is about. */
  | {
      readonly code: 'trip_faulty'
      readonly fault: TripFault
      readonly about: { readonly who: string; readonly stops: readonly string[] }
    }
  /** A simulated logger is made up from the year of its place, and nobody has told it. */
  | { readonly code: 'no_year' }
  /** Nobody has measured what has not come yet. */
  | { readonly code: 'readings_in_future' }
  | { readonly code: 'already_struck' }
  /** Something was given or used: an incident is no slip then. */
  | { readonly code: 'incident_counts' }

export interface MeanwhileAct {
  readonly who: string
  readonly kind: string
  readonly at: string
}

/** Thrown by use cases; the edge turns its code into a status and a sentence. */
export class Refusal extends Error {
  override readonly name = 'Refusal'
  constructor(readonly reason: RefusalReason) {
    super(reason.code)
  }
}

export const notFound = (): Refusal => new Refusal({ code: 'not_found' })

/** What is said when something is refused: what happened, and what to do. */
import type { RefusalReason } from '../../app/frame/refusal'
import { MOST_CHARACTERS, type PasswordFault } from '../../core/account/password'
import { assertNever } from '../../core/brand'
import type { Instant } from '../../core/dosing/given'
import type { DoseRefusal } from '../../core/dosing/refusal'
import type { Right } from '../../core/people/role'
import { formatAmount } from '../../core/quantity/amount'
import type { ItemKind } from '../../core/stock/itemKind'
import { cardFaultText } from '../care/cards'
import { refusalText } from '../care/doses'
import { roleNames } from '../people/roleNames'
import { tripFaultText } from '../trips/trips'
import { actWord } from './acts'

export interface Sentence {
  readonly title: string
  readonly detail: string
}

const WEAK: Readonly<Record<PasswordFault, string>> = {
  short: 'Use ten characters or more for the password.',
  long: `Use at most ${MOST_CHARACTERS} characters for the password.`,
  common:
    'Too many people use this password, or it is easily guessed. Three or four words that have nothing to do with each other are better.',
  own_name:
    'The password is mostly your name or address. Use something that has nothing to do with you.',
}

const NOT_ALLOWED: Readonly<Record<Right, string>> = {
  readiness: 'Ask a keeper to let you see how ready the places are.',
  find: 'You see how ready the places are, from outside. Ask a keeper if you need to see more.',
  look: 'Ask a grown-up of the household. In an emergency call the number on the lid sheet.',
  count: 'You may look at everything here, and change nothing. Ask a keeper to make you a helper.',
  use: 'Ask a grown-up of the household to do this, or a keeper to make you a helper.',
  care: 'Ask a grown-up of the household to write this down, or a keeper to make you a helper.',
  arrange: 'Ask a keeper to do this, or to make you a second keeper.',
  settings: 'Ask a keeper to do this, or to make you a second keeper.',
  own: 'Only a keeper may do this.',
}

const GONE_INVITATIONS = {
  used: 'This invitation has been used',
  over: 'This invitation is over',
  withdrawn: 'This invitation was withdrawn',
} as const

export function sentenceFor(reason: RefusalReason): Sentence {
  const say = (title: string, detail: string): Sentence => ({ title, detail })
  switch (reason.code) {
    case 'not_found':
      return say(
        'This is not here',
        'It may have been removed. Go back to the list and look again.',
      )
    case 'not_signed_in':
      return say('You are not signed in', 'Sign in and do it again; what you typed is still here.')
    case 'wrong_sign_in':
      return say(
        'That did not let you in',
        'E-mail or password is not right. Check both and try again.',
      )
    case 'wrong_password':
      return say('That is not your password', 'Type the password that you sign in with now.')
    case 'wrong_code':
      return say(
        'That code does not let you in',
        'Check the address and the code. A code works once, and new codes end the old ones.',
      )
    case 'weak_password':
      return say('Choose another password', WEAK[reason.fault])
    case 'account_not_made':
      return say(
        'No account was made with this address',
        'If you have one already, sign in with it. If you cannot get in, press “I cannot get in”.',
      )
    case 'email_not_changed':
      return say('The address stays as it is', 'This address cannot be used. Choose another.')
    case 'letter_expired':
      return say(
        'This letter has been used, or it is too old',
        'Ask for a new one. It works for one hour, and once.',
      )
    case 'demo_account':
      return say(
        'This is the demo’s account',
        'Everybody who looks at the demo uses it, so it stays as it is. Make an account of your own.',
      )
    case 'no_demo':
      return say('There is no demo here', 'Start with ./satchel start to load it, or sign in.')
    case 'too_many_tries':
      return say(
        'Too many tries',
        `Wait ${reason.minutes === 1 ? 'a minute' : `${reason.minutes} minutes`}, then try again. A device on which you have signed in before is not held up by what others try.`,
      )
    case 'account_by_letter':
      return say(
        'An account is made by letter here',
        'Ask for the letter, and make the account with the link in it.',
      )
    case 'passkey_not_right':
      return say(
        'That passkey does not open this account',
        'It may have been removed, or it took too long. Try again, or sign in with the password.',
      )
    case 'passkeys_need_a_name':
      return say(
        'Passkeys do not work at this address',
        `It is a number. Open ${reason.open} and make the passkey there.`,
      )
    case 'not_in_household':
      return say(
        'You do not belong to this household',
        'Your role there may have ended. Open one of your own households.',
      )
    case 'not_allowed':
      return say(`${roleNames[reason.role]}: not yours to do`, NOT_ALLOWED[reason.right])
    case 'role_ended':
      return say(
        'Your role in this household has ended',
        'What you counted before still arrives, for two weeks. Nothing else is taken.',
      )
    case 'not_yours':
      return say(
        'Somebody else did this',
        'You can undo what you did yourself. Ask a keeper to undo the rest.',
      )
    case 'people_stay':
      return say(
        'Who comes and goes is not undone here',
        'Roles and invitations end under Household, Who comes in; evenings under Ready, Evenings; the code on a lid on its lid sheet.',
      )
    case 'last_keeper':
      return say(
        'A household needs a keeper',
        'Make somebody else a keeper first: open Household, then Who comes in.',
      )
    case 'code_not_right':
      return say(
        'This code opens nothing',
        'A code has twelve letters and digits, with no I, L, O, U, 0 or 1. Read it again, or ask for a new one.',
      )
    case 'invitation_gone':
      return say(GONE_INVITATIONS[reason.state], 'Ask whoever sent it for a new one.')
    case 'already_there':
      return say(
        'You belong to this household already',
        `You are there as ${roleNames[reason.role].toLowerCase()}. A keeper can change that: Household, then Who comes in.`,
      )
    case 'evening_not_yet':
      return say('It has not begun yet', 'This page opens when the evening begins.')
    case 'evening_over':
      return say(
        'This evening is over',
        'Nothing of it is shown any more. What you noted is with the household.',
      )
    case 'evening_times':
      return say(
        'These times do not fit',
        'Give times such as 18:00 and 23:30. An evening ends after it begins, and lasts four days at most.',
      )
    case 'nobody_stays':
      return say(
        'Nobody else is in this household',
        'You cannot leave it to nobody. Delete the household instead; it is kept for a week in case you change your mind.',
      )
    case 'household_not_empty':
      return say(
        'Something is kept here already',
        'A saved household can only be brought back where nothing is kept yet. Make a new account for it, or delete this household first.',
      )
    case 'not_a_household_file':
      return say(
        'That is not a saved household',
        'Choose the ZIP file that “Save everything” made, whole and as it was saved.',
      )
    case 'file_of_later_version':
      return say(
        'This file is newer than this machine',
        'It was saved by a later version of Vivid Satchel. Update this machine, then bring it back.',
      )
    case 'file_too_large':
      return say('This file is too large', 'A saved household has at most 512 MB.')
    case 'file_does_not_hold':
      return say(
        'This file does not hold together',
        `Nothing was restored. It was changed or damaged (${reason.where}). Use another copy of it.`,
      )
    case 'not_a_picture':
      return say(
        'That is not a picture',
        'It could not be read as a JPEG, PNG or WebP. Take the photo again, or choose another file.',
      )
    case 'not_enough':
      return say(
        'There are not that many',
        `Only ${formatAmount(reason.there)} are recorded here, and ${formatAmount(reason.asked)} were asked for. Take less, or correct the count first.`,
      )
    case 'too_much':
      return say(
        'One pocket cannot hold so much of it',
        `${formatAmount(reason.there)} are recorded there already, and the record takes at most a hundred thousand of one pack date in one pocket. Choose another pocket, or count in packs.`,
      )
    case 'nothing_asked':
      return say('Nothing to do', 'Give an amount above nothing.')
    case 'same_pocket':
      return say('It is there already', 'Choose another pocket to move it to.')
    case 'already_opened':
      return say(
        'It is open already',
        `Opened on ${reason.on}. Change the details if that day is wrong.`,
      )
    case 'list_in_future':
      return say('The list is dated in the future', `Give ${reason.today} or an earlier day.`)
    case 'opened_in_future':
      return say('That day has not come', `Give ${reason.today} or an earlier day.`)
    case 'not_cleaned':
      return say(
        'It has not been cleaned yet',
        `It was used on ${reason.since}. Clean it and press Cleaned, or take another.`,
      )
    case 'already_lent':
      return say('It is lent already', `${reason.to} has it. Note first that it is back.`)
    case 'not_lent':
      return say('It is not lent', 'Somebody may have noted already that it is back.')
    case 'nothing_to_clean':
      return say('It is clean already', 'Somebody may have noted it already.')
    case 'more_than_lent':
      return say(
        'More came back than was lent',
        `Only ${formatAmount(reason.lent)} were lent. Take those back, and add the rest as a new pack.`,
      )
    case 'cannot_decant':
      return say(
        'This stays in its own pack',
        `What is ${KINDS_NEVER_DECANTED[reason.kind] ?? 'of this sort'} is not filled into another. Move the whole pack.`,
      )
    case 'needs_directions':
      return say(
        'The directions have to go with it',
        'Copy from the carton or the prescriber’s label how it is taken, and for whom. Then decant.',
      )
    case 'nothing_changed':
      return say('Nothing was changed', 'Every detail is as it was.')
    case 'changed_meanwhile':
      return say('Somebody was here meanwhile', meanwhile(reason.since))
    case 'some_changed':
      return say(
        'Somebody was here meanwhile',
        `${reason.lots.length === 1 ? 'One of them has' : `${reason.lots.length} of them have`} been changed since you looked. What you see now is the latest; do it again if you still want it.`,
      )
    case 'cells_overlap':
      return say('Two pockets would overlap', 'Load the mat again and move one of them.')
    case 'day_to_come':
      return say('That day has not come', `Give ${reason.today} or an earlier day.`)
    case 'day_gone':
      return say('That day is over', `Give ${reason.today} or a later day.`)
    case 'name_taken':
      return say('That name is taken', `There is a view called ${reason.name}. Give another name.`)
    case 'already_undone':
      return say('Undone already', 'Another window was faster. Nothing more is needed.')
    case 'used_since':
      return say(
        'It cannot be undone any more',
        'What it brought has been used, moved or changed since. Undo those first, or correct the count.',
      )
    case 'key_used_otherwise':
      return say(
        'This request was mixed up with another',
        'Load the page again and repeat what you did.',
      )
    case 'unit_differs':
      return say(
        'The unit does not fit',
        `It is counted in ${reason.ours || 'pieces'}, not in ${reason.theirs}. Correct the line or the item.`,
      )
    case 'lines_not_ready':
      return say(
        'Some lines still need you',
        `Answer or correct line ${reason.lines.slice(0, 8).join(', ')}, or leave them out. Nothing was written.`,
      )
    case 'nothing_to_bring_in':
      return say(
        'Everything is here already',
        'Every line of this list is recorded. Nothing was written.',
      )
    case 'shop_needs_name':
      return say(
        'Which shop is that?',
        'Name the shop that charges this, or where it has to be ordered ahead.',
      )
    case 'on_order':
      return say(
        'This is on order',
        'Ask the shop to change or cancel it; when it has not come, say so there.',
      )
    case 'not_here_yet':
      return say('This is still to come', 'Ask the shop how it stands, or tick it as bought.')
    case 'pack_of_other':
      return say(
        `This pack is ${reason.title}`,
        'Nothing was put away. Look at what is in your hand; where the code is wrong, type the date instead.',
      )
    case 'nothing_to_order':
      return say(
        'Nothing to order',
        'No line of the list is for this shop and in its price list. Take over its prices, then make the list again.',
      )
    case 'shop_silent':
      return say(
        `${reason.shop} does not answer`,
        'Nothing was ordered or changed. Try again later.',
      )
    case 'bulletins_silent':
      return say('The bulletins do not answer', 'Nothing was changed. Try again later.')
    case 'order_stays':
      return say(
        'The shop has this order',
        'Taking it back here would not cancel it. Ask the shop, then take the lines off the list.',
      )
    case 'errand_gone':
      return say(
        'Nothing left to do here',
        'The reason for it has passed, or somebody was faster. The list has been read again.',
      )
    case 'errand_needs_an_answer':
      return say('This needs an answer', 'Open the kit and change the details there.')
    case 'born_in_future':
      return say('That birthday has not come', `Give ${reason.today} or an earlier day.`)
    case 'facts_of_another_kind':
      return say(
        'This does not fit the species',
        'People and animals are described by different facts. Load the page again and fill it in anew.',
      )
    case 'allergy_twice':
      return say('The same allergy twice', `${reason.name} is there already. Remove one.`)
    case 'weight_out_of_range':
      return say(
        'That weight cannot be',
        `For this species it is between ${kilograms(reason.from)} and ${kilograms(reason.to)}. Look at the unit and the comma.`,
      )
    case 'weight_jumps':
      return say(
        'Is that weight right?',
        `The last one was ${kilograms(reason.last.grams)} on ${reason.last.on}. Weigh again, or say that you are sure.`,
      )
    case 'weighed_in_future':
      return say('That day has not come', `Give ${reason.today} or an earlier day.`)
    case 'somebody_elses_medicine':
      return say(
        'This is somebody else’s medicine',
        `It was prescribed for ${reason.whose} and is never shared. Choose or add another item.`,
      )
    case 'ends_before_it_begins':
      return say('It would end before it begins', 'Give a last day on or after the first.')
    case 'not_in_catalogue':
      return say(
        'The catalogue has no such entry',
        'Search again and choose one of those that are offered.',
      )
    case 'own_facts':
      return say('This cannot be kept about the item', ownFactsFault(reason.fault))
    case 'still_in_use':
      return say('It is still in use', 'Empty it first.')
    case 'round_finished':
      return say(
        `${reason.by} has signed this round off`,
        'What you found is in the record all the same. Start another round to go on.',
      )
    case 'card_faulty':
      return say('The card cannot be kept like this', cardFaultText(reason.fault))
    case 'dose_refused':
      return say('Do not give it', doseRefused(reason.refusals))
    case 'trip_faulty':
      return say('This trip cannot be planned like that', tripFaultText(reason.fault, reason.about))
    case 'no_year':
      return say(
        'Say first how warm it is there',
        'The simulated logger is made up from the coldest and the hottest month of the place and from what keeps it warm.',
      )
    case 'readings_in_future':
      return say(
        'These readings are from the future',
        'Check the day, or how far off the logger’s clock was, and import them again.',
      )
    case 'already_struck':
      return say('It is struck out already', 'Somebody else was faster. Nothing more is needed.')
    case 'incident_counts':
      return say(
        'Something was given or used here',
        'Strike that out first, so that stock and doses are right; or end the incident.',
      )
    default:
      return assertNever(reason)
  }
}

const KINDS_NEVER_DECANTED: Readonly<Partial<Record<ItemKind, string>>> = {
  sterile: 'sterile',
  pressurised: 'under pressure',
  sharp: 'sharp',
  battery: 'a battery',
  instrument: 'an instrument',
}

const kilograms = (grams: number): string =>
  grams < 1000 ? `${grams} g` : `${Math.round(grams / 100) / 10} kg`

function ownFactsFault(
  fault: Extract<RefusalReason, { readonly code: 'own_facts' }>['fault'],
): string {
  switch (fault.code) {
    case 'no_role':
      return 'It plays no role. Choose at least one, or leave the catalogue’s word.'
    case 'unknown_role':
      return `Nothing is known of the role "${fault.role}".`
    case 'uses':
      return `One unit cannot give ${fault.uses} uses. Give a number above 0, up to 1000.`
    case 'drops_ingredient':
      return `The catalogue says that it contains ${fault.substance}. Say why yours does not.`
    case 'needs_reason':
      return 'Say why it is for others than the catalogue says.'
    default:
      return assertNever(fault)
  }
}

function meanwhile(since: Extract<RefusalReason, { code: 'changed_meanwhile' }>['since']): string {
  const [latest] = since
  if (!latest)
    return 'It was changed in another window. What you see now is the latest; do it again if you still want it.'
  return `${latest.who} ${actWord(latest.kind)} since you looked${since.length > 1 ? `, and ${since.length - 1} more` : ''}. What you see now is the latest; do it again if you still want it.`
}

/** The screen that asked knows the time zone and says until when. */
function doseRefused([first]: readonly DoseRefusal[]): string {
  if (!first) return ''
  const why =
    'until' in first
      ? `It is too soon${'last' in first ? `: ${first.last.by} has given ${first.last.title}` : ', or too much for one day'}.`
      : refusalText(first, { now: 0 as Instant, timeZone: 'UTC' })
  return `${why} If it has been given already, note that it was given anyway.`
}

/** What is said when something is refused: what happened, and what to do. */

import type { RefusalReason } from '../app/refusal'
import { assertNever } from '../core/brand'
import { formatAmount } from '../core/quantity/amount'
import { actWord } from './acts'

export interface Sentence {
  readonly title: string
  readonly detail: string
}

export function sentenceFor(reason: RefusalReason): Sentence {
  const say = (title: string, detail: string): Sentence => ({ title, detail })
  switch (reason.code) {
    case 'not_found':
      return say(
        'This is not here',
        'It may have been taken away. Go back to the list and look again.',
      )
    case 'not_enough':
      return say(
        'There are not that many',
        `Only ${formatAmount(reason.there)} are recorded here, and ${formatAmount(reason.asked)} were asked for. Take less, or correct the count first.`,
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
    case 'opened_in_future':
      return say('That day has not come', `Give ${reason.today} or an earlier day.`)
    case 'nothing_changed':
      return say('Nothing was changed', 'Every detail is as it was.')
    case 'changed_meanwhile':
      return say('Somebody was here meanwhile', meanwhile(reason.since))
    case 'already_undone':
      return say('Taken back already', 'Another window was faster. Nothing more is needed.')
    case 'used_since':
      return say(
        'It cannot be taken back any more',
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
        `It is counted in ${reason.ours || 'pieces'}, not in ${reason.theirs}. Mend the line or the item.`,
      )
    case 'lines_not_ready':
      return say(
        'Some lines still need you',
        `Answer or mend line ${reason.lines.slice(0, 8).join(', ')}, or leave them out. Nothing was written.`,
      )
    case 'nothing_to_bring_in':
      return say(
        'Everything is here already',
        'Every line of this list is recorded. Nothing was written.',
      )
    case 'errand_gone':
      return say(
        'Nothing left to do here',
        'The reason for it has passed, or somebody was faster. The list has been read again.',
      )
    case 'errand_needs_an_answer':
      return say('This needs an answer', 'Open the kit and change the details there.')
    case 'still_in_use':
      return say('It is still in use', 'Empty it first.')
    default:
      return assertNever(reason)
  }
}

function meanwhile(since: Extract<RefusalReason, { code: 'changed_meanwhile' }>['since']): string {
  const [latest] = since
  if (!latest)
    return 'It was changed in another window. What you see now is the latest; do it again if it still holds.'
  return `${latest.who} ${actWord(latest.kind)} since you looked${since.length > 1 ? `, and ${since.length - 1} more` : ''}. What you see now is the latest; do it again if it still holds.`
}

/** What somebody who knows has answered: it may be used, and perhaps not for as long as was printed. */
import { amendLot } from '../../contract/stock'
import { printedLastDay } from '../../core/calendar/expiry'
import type { PlainDate } from '../../core/calendar/plainDate'
import { act, type FormReading, faultsIn, missing } from '../../ui/formReading'
import * as words from '../../words'
import { dayFault } from '../../words/frame/forms'
import type { LotMet } from './view'

const answerWords = words.exposure.answer

export type AnswerDraft = {
  readonly who: string
  /** "" for as long as its date says. */
  readonly until: string
}

export const NO_ANSWER: AnswerDraft = { who: '', until: '' }

/** An answer may shorten a date and never makes it longer; who gave it stands in the note. */
export function readAnswerDraft(
  draft: AnswerDraft,
  met: Pick<LotMet, 'lotId' | 'version' | 'note' | 'expiry' | 'today'>,
): FormReading<AnswerDraft, typeof amendLot> {
  const who = draft.who.trim()
  const printed = printedLastDay(met.expiry)
  const until =
    draft.until === ''
      ? undefined
      : (dayFault(draft.until) ??
        (draft.until < met.today
          ? answerWords.past
          : printed !== null && draft.until > printed
            ? answerWords.longer
            : undefined))
  const faults = faultsIn<AnswerDraft>({
    who: missing(draft.who),
    until,
  })
  if (faults) return faults
  const said = answerWords.noted(who, met.today)
  return act(amendLot, {
    params: { lotId: met.lotId },
    body: {
      seenVersion: met.version,
      standing: { kind: 'ready' },
      note: met.note === '' ? said : `${met.note}\n${said}`,
      ...(draft.until !== '' && { expiry: { kind: 'day', day: draft.until as PlainDate } }),
    },
  })
}

/** The form of an evening: what was typed, as what is asked of the server. */
import type { z } from 'zod'
import type { giveEvening } from '../../contract/evenings'
import { isPlainDate } from '../../core/calendar/plainDate'
import { instantAt } from '../../core/evenings/plan'

export interface PlanDraft {
  readonly forName: string
  readonly day: string
  readonly from: string
  readonly to: string
  readonly placeId: string
  readonly members: ReadonlySet<string>
  readonly kits: ReadonlySet<string>
  readonly callName: string
  readonly callPhone: string
  readonly address: string
  readonly know: string
  readonly mayNot: string
  /** "member card" of what may be given. */
  readonly gives: ReadonlySet<string>
  readonly courses: ReadonlySet<string>
}

export type PlanFault = 'forName' | 'day' | 'from' | 'to' | 'members' | 'callPhone'

const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')

/** Lines that are filled in, each once. */
export const withLines = (text: string, more: readonly string[]): string =>
  [...new Set([...linesOf(text), ...more])].join('\n')

/** Without lines that were filled in; what the keeper wrote themselves stays. */
export const withoutLines = (text: string, gone: readonly string[]): string =>
  linesOf(text)
    .filter((line) => !gone.includes(line))
    .join('\n')

/** What is missing or cannot be read, by its field. */
export function planFaults(draft: PlanDraft, timeZone: string): readonly PlanFault[] {
  const isDay = isPlainDate(draft.day)
  const isTime = (text: string): boolean =>
    isPlainDate(draft.day) && instantAt(draft.day, text, timeZone) !== null
  return [
    ...(draft.forName.trim() === '' ? (['forName'] as const) : []),
    ...(isDay ? [] : (['day'] as const)),
    ...(isDay && !isTime(draft.from) ? (['from'] as const) : []),
    ...(isDay && !isTime(draft.to) ? (['to'] as const) : []),
    ...(draft.members.size === 0 ? (['members'] as const) : []),
    ...(draft.callPhone.trim() === '' ? (['callPhone'] as const) : []),
  ]
}

export function planOf(draft: PlanDraft): z.input<(typeof giveEvening)['body']> {
  const { forName, day, from, to, placeId } = draft
  return {
    forName,
    day,
    from,
    to,
    plan: {
      placeId,
      members: [...draft.members],
      kits: [...draft.kits],
      know: linesOf(draft.know),
      call: { name: draft.callName, phone: draft.callPhone },
      address: draft.address,
      mayNot: linesOf(draft.mayNot),
      gives: [...draft.gives].flatMap((one) => {
        const [memberId = '', cardId = ''] = one.split(' ')
        // Whoever is no longer in their care is given nothing by it.
        return draft.members.has(memberId) ? [{ memberId, cardId }] : []
      }),
      courses: [...draft.courses],
    },
  }
}

/**
 * Answers to what has to be asked before a dose: kept with the member where there is a connection,
 * and on this screen at once, so that nobody waits at night. What could not be kept goes along with
 * the dose in words.
 */
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { changeItem } from '../../contract/items'
import { changeMember } from '../../contract/members'
import type { PlainDate } from '../../core/calendar/plainDate'
import { type Question, questionKey } from '../../core/dosing/refusal'
import { toldNone, UNSIGNED } from '../../core/household/asked'
import type { Member } from '../../core/household/member'
import { noteAnswered } from '../../core/household/noteSays'
import type { ItemId } from '../../core/ids'
import { call, newKey } from '../../device/call'
import * as words from '../../words'
import type { Care } from './useCare'

const questionsWords = words.care.questions

export interface Answers {
  readonly answered: ReadonlySet<string>
  /** What was answered here and could not be kept with the member: it goes along with the dose. */
  readonly unkept: readonly string[]
  /** What was seen of a tablet could not be written down. */
  readonly unlooked: boolean
  readonly busy: boolean
  none(question: Extract<Question, { code: 'not_asked' }>): void
  /** A doctor's or a pharmacist's word. */
  settled(question: Extract<Question, { code: 'ask_first' }>, who: string): void
  /** What the note says is so, or is not so. */
  noted(question: Extract<Question, { code: 'note_says' }>, isSo: boolean): void
  /** Somebody looked at the tablet. */
  scored(itemId: ItemId, isScored: boolean): void
}

type Facts = Member['facts']

export function useAnswers(care: Care, member: Member): Answers {
  const [answered, setAnswered] = useState<ReadonlySet<string>>(new Set())
  const [unkept, setUnkept] = useState<readonly string[]>([])
  const [unlooked, setUnlooked] = useState(false)
  const [busy, setBusy] = useState(false)
  const queries = useQueryClient()
  const { today } = care.view

  const keep = async (key: string | null, said: string, change: (facts: Facts) => Facts) => {
    if (key !== null) setAnswered((before) => new Set([...before, key]))
    setBusy(true)
    try {
      await call(
        changeMember,
        {
          params: { memberId: member.id },
          body: { seenVersion: member.version, facts: change(member.facts) as never },
        },
        { key: newKey() },
      )
      await queries.invalidateQueries({ queryKey: ['cover'] })
    } catch {
      setUnkept((before) => [...before, said])
    } finally {
      setBusy(false)
    }
  }

  return {
    answered,
    unkept,
    unlooked,
    busy,
    none: (question) =>
      void keep(questionKey(question), questionsWords.toldNone(question.topic, care.me), (facts) =>
        toldNone(facts, question.topic, today, care.me || UNSIGNED),
      ),
    settled: (question, who) =>
      void keep(questionKey(question), questionsWords.toldWord(who, question.reason), (facts) => ({
        ...facts,
        settled: [
          ...(facts.settled ?? []),
          { rule: question.rule, substance: question.about, who, on: today, until: null },
        ],
      })),
    noted: (question, isSo) =>
      void keep(
        // What is so has its consequences: the paper is worked out again.
        isSo ? null : questionKey(question),
        questionsWords.toldNote(question.noted, isSo),
        (facts) => noteAnswered(facts, question.noted, isSo),
      ),
    scored: (itemId, isScored) => {
      const item = care.cover.items.find(({ id }) => id === itemId)
      if (!item) return
      setBusy(true)
      setUnlooked(false)
      void call(
        changeItem,
        {
          params: { itemId },
          body: { seenVersion: item.version, own: { ...item.own, scored: isScored } },
        },
        { key: newKey() },
      )
        .then(() => queries.invalidateQueries({ queryKey: ['cover'] }))
        // Without a connection the tablet stays unknown, and no amount stands there: it is said.
        .catch(() => setUnlooked(true))
        .finally(() => setBusy(false))
    },
  }
}

/** For whoever reads the dose later: what was answered and could not be kept. */
export const unkeptWords = (unkept: readonly string[], on: PlainDate): string =>
  unkept.length === 0 ? '' : `${unkept.join('; ')} (${on})`

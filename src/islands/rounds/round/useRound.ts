/**
 * One round as this device knows it: what the server said last, and what was said here and has
 * not arrived there yet. An answer is written down on the device first and sent from there.
 */
import { useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useState } from 'react'
import type { z } from 'zod'
import {
  finishRound,
  leaveRound,
  readContents,
  readRound,
  sayEntry,
  startRound,
} from '../../../contract/rounds'
import type * as rounds from '../../../contract/values/rounds'
import { daysBetween, type PlainDate } from '../../../core/calendar/plainDate'
import type { KitId } from '../../../core/ids'
import { formatAmount } from '../../../core/quantity/amount'
import type { Contents } from '../../../core/rounds/contents'
import { type Progress, progressOf } from '../../../core/rounds/progress'
import type { Entry, EntryFact, EntryId, Round, RoundId } from '../../../core/rounds/round'
import { call, newKey, ProblemError } from '../../../device/call'
import { dropWaiting, keepAct } from '../../../device/outbox'
import { type Outbox, useOutbox } from '../../../ui/useOutbox'
import * as words from '../../../words'

const waitingWords = words.rounds.waiting

export type RoundEntry = z.output<typeof rounds.entry>
export type DateOrder = z.output<typeof rounds.roundValue>['dateOrder']

export type RoundState =
  | { readonly kind: 'loading' }
  /** Neither on the device nor to be had. */
  | { readonly kind: 'not_here'; readonly gone: boolean }
  | { readonly kind: 'open'; readonly going: GoingRound }

export interface GoingRound {
  readonly me: string
  readonly round: Round
  readonly contents: Contents
  readonly progress: Progress
  readonly entries: readonly (Entry & Pick<RoundEntry, 'outcome'>)[]
  readonly dateOrder: DateOrder
  readonly weekStart: z.output<typeof rounds.roundValue>['weekStart']
  readonly outbox: Outbox
  say(fact: EntryFact, seconds: number): Promise<void>
  /** What somebody else wrote down on a day. */
  sayFor(fact: EntryFact, of: { readonly by: string; readonly on: PlainDate }): Promise<void>
  finish(signedBy: string): Promise<void>
  leave(): Promise<void>
}

/** Others' answers are looked for this often. */
const LOOK_AGAIN_MILLISECONDS = 4000

export function useRound(roundId: RoundId): RoundState {
  const outbox = useOutbox()
  const { holder, waiting, send } = outbox
  const server = useQuery({
    queryKey: ['round', roundId],
    queryFn: () => call(readRound, { params: { roundId } }),
    refetchInterval: LOOK_AGAIN_MILLISECONDS,
    retry: false,
    staleTime: 0,
  })
  const started = useMemo(() => startedHere(waiting, roundId), [waiting, roundId])
  const kitId = started?.kitId
  const kept = useQuery({
    queryKey: ['contents', kitId],
    queryFn: () => call(readContents, { params: { kitId: kitId as KitId } }),
    enabled: kitId !== undefined && !server.data,
    retry: false,
  })
  const name = holder?.name ?? ''
  const local = useMemo(() => saidHere(waiting, roundId, name), [waiting, roundId, name])

  // What has arrived need not be kept any more.
  useEffect(() => {
    if (!server.data) return
    const { round: known, entries } = server.data
    const ids = new Set<string>(entries.map(({ id }) => id))
    const arrived = waiting.filter(({ key, state, params, body, path }) => {
      if (state !== 'sent') return false
      if (path === sayEntry.path) return ids.has(key)
      if (path === finishRound.path) return isOf(params, roundId) && known.finished !== null
      return path === startRound.path && isOf(body, roundId)
    })
    if (arrived.length > 0) void dropWaiting(arrived.map(({ key }) => key))
  }, [server.data, waiting, roundId])

  const say = useCallback(
    async (fact: EntryFact, seconds: number) => {
      const entryId = newKey() as EntryId
      await keepAct(
        sayEntry,
        { params: { roundId }, body: { entryId, seconds: Math.round(seconds), fact } },
        { key: entryId, title: titleOf(fact) },
      )
      void send()
    },
    [roundId, send],
  )

  const today = (server.data ?? kept.data)?.contents.today
  const sayFor = useCallback(
    async (fact: EntryFact, { by, on }: { readonly by: string; readonly on: PlainDate }) => {
      const entryId = newKey() as EntryId
      // By the day's distance, because the device's own calendar may be another.
      const daysAgo = today ? daysBetween(on, today) : 0
      await keepAct(
        sayEntry,
        { params: { roundId }, body: { entryId, seconds: 0, by, fact } },
        { key: entryId, title: titleOf(fact), takenAt: Date.now() - daysAgo * 86_400_000 },
      )
    },
    [roundId, today],
  )

  const base = server.data ?? kept.data
  const round = server.data?.round ?? started
  const [now, setNow] = useState(() => new Date().toISOString())
  useEffect(() => {
    setNow(server.data?.now ?? new Date().toISOString())
  }, [server.data])

  if (base && round && outbox.ready) {
    const contents = base.contents
    const arrived = new Set<string>(server.data?.entries.map(({ id }) => id))
    const entries = [
      ...(server.data?.entries ?? []),
      ...local.filter(({ id }) => !arrived.has(id)),
    ] as GoingRound['entries']
    const finishing = waiting.find(
      (one) =>
        one.path === finishRound.path && isOf(one.params, roundId) && one.state !== 'refused',
    )
    const signed = (finishing?.body as { signedBy?: string } | undefined)?.signedBy
    const going: Round =
      signed && finishing && !round.finished
        ? { ...round, finished: { by: signed, at: new Date(finishing.takenAt).toISOString() } }
        : round
    return {
      kind: 'open',
      going: {
        me: name,
        round: going,
        contents,
        progress: progressOf(going, contents, inOneTime(entries), now),
        entries,
        dateOrder: base.dateOrder,
        // A round that was kept by an earlier version does not say.
        weekStart: base.weekStart ?? 'monday',
        outbox,
        say,
        sayFor,
        finish: async (signedBy) => {
          await keepAct(
            finishRound,
            { params: { roundId }, body: { signedBy } },
            { key: newKey(), title: waitingWords.finish(contents.kit.name) },
          )
          await send()
          await server.refetch()
        },
        leave: async () => {
          await keepAct(
            leaveRound,
            { params: { roundId } },
            { key: newKey(), title: words.rounds.end.left },
          )
          await send()
        },
      },
    }
  }
  const asked = server.isError && outbox.ready && (started === null || kept.isError)
  if (!asked) return { kind: 'loading' }
  return {
    kind: 'not_here',
    gone: server.error instanceof ProblemError && server.error.status === 404,
  }
}

/**
 * Devices' clocks differ, so what was said here comes after what is known from the server until
 * the server has said when it was.
 */
function inOneTime(entries: GoingRound['entries']): GoingRound['entries'] {
  let last = 0
  return entries.map((entry) => {
    const at = Date.parse(entry.at)
    const here = entry.outcome === null
    last = here ? Math.max(at, last + 1) : Math.max(at, last)
    return here ? { ...entry, at: new Date(last).toISOString() } : entry
  })
}

type WaitingAct = Outbox['waiting'][number]

const isOf = (said: unknown, roundId: RoundId): boolean =>
  (said as { roundId?: string } | undefined)?.roundId === roundId

/** The round as it was started on this device. */
function startedHere(waiting: readonly WaitingAct[], roundId: RoundId): Round | null {
  const act = waiting.find(
    ({ path, method, body }) =>
      path === startRound.path && method === 'POST' && isOf(body, roundId),
  )
  if (!act) return null
  const body = act.body as z.input<(typeof startRound)['body']>
  return {
    id: roundId,
    kitId: body.kitId as KitId,
    pocketIds: body.pocketIds as readonly string[] as Round['pocketIds'],
    startedAt: new Date(act.takenAt).toISOString(),
    startedBy: '',
    finished: null,
  }
}

function saidHere(
  waiting: readonly WaitingAct[],
  roundId: RoundId,
  by: string,
): GoingRound['entries'] {
  return waiting.flatMap((act) => {
    if (act.path !== sayEntry.path || !isOf(act.params, roundId) || act.state === 'refused')
      return []
    const body = act.body as {
      entryId: EntryId
      seconds: number
      by?: string
      fact: EntryFact
    }
    return [
      {
        id: body.entryId,
        roundId,
        at: new Date(act.takenAt).toISOString(),
        by: body.by ?? by,
        seconds: body.seconds,
        fact: body.fact,
        outcome: null,
      },
    ]
  })
}

function titleOf(fact: EntryFact): string {
  switch (fact.kind) {
    case 'looked':
      return waitingWords.looked(fact.was.title, formatAmount(fact.look.found))
    case 'found':
      return waitingWords.found(fact.title, formatAmount(fact.amount))
    case 'at_pocket':
      return waitingWords.pocketOpen
    case 'closed':
      return waitingWords.pocketClosed
  }
}

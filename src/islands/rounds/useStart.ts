/** Starts a round: its id is made here, so that it also begins without a connection. */
import { useCallback, useState } from 'react'
import { startRound } from '../../contract/rounds'
import type { KitId, PocketId } from '../../core/ids'
import type { RoundId } from '../../core/rounds/round'
import { newKey, OfflineError } from '../../device/call'
import { keepDevice } from '../../device/keep'
import { holder, keepAct, sendWaiting } from '../../device/outbox'
import * as words from '../../words'

export interface Start {
  begin(kitId: KitId, kit: string, pocketIds: readonly PocketId[], onPaper?: boolean): Promise<void>
  readonly busy: boolean
  /** Why it could not be started; "" otherwise. */
  readonly problem: string
}

export function useStart(): Start {
  const [busy, setBusy] = useState(false)
  const [problem, setProblem] = useState('')
  const begin = useCallback<Start['begin']>(async (kitId, kit, pocketIds, onPaper = false) => {
    setBusy(true)
    const roundId = newKey() as RoundId
    try {
      // On a device's very first visit its key is perhaps still on the way.
      if (!(await holder())) await keepDevice()
      await keepAct(
        startRound,
        { body: { roundId, kitId, pocketIds: [...pocketIds] } },
        { key: roundId, title: words.rounds.waiting.start(kit) },
      )
      await sendWaiting()
      location.assign(onPaper ? `/rounds/${roundId}/tally` : `/round?id=${roundId}`)
    } catch (error) {
      setProblem(error instanceof OfflineError ? words.rounds.needsConnection : words.errors.title)
      setBusy(false)
    }
  }, [])
  return { begin, busy, problem }
}

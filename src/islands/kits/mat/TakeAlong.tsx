/** A kit goes along with somebody, or is back at its place. */
import { useState } from 'react'
import { changeKit } from '../../../contract/kits'
import type { MemberId } from '../../../core/ids'
import { useActing } from '../../../ui/acting'
import { Row } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { Dialog } from '../../../ui/Dialog'
import { useStrap } from '../../../ui/Frame'
import * as words from '../../../words'
import type { Kit } from './view'

const carried = words.kits.carried

export function TakeAlong({ kit }: { readonly kit: Kit }) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const [asks, setAsks] = useState(false)
  const say = async (memberId: MemberId | null, said: string) => {
    setAsks(false)
    await run(
      changeKit,
      {
        params: { kitId: kit.id },
        body: {
          seenVersion: kit.version,
          goesWith: memberId && { memberId, to: [], since: today },
        },
      },
      said,
    )
  }
  if (kit.goesWith?.since)
    return (
      <Button
        kind="quiet"
        needs="arrange"
        className="no-print"
        disabled={busy}
        onClick={() => void say(null, carried.isBack(kit.name, kit.place.name))}
      >
        {carried.putBack(kit.place.name)}
      </Button>
    )
  if (kit.goesWith || kit.members.length === 0) return null
  return (
    <>
      <Button
        kind="quiet"
        needs="arrange"
        className="no-print"
        disabled={busy}
        onClick={() => setAsks(true)}
      >
        {carried.take}
      </Button>
      {asks && (
        <Dialog title={carried.who(kit.name)} onClose={() => setAsks(false)}>
          <p className="second">{carried.whatThen}</p>
          <Row gap={4} wrap above={5}>
            {kit.members.map(({ id, name }, at) => (
              <Button
                key={id}
                data-autofocus={at === 0 || undefined}
                onClick={() => void say(id, carried.isWith(kit.name, name))}
              >
                {name}
              </Button>
            ))}
          </Row>
        </Dialog>
      )}
    </>
  )
}

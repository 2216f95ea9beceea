/** A photo of the pack, kept with the lot; without a connection it waits like everything else. */

import { useState } from 'react'
import { keepPaper } from '../../../contract/stock'
import type { LotId } from '../../../core/ids'
import { newKey } from '../../../device/call'
import { keepAct, sendWaiting } from '../../../device/outbox'
import { Row } from '../../../ui/Box'
import { shrunkPicture } from '../../../ui/picture'
import * as words from '../../../words'

const EDGE = 1200

export function KeepPhoto({ lotId, title }: { readonly lotId: LotId; readonly title: string }) {
  const [said, setSaid] = useState('')
  const keep = async (file: File | undefined) => {
    if (!file) return
    try {
      const photo = await shrunkPicture(file, EDGE)
      await keepAct(
        keepPaper,
        { params: { lotId }, body: { photo } },
        { key: newKey(), title: `${words.rounds.card.photo}: ${title}` },
      )
      setSaid(words.rounds.card.photoKept)
      await sendWaiting()
    } catch {
      setSaid(words.rounds.card.badPhoto)
    }
  }
  return (
    <Row inline anchor underline as="label" gap={4} align="center">
      {words.rounds.card.photo}
      <input
        type="file"
        accept="image/*"
        capture="environment"
        className="visually-hidden"
        onChange={(event) => void keep(event.currentTarget.files?.[0])}
      />
      {said && <span role="status">{said}</span>}
    </Row>
  )
}

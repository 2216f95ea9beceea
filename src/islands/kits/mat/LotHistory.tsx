/** What became of a lot: how many there were as a line, and each act in words. */

import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { addressOf } from '../../../contract/endpoint'
import { keepPaper, lotPaper, readLot } from '../../../contract/stock'
import { itemTitle } from '../../../core/stock/item'
import { call } from '../../../device/call'
import { useActing } from '../../../ui/acting'
import { Box, Row } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { shrunkPicture } from '../../../ui/picture'
import * as words from '../../../words'
import { HistoryLine } from './HistoryLine'
import classes from './mat.module.css'

const lotWords = words.stock.lot
const actsWords = words.stock.acts
const FEW = 8
/** Small print stays readable. */
const EDGE = 1400

interface Props {
  readonly lotId: string
  readonly version: number
  readonly unit: string
}

export function LotHistory({ lotId, version, unit }: Props) {
  const { data } = useQuery({
    queryKey: ['lot', lotId, version],
    queryFn: () => call(readLot, { params: { lotId } }),
    retry: false,
  })
  if (!data) return null
  return (
    <>
      <Paper lotId={lotId} has={data.hasPaper} title={itemTitle(data.item)} />
      <Box as="section" above={6} size={2} tone="second" className={classes.history}>
        <Box as="h3" size={2} tone="ink">
          {lotWords.history}
        </Box>
        <HistoryLine totals={data.totals} unit={unit} />
        <Box dots as="ul" above={2}>
          {data.history.slice(0, FEW).map((entry, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: entries are only ever added before
            <li key={data.history.length - index} data-undone={entry.undone}>
              {lotWords.did(entry, unit)}
            </li>
          ))}
        </Box>
        <a href={`/record?lot=${lotId}`}>{actsWords.records}</a>
      </Box>
    </>
  )
}

/** The photo of the carton or label that is kept with it. */
function Paper({
  lotId,
  has,
  title,
}: {
  readonly lotId: string
  readonly has: boolean
  readonly title: string
}) {
  const { run, busy } = useActing()
  const [wrong, setWrong] = useState(false)
  const keep = (photo: string | null) =>
    run(
      keepPaper,
      { params: { lotId }, body: { photo } },
      photo ? actsWords.paperKept : actsWords.paperGone,
    )
  const choose = async (file: File | undefined) => {
    if (!file) return
    const photo = await shrunkPicture(file, EDGE).catch(() => null)
    setWrong(photo === null)
    if (photo) await keep(photo)
  }
  return (
    <Row gapX={6} gapY={3} align="end" wrap above={5} className={classes.paper}>
      {has && (
        <a href={addressOf(lotPaper, { lotId })} target="_blank" rel="noreferrer">
          <img src={addressOf(lotPaper, { lotId })} alt={actsWords.paperAlt(title)} />
        </a>
      )}
      <Box as="label" underline>
        {has ? actsWords.changePaper : actsWords.addPaper}
        <input
          type="file"
          accept="image/*"
          className="visually-hidden"
          disabled={busy}
          onChange={(event) => void choose(event.currentTarget.files?.[0])}
        />
      </Box>
      {has && (
        <Button kind="quiet" disabled={busy} onClick={() => void keep(null)}>
          {actsWords.removePaper}
        </Button>
      )}
      {wrong && <small role="alert">{words.members.tooLarge}</small>}
    </Row>
  )
}

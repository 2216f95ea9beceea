/** Something lies there that the record does not know of: what, how many, which date. */

import { Autocomplete, TextInput } from '@mantine/core'
import { IconBarcode } from '@tabler/icons-react'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { z } from 'zod'
import { readCodes, readItems, teachCode } from '../../../contract/items'
import { formatExpiry } from '../../../core/calendar/expiry'
import type { CodeFields } from '../../../core/codes/readCode'
import type { ItemId, PocketId } from '../../../core/ids'
import { readAmount } from '../../../core/quantity/readAmount'
import type { Bare } from '../../../core/rounds/contents'
import { itemTitle } from '../../../core/stock/item'
import { call, newKey } from '../../../device/call'
import { keepAct } from '../../../device/outbox'
import { Box, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { Dialog } from '../../../ui/Dialog'
import * as words from '../../../words'
import { ExpiryField, useExpiryWith } from '../../stock/lot/ExpiryField'
import classes from './round.module.css'
import { ScanDialog } from './ScanDialog'
import type { GoingRound } from './useRound'

const foundWords = words.rounds.found
type CodesView = z.output<(typeof readCodes)['result']>

interface Props {
  readonly going: GoingRound
  readonly pocketId: PocketId
  /** What belongs here and is not recorded; null when anything may have been found. */
  readonly bare: Bare | null
  readonly onClose: () => void
}

export function FoundElse({ going, pocketId, bare, onClose }: Props) {
  const { contents, dateOrder, say } = going
  const queries = useQueryClient()
  const { data: items } = useQuery({
    queryKey: ['items'],
    queryFn: () => call(readItems),
    retry: false,
  })
  const { data: codes } = useQuery({
    queryKey: ['codes'],
    queryFn: () => call(readCodes),
    retry: false,
  })
  const [name, setName] = useState(bare?.title ?? '')
  const [count, setCount] = useState('1')
  const [batch, setBatch] = useState('')
  const [scanning, setScanning] = useState(false)
  const [code, setCode] = useState<{ readonly gtin: string; readonly known: boolean } | null>(null)
  const [busy, setBusy] = useState(false)
  const expiry = useExpiryWith('', { today: contents.today, order: dateOrder })
  const titles = new Map(items?.items.map((item) => [itemTitle(item), item.id]))
  const itemId: ItemId | undefined =
    bare && name === bare.title ? bare.itemId : titles.get(name.trim())
  const amount = readAmount(count)
  const ready =
    name.trim() !== '' && amount.kind === 'read' && amount.amount > 0 && expiry.value !== null

  const onRead = async (fields: CodeFields): Promise<void> => {
    setScanning(false)
    const all = codes ?? (await call(readCodes).catch(() => null))
    const known = all?.codes.find(({ gtin }) => gtin === fields.gtin)
    if (known) setName(known.title)
    // Where the known codes cannot be had nobody can say that it is new.
    if (fields.gtin && all) setCode({ gtin: fields.gtin, known: known !== undefined })
    const date = fields.expiry ?? fields.bestBefore
    if (date) expiry.type(formatExpiry(date))
    if (fields.batch) setBatch(fields.batch)
    if (fields.count) setCount(String(fields.count))
  }

  const add = async () => {
    if (amount.kind !== 'read' || expiry.value === null) return
    setBusy(true)
    // What the code stands for is learned before it is used.
    if (code && !code.known && itemId) {
      queries.setQueryData<CodesView>(['codes'], (now) => ({
        codes: [...(now?.codes ?? []), { gtin: code.gtin, itemId, title: name.trim() }],
      }))
      await keepAct(
        teachCode,
        { params: { itemId, gtin: code.gtin } },
        { key: newKey(), title: words.rounds.scan.title },
      )
    }
    await say(
      {
        kind: 'found',
        pocketId,
        item: itemId ? { id: itemId } : { name: name.trim() },
        title: name.trim(),
        amount: amount.amount,
        expiry: expiry.value,
        batch: batch.trim(),
      },
      0,
    )
    onClose()
  }

  return (
    <>
      <Dialog
        title={foundWords.title}
        opened={!scanning}
        isWritten={name.trim() !== '' || batch.trim() !== ''}
        close={words.rounds.card.closeHelp}
        onClose={onClose}
      >
        <Stack
          as="form"
          gap={5}
          columns={1}
          onSubmit={(event) => {
            event.preventDefault()
            // The card underneath is a form as well.
            event.stopPropagation()
            void add()
          }}
        >
          <Button icon={IconBarcode} onClick={() => setScanning(true)}>
            {words.rounds.card.scan}
          </Button>
          {code && (
            <p role="status" className="second">
              {code.known ? foundWords.scanned(name) : foundWords.unknownCode}
            </p>
          )}
          <Autocomplete
            label={foundWords.which}
            placeholder={foundWords.hint}
            data={[...titles.keys()]}
            limit={8}
            value={name}
            onChange={setName}
          />
          {name.trim() !== '' && items && !itemId && (
            <p className="second">
              {foundWords.unknown(name.trim())}. {foundWords.onHold}
            </p>
          )}
          <TextInput
            label={foundWords.amount}
            inputMode="decimal"
            value={count}
            onChange={(event) => setCount(event.currentTarget.value)}
            error={amount.kind === 'refused' ? words.rounds.tally.badCount : undefined}
          />
          <ExpiryField expiry={expiry} />
          <TextInput
            label={foundWords.batch}
            value={batch}
            maxLength={120}
            onChange={(event) => setBatch(event.currentTarget.value)}
          />
          <Button kind="main" type="submit" className={classes.go} disabled={!ready || busy}>
            <Box as="b" size={5} weight="bold" face="display">
              {foundWords.add}
            </Box>
          </Button>
        </Stack>
      </Dialog>
      {scanning && (
        <ScanDialog today={contents.today} onRead={onRead} onClose={() => setScanning(false)} />
      )}
    </>
  )
}

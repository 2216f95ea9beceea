/** What was bought goes into its pockets, with the date and batch that are printed on it. */

import { Checkbox, Modal, TextInput } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { readCodes } from '../../../contract/items'
import { putAway } from '../../../contract/restock'
import { writePrintedDate } from '../../../core/calendar/readPrintedDate'
import type { CodeFields } from '../../../core/codes/readCode'
import { type Amount, formatAmount, less, NOTHING, sum } from '../../../core/quantity/amount'
import { readAmount } from '../../../core/quantity/readAmount'
import { readPrice, writePrice } from '../../../core/quantity/readPrice'
import { itemTitle } from '../../../core/stock/item'
import { call } from '../../../device/call'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { FormDialog } from '../../../ui/FormDialog'
import { useStrap } from '../../../ui/Frame'
import { words } from '../../../words'
import { expiryText } from '../../../words/frame/format'
import { ScanDialog } from '../../rounds/round/ScanDialog'
import { ExpiryField, useExpiry } from '../../stock/lot/ExpiryField'
import type { Purchase } from './view'

const receiveWords = words.restock.shopping.receive

/** What the code on the pack said; its number is learned when the pack is put away. */
interface Scanned {
  readonly gtin: string | null
  readonly isOther: boolean
  readonly says: string
}

interface Props {
  readonly purchase: Purchase
  readonly onClose: () => void
}

export function PutAway({ purchase, onClose }: Props) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const { item, packs, packSize, priceMinor, proposed } = purchase
  const expiry = useExpiry('')
  const [batch, setBatch] = useState('')
  const [price, setPrice] = useState(priceMinor === null ? '' : writePrice(priceMinor))
  const [amounts, setAmounts] = useState(() => proposed.map(({ amount }) => formatAmount(amount)))
  const [isAll, setIsAll] = useState(false)
  const [scanning, setScanning] = useState(false)
  const { data: codes } = useQuery({ queryKey: ['codes'], queryFn: () => call(readCodes) })
  const [scanned, setScanned] = useState<Scanned | null>(null)
  const [label, setLabel] = useState<string | null>(null)
  const bought = (packs * packSize) as Amount
  const read = amounts.map((text) => readAmount(text))
  const puts = proposed.flatMap(({ pocketId }, index) => {
    const one = read[index]
    return one?.kind === 'read' && one.amount > NOTHING ? [{ pocketId, amount: one.amount }] : []
  })
  const put = sum(puts.map(({ amount }) => amount))
  const left = less(bought, put)
  const over = less(put, bought)
  const paid = readPrice(price)
  const ready =
    puts.length > 0 &&
    read.every(({ kind }) => kind === 'read') &&
    expiry.value !== null &&
    paid !== 'not_a_price'

  const take = ({ gtin, expiry: date, bestBefore, batch: read }: CodeFields) => {
    setScanning(false)
    const stands = codes?.codes.find((one) => one.gtin === gtin)
    if (stands && stands.itemId !== item.id) {
      setScanned({ gtin: null, isOther: true, says: receiveWords.isOther(stands.title) })
      return
    }
    const printed = date ?? bestBefore
    if (printed) expiry.type(writePrintedDate(printed, today))
    if (read) setBatch(read)
    const says = words.rounds.card.scanned(printed ? expiryText(printed) : '', read ?? '')
    setScanned({ gtin: gtin ?? null, isOther: false, says })
  }
  const submit = async () => {
    if (!ready || expiry.value === null) return
    const done = await run(
      putAway,
      {
        params: { purchaseId: purchase.id },
        body: {
          puts,
          expiry: expiry.value,
          batch,
          priceMinor: paid,
          gtin: scanned?.gtin ?? null,
          isAll: left > 0 && isAll,
        },
      },
      receiveWords.put,
    )
    if (done) setLabel(done.lotId)
    // Refused, what was read is not sent again: the date may be typed instead.
    else setScanned(null)
  }

  if (label !== null) return <Labelled purchase={purchase} lotId={label} onClose={onClose} />
  return (
    <FormDialog
      opened
      title={receiveWords.title(itemTitle(item))}
      press={receiveWords.press}
      busy={busy}
      ready={ready}
      onSubmit={submit}
      onClose={onClose}
    >
      {proposed.length === 0 && <p>{receiveWords.noPocket}</p>}
      <Button kind="plain" onClick={() => setScanning(true)}>
        {receiveWords.scan}
      </Button>
      {scanned && (
        <Box
          as="p"
          note={scanned.isOther ? 'caution' : undefined}
          tone={scanned.isOther ? undefined : 'second'}
          role="status"
        >
          {scanned.says}
        </Box>
      )}
      <ExpiryField expiry={expiry} />
      <Stack gap={5} columns={2}>
        <TextInput
          label={receiveWords.batch}
          maxLength={120}
          value={batch}
          onChange={(event) => setBatch(event.currentTarget.value)}
        />
        <TextInput
          label={receiveWords.price}
          inputMode="decimal"
          value={price}
          onChange={(event) => setPrice(event.currentTarget.value)}
          error={paid === 'not_a_price' ? words.imports.notAPrice : undefined}
        />
      </Stack>
      <Stack as="fieldset" gap={4} pad={5} line="dashed" radius={2}>
        <Box as="legend" padX={2} weight="bold">
          {receiveWords.whole(bought, item.unit)}
        </Box>
        {proposed.map(({ pocketId, pocket, kit, place, hue }, index) => {
          const one = read[index]
          return (
            <TextInput
              key={pocketId}
              data-hue={hue}
              label={receiveWords.into(pocket, kit, place)}
              inputMode="decimal"
              value={amounts[index] ?? ''}
              onChange={(event) => {
                const typed = event.currentTarget.value
                setAmounts((all) => all.map((each, at) => (at === index ? typed : each)))
              }}
              error={
                one?.kind === 'refused'
                  ? words.imports.fault({ field: 'amount', code: 'amount', refusal: one.refusal })
                  : undefined
              }
            />
          )
        })}
        {left > NOTHING && proposed.length > 0 && (
          <Row as="p" gapX={4} gapY={2} align="center" wrap>
            {receiveWords.rest(left, item.unit)}{' '}
            <Checkbox
              checked={isAll}
              onChange={(event) => setIsAll(event.currentTarget.checked)}
              label={receiveWords.isAll}
            />
          </Row>
        )}
        {over > NOTHING && <p className="second">{receiveWords.tooMuch(over, item.unit)}</p>}
      </Stack>
      {scanning && <ScanDialog today={today} onRead={take} onClose={() => setScanning(false)} />}
    </FormDialog>
  )
}

/** It is put away; on its pocket a label tells what it is and until when it is good. */
const Labelled = ({
  purchase,
  lotId,
  onClose,
}: Pick<Props, 'purchase' | 'onClose'> & { readonly lotId: string }) => (
  <Modal
    opened
    onClose={onClose}
    title={receiveWords.done(itemTitle(purchase.item))}
    closeButtonProps={{ 'aria-label': words.kits.cancel }}
  >
    <Stack loose gap={6}>
      <p>{receiveWords.labelWhy}</p>
      <Box as="a" unlined href={`/lots/${lotId}/label`} target="_blank" rel="noreferrer">
        {receiveWords.label}
      </Box>
      <Button kind="quiet" onClick={onClose}>
        {receiveWords.noLabel}
      </Button>
    </Stack>
  </Modal>
)

/** What was bought goes into its pockets, with the date and batch that are printed on it. */

import { Checkbox, TextInput } from '@mantine/core'
import { IconBarcode } from '@tabler/icons-react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { readCodes } from '../../../contract/items'
import { writePrintedDate } from '../../../core/calendar/readPrintedDate'
import type { CodeFields } from '../../../core/codes/readCode'
import { NOTHING } from '../../../core/quantity/amount'
import { itemTitle } from '../../../core/stock/item'
import { call } from '../../../device/call'
import { ActDialog } from '../../../ui/ActDialog'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { Dialog } from '../../../ui/Dialog'
import { useDayHabits } from '../../../ui/dayHabits'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import { expiryText } from '../../../words/frame/format'
import { ScanDialog } from '../../rounds/round/ScanDialog'
import { ExpiryField, expiryOf } from '../../stock/lot/ExpiryField'
import { amountFault, putDraft, readPutDraft, splitOf } from './lineDraft'
import type { Purchase } from './view'

const receiveWords = words.shopping.receive

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
  const settings = useDayHabits()
  const { today } = settings
  const { item, proposed } = purchase
  const [scanning, setScanning] = useState(false)
  const { data: codes } = useQuery({ queryKey: ['codes'], queryFn: () => call(readCodes) })
  const [scanned, setScanned] = useState<Scanned | null>(null)
  const [label, setLabel] = useState<string | null>(null)
  const form = useActForm({
    initial: putDraft(purchase),
    read: (draft) => readPutDraft(draft, { purchase, gtin: scanned?.gtin ?? null, ...settings }),
    said: receiveWords.put,
    onSaved: (saved) => saved && setLabel(saved.lotId),
    // What was read is not sent again: the date may be typed instead.
    onRefused: () => setScanned(null),
  })
  const { amounts } = form.values
  const expiry = expiryOf(form.values.expiry, (typed) => form.set({ expiry: typed }), settings)
  const { bought, left, over } = splitOf(amounts, purchase)
  const take = ({ gtin, expiry: date, bestBefore, batch: read }: CodeFields) => {
    setScanning(false)
    const stands = codes?.codes.find((one) => one.gtin === gtin)
    if (stands && stands.itemId !== item.id) {
      setScanned({ gtin: null, isOther: true, says: receiveWords.isOther(stands.title) })
      return
    }
    const printed = date ?? bestBefore
    form.set({
      ...(printed && { expiry: writePrintedDate(printed, today) }),
      ...(read && { batch: read }),
    })
    const says = words.rounds.card.scanned(printed ? expiryText(printed) : '', read ?? '')
    setScanned({ gtin: gtin ?? null, isOther: false, says })
  }

  if (label !== null) return <Labelled purchase={purchase} lotId={label} onClose={onClose} />
  return (
    <ActDialog
      form={form}
      title={receiveWords.title(itemTitle(item))}
      press={receiveWords.press}
      onClose={onClose}
    >
      {proposed.length === 0 && <p>{receiveWords.noPocket}</p>}
      <Button kind="plain" icon={IconBarcode} onClick={() => setScanning(true)}>
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
      <ExpiryField expiry={expiry} error={form.held ? form.errorOf('expiry') : undefined} />
      <Stack gap={5} columns={2}>
        <TextInput label={receiveWords.batch} maxLength={120} {...form.text('batch')} />
        <TextInput label={receiveWords.price} inputMode="decimal" {...form.text('price')} />
      </Stack>
      <Stack as="fieldset" gap={4} pad={5} line="dashed" radius={2}>
        <Box as="legend" padX={2} weight="bold">
          {receiveWords.whole(bought, item.unit)}
        </Box>
        {proposed.map(({ pocketId, pocket, kit, place, hue }, index) => (
          <TextInput
            key={pocketId}
            data-hue={hue}
            label={receiveWords.into(pocket, kit, place)}
            inputMode="decimal"
            value={amounts[index] ?? ''}
            onChange={(event) => {
              const typed = event.currentTarget.value
              form.set({ amounts: amounts.map((each, at) => (at === index ? typed : each)) })
            }}
            error={amountFault(amounts[index] ?? '')}
          />
        ))}
        {left > NOTHING && proposed.length > 0 && (
          <Row as="p" gapX={4} gapY={2} align="center" wrap>
            {receiveWords.rest(left, item.unit)}{' '}
            <Checkbox {...form.tick('isAll')} label={receiveWords.isAll} />
          </Row>
        )}
        {form.held && form.errorOf('amounts') && (
          <Box as="p" tone="bad" size={2} role="alert">
            {form.errorOf('amounts')}
          </Box>
        )}
        {over > NOTHING && <p className="second">{receiveWords.tooMuch(over, item.unit)}</p>}
      </Stack>
      {scanning && <ScanDialog today={today} onRead={take} onClose={() => setScanning(false)} />}
    </ActDialog>
  )
}

/** It is put away; on its pocket a label tells what it is and until when it is good. */
const Labelled = ({
  purchase,
  lotId,
  onClose,
}: Pick<Props, 'purchase' | 'onClose'> & { readonly lotId: string }) => (
  <Dialog title={receiveWords.done(itemTitle(purchase.item))} onClose={onClose}>
    <Stack loose gap={6}>
      <p>{receiveWords.labelWhy}</p>
      <Box as="a" unlined href={`/lots/${lotId}/label`} target="_blank" rel="noreferrer">
        {receiveWords.label}
      </Box>
      <Button kind="quiet" onClick={onClose}>
        {receiveWords.noLabel}
      </Button>
    </Stack>
  </Dialog>
)

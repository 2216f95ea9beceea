/** Packs and prices of every shop, edited in place. */

import { TextInput } from '@mantine/core'
import { useState } from 'react'
import { removeOffer, setOffer } from '../../../contract/restock'
import { type Amount, formatAmount } from '../../../core/quantity/amount'
import { readAmount } from '../../../core/quantity/readAmount'
import { readPrice, writePrice } from '../../../core/quantity/readPrice'
import { useActing } from '../../../ui/acting'
import { Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { FirstOf } from '../../../ui/FirstOf'
import { Folded } from '../../../ui/Folded'
import * as words from '../../../words'
import classes from './plan.module.css'
import type { PlanView } from './usePlan'

const planWords = words.plan
type Offer = PlanView['offers'][number]

export function Prices({ view }: { readonly view: PlanView }) {
  const [adding, setAdding] = useState<string | null>(null)
  return (
    <Folded title={planWords.prices}>
      {() => (
        <>
          <p className="second">{planWords.pricesUnder}</p>
          <FirstOf all={view.things}>
            {(shown) => (
              <Stack as="ul" gap={5} above={3}>
                {shown.map(({ itemId, title }) => {
                  const offers = view.offers.filter((offer) => offer.itemId === itemId)
                  return (
                    <Stack loose as="li" gap={2} lineBelow="hairline" key={itemId}>
                      <b>{title}</b>
                      {offers.map((offer) => (
                        <OfferRow
                          key={`${offer.shop}/${offer.packSize}/${offer.priceMinor}/${offer.leadDays}`}
                          title={title}
                          offer={offer}
                        />
                      ))}
                      {offers.length === 0 || adding === itemId ? (
                        <OfferRow
                          title={title}
                          offer={{
                            itemId,
                            shop: '',
                            packSize: 1000 as Amount,
                            priceMinor: null,
                            leadDays: 0,
                            offerId: null,
                          }}
                          isNew
                          onDone={() => setAdding(null)}
                        />
                      ) : (
                        <Button kind="plain" onClick={() => setAdding(itemId)}>
                          {planWords.addShop}
                        </Button>
                      )}
                    </Stack>
                  )
                })}
              </Stack>
            )}
          </FirstOf>
        </>
      )}
    </Folded>
  )
}

interface RowProps {
  readonly title: string
  readonly offer: Offer
  readonly isNew?: boolean
  readonly onDone?: () => void
}

function OfferRow({ title, offer, isNew = false, onDone }: RowProps) {
  const { run, busy } = useActing()
  const [shop, setShop] = useState(offer.shop)
  const [pack, setPack] = useState(formatAmount(offer.packSize))
  const [price, setPrice] = useState(writePrice(offer.priceMinor))
  const [lead, setLead] = useState(String(offer.leadDays))
  const size = readAmount(pack)
  const minor = readPrice(price)
  const wrongPack = size.kind === 'refused' || size.amount === 0 ? planWords.badPack : ''
  const wrongPrice = minor === 'not_a_price' ? planWords.badPrice : ''
  const wrongShop = isNew && shop.trim() === '' ? planWords.noShopName : ''
  const wrongLead = /^\d{1,3}$/.test(lead.trim()) ? '' : planWords.badLead
  const [tried, setTried] = useState(false)
  const changed =
    isNew ||
    pack !== formatAmount(offer.packSize) ||
    price !== writePrice(offer.priceMinor) ||
    lead !== String(offer.leadDays)
  const save = async () => {
    setTried(true)
    if (wrongPack || wrongShop || wrongLead) return
    if (minor === 'not_a_price' || size.kind === 'refused') return
    const done = await run(
      setOffer,
      {
        params: { itemId: offer.itemId },
        body: {
          shop: shop.trim(),
          packSize: size.amount,
          priceMinor: minor,
          leadDays: Number(lead),
        },
      },
      planWords.didSet,
    )
    if (done) onDone?.()
  }
  return (
    <Stack
      columns="11rem 6rem 6rem 6rem auto auto"
      as="form"
      gap={4}
      align="end"
      className={classes.offer}
      aria-label={planWords.change(title)}
      onSubmit={(event) => {
        event.preventDefault()
        void save()
      }}
    >
      {isNew ? (
        <TextInput
          size="xs"
          label={planWords.shop}
          value={shop}
          error={(tried && wrongShop) || undefined}
          onChange={({ currentTarget }) => setShop(currentTarget.value)}
        />
      ) : (
        <span>{offer.shop || planWords.anyShop}</span>
      )}
      <TextInput
        size="xs"
        label={planWords.inPack}
        value={pack}
        error={wrongPack || undefined}
        onChange={({ currentTarget }) => setPack(currentTarget.value)}
      />
      <TextInput
        size="xs"
        label={planWords.price}
        value={price}
        error={wrongPrice || undefined}
        onChange={({ currentTarget }) => setPrice(currentTarget.value)}
      />
      <TextInput
        size="xs"
        label={planWords.lead}
        inputMode="numeric"
        value={lead}
        error={wrongLead || undefined}
        onChange={({ currentTarget }) => setLead(currentTarget.value)}
      />
      {changed && (
        <Button kind="plain" type="submit" disabled={busy}>
          {planWords.save}
        </Button>
      )}
      {offer.offerId !== null && (
        <Button
          kind="plain"
          disabled={busy}
          onClick={() =>
            void run(
              removeOffer,
              { params: { offerId: offer.offerId as string } },
              planWords.didSet,
            )
          }
        >
          {planWords.removeShop}
        </Button>
      )}
    </Stack>
  )
}

/** Puts something that is kept on the list by hand. */
import { Autocomplete, NumberInput, Select } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { readItems } from '../../../contract/items'
import { addPurchase } from '../../../contract/restock'
import { units } from '../../../core/quantity/amount'
import { itemTitle } from '../../../core/stock/item'
import { call } from '../../../device/call'
import { useActing } from '../../../ui/acting'
import { FormDialog } from '../../../ui/FormDialog'
import { words } from '../../../words'

const addingWords = words.restock.shopping.adding

interface Props {
  readonly shops: readonly string[]
  readonly onClose: () => void
}

export function AddLine({ shops, onClose }: Props) {
  const { run, busy } = useActing()
  const { data } = useQuery({ queryKey: ['items'], queryFn: () => call(readItems) })
  const [itemId, setItemId] = useState<string | null>(null)
  const [packs, setPacks] = useState<string | number>(1)
  const [shop, setShop] = useState<string | null>(null)
  const items = data?.items ?? []
  const item = items.find(({ id }) => id === itemId)
  const count = Number(packs)
  const submit = async () => {
    if (!item) return
    const result = await run(
      addPurchase,
      {
        body: {
          itemId: item.id,
          shop: shop ?? item.shop,
          packs: count,
          packSize: item.packSize === null || item.packSize === 0 ? units(1) : item.packSize,
          priceMinor: item.packPriceMinor,
          wantedBy: null,
          goesTo: [],
        },
      },
      words.restock.shopping.did.added,
    )
    if (result) onClose()
  }
  return (
    <FormDialog
      opened
      title={addingWords.title}
      press={addingWords.press}
      busy={busy}
      ready={item !== undefined && Number.isInteger(count) && count >= 1 && count <= 1000}
      onSubmit={submit}
      onClose={onClose}
    >
      <Select
        data-autofocus
        label={addingWords.item}
        searchable
        nothingFoundMessage={addingWords.unknown}
        value={itemId}
        onChange={setItemId}
        data={items.map((one) => ({ value: one.id, label: itemTitle(one) }))}
        limit={30}
      />
      <NumberInput
        label={addingWords.packs}
        value={packs}
        onChange={setPacks}
        min={1}
        max={1000}
        allowDecimal={false}
      />
      <Autocomplete
        label={addingWords.shop}
        description={addingWords.shopHint}
        value={shop ?? item?.shop ?? ''}
        onChange={setShop}
        data={[...shops]}
        maxLength={120}
      />
    </FormDialog>
  )
}

/** Puts something that is kept on the list by hand. */
import { Autocomplete, NumberInput, Select } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { readItems } from '../../../contract/items'
import { itemTitle } from '../../../core/stock/item'
import { call } from '../../../device/call'
import { ActDialog } from '../../../ui/ActDialog'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import { EMPTY_LINE, readLineDraft } from './lineDraft'

const addingWords = words.shopping.adding

interface Props {
  readonly shops: readonly string[]
  readonly onClose: () => void
}

export function AddLine({ shops, onClose }: Props) {
  const { data } = useQuery({ queryKey: ['items'], queryFn: () => call(readItems) })
  const items = data?.items ?? []
  const form = useActForm({
    initial: EMPTY_LINE,
    read: (draft) => readLineDraft(draft, items),
    said: words.shopping.did.added,
    onSaved: onClose,
  })
  const item = items.find(({ id }) => id === form.values.itemId)
  return (
    <ActDialog form={form} title={addingWords.title} press={addingWords.press} onClose={onClose}>
      <Select
        data-autofocus
        label={addingWords.item}
        searchable
        nothingFoundMessage={addingWords.unknown}
        {...form.choice('itemId')}
        data={items.map((one) => ({ value: one.id, label: itemTitle(one) }))}
        limit={30}
      />
      <NumberInput
        label={addingWords.packs}
        {...form.choice('packs')}
        onChange={(packs) => form.set({ packs: String(packs) })}
        min={1}
        max={1000}
        allowDecimal={false}
      />
      <Autocomplete
        label={addingWords.shop}
        description={addingWords.shopHint}
        {...form.choice('shop')}
        value={form.values.shop ?? item?.shop ?? ''}
        data={[...shops]}
        maxLength={120}
      />
    </ActDialog>
  )
}

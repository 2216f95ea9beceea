/** Changes what is known of a lot, and of its item everywhere. */

import { Checkbox, Select, Textarea, TextInput } from '@mantine/core'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { OPENED_RULES } from '../../../core/shelf-life/openedRules'
import { itemTitle } from '../../../core/stock/item'
import { ITEM_KINDS } from '../../../core/stock/itemKind'
import { CONDITIONS } from '../../../core/stock/lot'
import { VERDICT_KINDS } from '../../../core/stock/verdict'
import { ActForm } from '../../../ui/ActForm'
import { Box } from '../../../ui/Box'
import { useDayHabits } from '../../../ui/dayHabits'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import { counted } from '../../../words/frame/format'
import { ExpiryField, expiryOf } from '../../stock/lot/ExpiryField'
import { detailsDraft, readDetailsDraft } from './detailsDraft'
import classes from './mat.module.css'
import type { Kit, LineOnMat, TagOnMat } from './view'

const lotWords = words.stock.lot

interface Props {
  readonly line: LineOnMat
  readonly tag: TagOnMat
  readonly pocketId: string
  readonly members: Kit['members']
  readonly today: PlainDate
  readonly onDone: () => void
}

export function DetailsForm({ line: { item }, tag, pocketId, members, today, onDone }: Props) {
  const { lot } = tag
  const { order } = useDayHabits()
  const form = useActForm({
    initial: detailsDraft(item, lot, today),
    read: (draft) => readDetailsDraft(draft, { item, lot, pocketId, today, order }),
    said: words.stock.acts.said(itemTitle(item), words.stock.acts.of.edit.did),
    onSaved: onDone,
  })
  const { standing, size, verdict } = form.values
  const expiry = expiryOf(form.values.expiry, (typed) => form.set({ expiry: typed }), {
    today,
    order,
  })
  return (
    <ActForm
      form={form}
      lineAbove="dashed"
      className={classes.actForm}
      aria-label={words.stock.acts.of.edit.press}
      press={words.stock.acts.of.edit.confirm}
      onCancel={onDone}
    >
      <Box as="h3" size={3}>
        {words.stock.acts.of.edit.press}
      </Box>
      <ExpiryField
        expiry={expiry}
        autoFocus
        error={form.held ? form.errorOf('expiry') : undefined}
      />
      <Select label={lotWords.condition} {...form.choice('condition')} data={[...CONDITIONS]} />
      <Select
        label={lotWords.standing}
        {...form.choice('standing')}
        data={[
          { value: 'ready', label: lotWords.ready },
          { value: 'held', label: lotWords.heldFor },
          { value: 'lent', label: lotWords.lent },
          ...(lot.standing.kind === 'unclean' || lot.standing.kind === 'missing'
            ? [{ value: lot.standing.kind, label: words.stock.stateWord[lot.standing.kind] }]
            : []),
        ]}
      />
      {(standing === 'held' || standing === 'lent') && (
        <TextInput
          label={standing === 'held' ? lotWords.heldReason : lotWords.lentTo}
          {...form.text('reason')}
        />
      )}
      <TextInput label={lotWords.batch} {...form.text('batch')} />
      <TextInput label={lotWords.note} {...form.text('note')} />
      <Select
        label={words.stock.acts.forMember}
        placeholder={words.stock.acts.anybody}
        clearable
        {...form.choice('forMember')}
        data={members.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <Textarea
        label={words.stock.acts.directions}
        autosize
        minRows={2}
        maxLength={2000}
        {...form.text('directions')}
      />
      {tag.amount > 1000 && (
        <TextInput
          label={words.stock.acts.only}
          description={words.stock.acts.onlyHint(counted(tag.amount, item.unit))}
          inputMode="decimal"
          {...form.text('only')}
        />
      )}
      <Box as="h3" size={3}>
        {lotWords.itemDetails}
      </Box>
      <TextInput label={lotWords.purpose} {...form.text('purpose')} />
      <TextInput label={lotWords.forWhom} {...form.text('forWhom')} />
      <Select label={lotWords.kind} {...form.choice('kind')} data={[...ITEM_KINDS]} />
      <Select
        label={lotWords.rule}
        {...form.choice('rule')}
        data={[
          { value: 'unset', label: lotWords.clockRule({ kind: 'unset' }) },
          // What the label says is entered where it is opened; here it can be given up for a rule.
          ...(item.openedClock.kind === 'own'
            ? [{ value: 'own', label: lotWords.clockRule(item.openedClock) }]
            : []),
          ...Object.entries(OPENED_RULES).map(([value, { name }]) => ({ value, label: name })),
        ]}
      />
      <TextInput label={lotWords.shop} {...form.text('shop')} />
      <TextInput label={lotWords.pack} inputMode="decimal" {...form.text('pack')} />
      <TextInput label={lotWords.packPrice} inputMode="decimal" {...form.text('packPrice')} />
      <TextInput
        label={words.items.size.label}
        placeholder={words.kits.shapes.measures}
        {...form.text('size')}
      />
      {size.trim() !== '' && (
        <TextInput label={words.items.size.grams} inputMode="decimal" {...form.text('sizeGrams')} />
      )}
      <Select
        label={words.items.verdict.label}
        {...form.choice('verdict')}
        data={[
          { value: 'none', label: words.items.verdict.none },
          ...VERDICT_KINDS.map((value) => ({ value, label: words.items.verdict.name(value) })),
        ]}
      />
      {verdict !== 'none' && (
        <TextInput
          label={words.items.verdict.words}
          maxLength={120}
          {...form.text('verdictWords')}
        />
      )}
      <Checkbox label={lotWords.essential} {...form.tick('essential')} />
    </ActForm>
  )
}

/** Narrows the stock: words, states, sort of thing, patient, grouping; and keeps views by name. */

import { Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { LOT_STATES } from '../../contract/primitives'
import { removeView, saveView } from '../../contract/stock'
import { GROUPINGS, KEPT_WAYS, stockFilter } from '../../contract/values/stock'
import { ITEM_KINDS, type ItemKind } from '../../core/stock/itemKind'
import { useActing } from '../../ui/acting'
import { Row, Stack } from '../../ui/Box'
import { Button, Chip } from '../../ui/Button'
import { FormDialog } from '../../ui/FormDialog'
import { Pick } from '../../ui/Pick'
import { StateGlyph } from '../../ui/StateGlyph'
import * as words from '../../words'
import { EVERYTHING, type StockFilter } from './rows'
import classes from './stock.module.css'

const listWords = words.stock.list

interface View {
  readonly id: string
  readonly name: string
  readonly filter: unknown
}
interface Props {
  readonly filter: StockFilter
  readonly members: readonly { readonly id: string; readonly name: string }[]
  readonly views: readonly View[]
  readonly onChange: (filter: StockFilter) => void
}

export function StockFilters({ filter, members, views, onChange }: Props) {
  const set = (patch: Partial<StockFilter>): void => onChange({ ...filter, ...patch })
  const plain = JSON.stringify(filter) === JSON.stringify(EVERYTHING)
  return (
    <Stack gap={4} className={`${classes.filters} no-print`}>
      <Views views={views} filter={filter} plain={plain} onChange={onChange} />
      <Row as="fieldset" gap={3} align="center" wrap className={classes.states}>
        <legend className="visually-hidden">{listWords.states}</legend>
        {LOT_STATES.map((state) => (
          <Pick
            key={state}
            type="checkbox"
            checked={filter.states.includes(state)}
            onChange={() =>
              set({
                states: filter.states.includes(state)
                  ? filter.states.filter((one) => one !== state)
                  : [...filter.states, state],
              })
            }
          >
            <StateGlyph state={state} />
            {words.stock.stateWord[state]}
          </Pick>
        ))}
      </Row>
      <Stack columns="2fr 1fr 1fr 1fr 1fr" gap={5} className={classes.fields}>
        <TextInput
          label={listWords.words}
          value={filter.words}
          maxLength={120}
          onChange={(event) => set({ words: event.currentTarget.value })}
        />
        <Select
          label={listWords.kinds}
          placeholder={listWords.anyKind}
          clearable
          value={filter.kinds[0] ?? null}
          onChange={(kind) => set({ kinds: kind ? [kind as ItemKind] : [] })}
          data={[...ITEM_KINDS]}
        />
        <Select
          label={listWords.patient}
          placeholder={listWords.anyPatient}
          clearable
          value={filter.patient}
          onChange={(patient) => set({ patient: patient as StockFilter['patient'] })}
          data={members.map(({ id, name }) => ({ value: id, label: name }))}
        />
        <Select
          label={words.items.storage}
          placeholder={words.storage.any}
          clearable
          value={filter.storage}
          onChange={(how) => set({ storage: how as StockFilter['storage'] })}
          data={KEPT_WAYS.map((value) => ({ value, label: keptName(value) }))}
        />
        <Select
          label={listWords.group}
          value={filter.group}
          allowDeselect={false}
          onChange={(group) => set({ group: (group ?? 'none') as StockFilter['group'] })}
          data={GROUPINGS.map((value) => ({ value, label: listWords.groups[value] }))}
        />
      </Stack>
    </Stack>
  )
}

const keptName = (how: NonNullable<StockFilter['storage']>): string =>
  how === 'unknown'
    ? words.storage.unknown
    : how === 'frost'
      ? words.storage.frost
      : words.storage.name(how)

interface ViewsProps {
  readonly views: readonly View[]
  readonly filter: StockFilter
  readonly plain: boolean
  readonly onChange: (filter: StockFilter) => void
}

function Views({ views, filter, plain, onChange }: ViewsProps) {
  const { run, busy } = useActing()
  const [naming, setNaming] = useState<string | null>(null)
  const isShown = (view: View): boolean => {
    const read = stockFilter.safeParse(view.filter)
    return read.success && JSON.stringify(read.data) === JSON.stringify(filter)
  }
  const save = async () => {
    if (naming === null) return
    const result = await run(saveView, { body: { name: naming, filter } }, listWords.viewSaved)
    if (result) setNaming(null)
  }
  return (
    <Row gap={3} align="center" wrap>
      <span className="visually-hidden">{listWords.views}</span>
      <Chip pressed={plain} onClick={() => onChange(EVERYTHING)}>
        {listWords.clear}
      </Chip>
      {views.map((view) => (
        <Row as="span" inline key={view.id}>
          <Chip
            pressed={isShown(view)}
            onClick={() => {
              const read = stockFilter.safeParse(view.filter)
              onChange(read.success ? read.data : EVERYTHING)
            }}
          >
            {view.name}
          </Chip>
          <Button
            kind="step"
            disabled={busy}
            aria-label={listWords.removeView(view.name)}
            onClick={() =>
              void run(removeView, { params: { viewId: view.id } }, listWords.viewRemoved)
            }
          >
            ×
          </Button>
        </Row>
      ))}
      {!plain && !views.some(isShown) && (
        <Button onClick={() => setNaming('')}>{listWords.saveView}</Button>
      )}
      <FormDialog
        opened={naming !== null}
        title={listWords.saveView}
        press={words.household.save}
        busy={busy}
        ready={(naming ?? '').trim() !== ''}
        onSubmit={save}
        onClose={() => setNaming(null)}
      >
        <TextInput
          data-autofocus
          label={listWords.viewName}
          maxLength={120}
          value={naming ?? ''}
          onChange={(event) => setNaming(event.currentTarget.value)}
        />
      </FormDialog>
    </Row>
  )
}

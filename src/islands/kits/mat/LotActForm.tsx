/** The few things that have to be asked before an act on a lot. */

import { Checkbox, Select, Textarea, TextInput } from '@mantine/core'
import type { PlainDate } from '../../../core/calendar/plainDate'
import { readAmount } from '../../../core/quantity/readAmount'
import { lastGoodDay } from '../../../core/shelf-life/lastGoodDay'
import { itemTitle } from '../../../core/stock/item'
import { ActForm } from '../../../ui/ActForm'
import { Box } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { DayField } from '../../../ui/DayField'
import { Stepper } from '../../../ui/Stepper'
import { useActForm } from '../../../ui/useActForm'
import * as words from '../../../words'
import { capital, counted, expiryText, fullDay } from '../../../words/frame/format'
import { nearPockets } from '../nearPockets'
import { type AskedAct, lotAct } from './acts'
import { KeepsFor } from './KeepsFor'
import { isAsked, lotActDraft, readLotActDraft, stepped } from './lotActDraft'
import classes from './mat.module.css'
import type { LineOnMat, PocketOnMat, PocketRef, TagOnMat } from './view'

const lotWords = words.stock.lot
const actsWords = words.stock.acts
const AMOUNT_FAULT = 'amount-fault'

interface Props {
  readonly act: AskedAct
  readonly line: LineOnMat
  readonly tag: TagOnMat
  readonly pocket: PocketOnMat
  readonly pockets: readonly PocketRef[]
  readonly today: PlainDate
  readonly onDone: () => void
  /** Turns to another lot: the one that should go first. */
  readonly onTake: (lotId: string) => void
}

export function LotActForm({ act, line, tag, pocket, pockets, today, onDone, onTake }: Props) {
  const { lot } = tag
  const { press, did, ...said } = actsWords.of[act]
  const { kind, unit } = line.item
  const form = useActForm({
    initial: lotActDraft(act, line, tag, today),
    read: (draft) => readLotActDraft(act, draft, { lot, pocketId: pocket.id, kind, today }),
    said: ({ usedUp, to }) =>
      actsWords.said(
        itemTitle(line.item),
        usedUp ? actsWords.of.use.did : did,
        act === 'move' ? pockets.find(({ id }) => id === to)?.name : undefined,
      ),
    about: ({ amount }) => {
      const read = readAmount(amount)
      const many = read.kind === 'read' ? counted(read.amount, unit) : ''
      return `${capital(did)}: ${many} ${itemTitle(line.item)}`
    },
    refusals: { opened_in_future: 'on', needs_directions: 'directions', same_pocket: 'to' },
    onSaved: onDone,
  })
  const first = lotAct(act).passesOver ? firstOut(line, tag) : null
  const wrongAmount = form.errorOf('amount')
  const step = (by: number) => form.set({ amount: stepped(form.values.amount, by) })
  return (
    <ActForm
      form={form}
      lineAbove="dashed"
      className={classes.actForm}
      aria-label={press}
      press={'confirm' in said ? said.confirm : press}
      onCancel={onDone}
    >
      <Box as="h3" size={3}>
        {press}
      </Box>
      {first && (
        <Box as="p" padX={4} padY={3} size={2} surface="turning" radius={2}>
          {actsWords.first(first.until)}{' '}
          <Button kind="link" onClick={() => onTake(first.lotId)}>
            {actsWords.takeThat}
          </Button>
        </Box>
      )}
      {act === 'discard' && words.watch.safeWay(line.item.kind) && (
        <Box as="p" padX={4} padY={3} size={2} surface="turning" radius={2}>
          {words.watch.safeWay(line.item.kind)}
        </Box>
      )}
      <Stepper
        fewer="−1"
        more="+1"
        onChange={step}
        value={{
          field: (
            <TextInput
              autoFocus
              label={
                act === 'count'
                  ? lotWords.found
                  : act === 'takeBack'
                    ? actsWords.back
                    : lotWords.howMany
              }
              {...form.text('amount')}
              // Said below: the presses beside it stay where they are.
              error={wrongAmount !== undefined}
              aria-describedby={wrongAmount ? AMOUNT_FAULT : undefined}
              onFocus={(event) => event.currentTarget.select()}
              inputMode="decimal"
            />
          ),
        }}
      />
      {wrongAmount && (
        <Box as="p" size={2} tone="bad" id={AMOUNT_FAULT}>
          {wrongAmount}
        </Box>
      )}
      {act === 'takeBack' && <small className="second">{actsWords.backHint}</small>}
      {isAsked(act, 'usedUp') && <Checkbox label={actsWords.usedUp} {...form.tick('usedUp')} />}
      {isAsked(act, 'day') && (
        <>
          <DayField label={lotWords.onDay} max={today} {...form.choice('on')} />
          <KeepsFor
            now={lotWords.clockRule(line.item.openedClock)}
            value={form.values.keeps}
            onChange={(keeps) => form.set({ keeps })}
          />
        </>
      )}
      {isAsked(act, 'whom') && (
        <TextInput
          label={act === 'lend' ? actsWords.toWhom : actsWords.whoGets}
          maxLength={120}
          {...form.text('whom')}
        />
      )}
      {isAsked(act, 'place') && (
        <Select
          label={lotWords.toWhere}
          searchable
          {...form.choice('to')}
          data={nearPockets(pockets, pocket.id).map(({ group, items }) => ({
            group,
            items: items.filter(({ value }) => act === 'decant' || value !== pocket.id),
          }))}
        />
      )}
      {isAsked(act, 'directions') && (
        <>
          <Textarea
            label={actsWords.directions}
            autosize
            minRows={2}
            maxLength={2000}
            {...form.text('directions')}
          />
          <Box as="p" padX={4} padY={3} size={2} surface="turning" radius={2}>
            {actsWords.decantHint}{' '}
            {actsWords.label(itemTitle(line.item), endOf(line, tag), lot.batch)}
          </Box>
        </>
      )}
    </ActForm>
  )
}

/** The lot that should go before this one, and until when it is good; null when this is it. */
function firstOut(line: LineOnMat, tag: TagOnMat): { lotId: string; until: string } | null {
  const first = line.tags.find(({ lot }) => lot.id === line.firstOut)
  if (!first || first.lot.id === tag.lot.id) return null
  const [a, b] = [first, tag].map(({ lot }) => lastGoodDay(lot, line.item.openedClock))
  const sooner = a?.kind === 'day' && (b?.kind !== 'day' || a.day < b.day)
  return sooner ? { lotId: first.lot.id, until: fullDay(a.day) } : null
}

function endOf(line: LineOnMat, { lot }: TagOnMat): string {
  const end = lastGoodDay(lot, line.item.openedClock)
  return end.kind === 'day' ? fullDay(end.day) : expiryText(lot.expiry)
}

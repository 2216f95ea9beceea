/** Mixes (at the kitchen table): so much of each for a chosen volume, drawn; with who says so. */

import { Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { removeRecipe, sayCare } from '../../../contract/care'
import { BARRELS, type BarrelId, barrelById } from '../../../core/dosing/barrel'
import { minutesAfter } from '../../../core/dosing/given'
import type { MemberId, PlaceId } from '../../../core/ids'
import { lotFor } from '../../../core/mixing/lot'
import { type Recipe, volumesFor } from '../../../core/mixing/recipe'
import { exact, thousandthsText } from '../../../core/quantity/exact'
import {
  type Microlitres,
  millilitres,
  type Percent,
  readConcentration,
  readVolume,
} from '../../../core/quantity/measure'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button, Chip } from '../../../ui/Button'
import { Frame, type Strap } from '../../../ui/Frame'
import * as words from '../../../words'
import { fullDay } from '../../../words/frame/format'
import { type Care, openWith, useNow } from '../useCare'
import { WithCare } from '../WithCare'
import { BenchTabs } from './BenchTabs'
import classes from './bench.module.css'
import { FeedForm } from './FeedForm'
import { MIX_WAYS, type MixWay, shownMix } from './shownMix'

interface Props {
  readonly strap: Strap
  readonly place: string | null
}

export const MixesScreen = ({ strap, place }: Props) => (
  <Frame tab="bench" strap={strap} place={place}>
    <BenchTabs part="mixes" />
    <WithCare title={words.care.mixes.title}>
      {(care) => <Mixes care={care} place={place as PlaceId | null} />}
    </WithCare>
  </Frame>
)

const mixesWords = words.care.mixes

function Mixes({ care, place }: { readonly care: Care; readonly place: PlaceId | null }) {
  const [adding, setAdding] = useState(false)
  return (
    <>
      <Row as="header" gap={5} align="start" justify="between" wrap below={6}>
        <div>
          <h1>{mixesWords.title}</h1>
          <Box as="p" measure className="second">
            {mixesWords.lead} {words.care.notAdvice}
          </Box>
        </div>
        {!adding && (
          <Button kind="strong" onClick={() => setAdding(true)}>
            {mixesWords.add}
          </Button>
        )}
      </Row>
      {adding && <FeedForm care={care} onDone={() => setAdding(false)} />}
      <Box below={7} style={{ display: 'grid', gap: '0.9rem' }}>
        {care.view.recipes.map((recipe) => (
          <Mix key={recipe.id} care={care} recipe={recipe} place={place} />
        ))}
      </Box>
    </>
  )
}

function Mix({
  care,
  recipe,
  place,
}: {
  readonly care: Care
  readonly recipe: Recipe
  readonly place: PlaceId | null
}) {
  const { body } = recipe
  const { run, busy } = useActing()
  const now = useNow(30_000)
  const [volume, setVolume] = useState<number>(
    body.kind === 'drink' || body.kind === 'saline' ? 500 : 100,
  )
  const [typed, setTyped] = useState('')
  const [way, setWay] = useState<MixWay>('total')
  const [parts, setParts] = useState('9')
  const [ownStrength, setOwnStrength] = useState('')
  const [barrelId, setBarrelId] = useState<BarrelId | null>(null)
  const own = ownVolume(typed)
  const wrongVolume = own === 'wrong'
  const total = own === null || own === 'wrong' ? (millilitres(volume) as Microlitres) : own
  const strengthRead = ownStrength.trim() === '' ? null : readConcentration(ownStrength)
  const { today } = care.view
  const lotOf = (strength: Percent, volume: Microlitres | null) =>
    lotFor(care.laid, recipe, { here: place, today, stock: volume && { strength, volume } })
  /** The concentrate that is there, else the usual one. */
  const [chosenStock, setStock] = useState(() =>
    body.kind === 'dilution'
      ? (body.stocks.find((one) => lotOf(one, total)) ?? body.stocks[0] ?? 0)
      : 0,
  )
  const [forWhom, setForWhom] = useState<string | null>(
    body.kind === 'feed' ? (body.memberId as string | null) : null,
  )
  const stock = strengthRead?.kind === 'read' ? strengthRead.value : chosenStock
  const partsRead = Number(parts.trim().replace(',', '.'))
  const shown = shownMix(care, recipe, {
    total,
    stock,
    forWhom,
    way,
    parts:
      parts.trim() !== '' && partsRead >= 0 && Number.isFinite(partsRead)
        ? exact(Math.round(partsRead * 1000), 1000)
        : null,
    barrel: barrelId && barrelById(barrelId),
  })
  const lot = lotOf(stock, 'fault' in shown ? null : shown.concentrate)
  const { timeZone } = care.view
  const note = async () => {
    if ('fault' in shown) return
    const memberId = forWhom as MemberId | null
    const incident = memberId ? openWith(care, memberId) : (care.incidents[0] ?? null)
    await run(
      sayCare,
      {
        body: {
          entryId: crypto.randomUUID(),
          incidentId: incident?.id ?? null,
          memberId: memberId ?? (incident ? null : firstHelper(care)),
          fact: {
            kind: 'mixed',
            title: recipe.name,
            words: shown.summary,
            keepHours: recipe.keepHours,
            takes: lot ? [{ lotId: lot.lotId, pocketId: lot.pocketId, amount: lot.amount }] : [],
          },
        } as never,
      },
      mixesWords.noted(recipe.name),
      { about: mixesWords.noted(recipe.name) },
    )
  }
  return (
    <Stack
      columns="minmax(0, 1fr) 15rem"
      collapse
      as="section"
      gapX={7}
      gapY={6}
      pad={6}
      line="dashed"
      radius={2}
      aria-label={recipe.name}
    >
      <Stack packed gap={4}>
        <Box as="h3" size={5}>
          {recipe.name}
        </Box>
        <p className="second">{recipe.purpose}</p>
        {body.kind !== 'feed' && (
          <Row as="fieldset" gap={4} align="center" wrap className={classes.volumes}>
            <legend className="visually-hidden">{mixesWords.volume}</legend>
            {volumesFor(body).map((ml) => (
              <Chip
                key={ml}
                pressed={typed === '' && ml === volume}
                onClick={() => {
                  setVolume(ml)
                  setTyped('')
                }}
              >
                {ml} mL
              </Chip>
            ))}
            <Row inline as="label" gap={3} align="center" tone="second">
              {way === 'all' ? mixesWords.have : mixesWords.ownVolume}
              <input
                value={typed}
                aria-invalid={wrongVolume}
                onChange={(event) => setTyped(event.currentTarget.value)}
              />
            </Row>
            {wrongVolume && <small role="alert">{mixesWords.badVolume}</small>}
          </Row>
        )}
        {body.kind === 'dilution' && (
          <>
            <Row as="fieldset" gap={4} align="center" wrap className={classes.volumes}>
              <legend>{mixesWords.way}</legend>
              {MIX_WAYS.map((one) => (
                <Chip key={one} pressed={way === one} onClick={() => setWay(one)}>
                  {mixesWords.ways[one]}
                </Chip>
              ))}
              {way === 'parts' && (
                <Row inline as="label" gap={3} align="center" tone="second">
                  {mixesWords.partsOf}
                  <input
                    inputMode="decimal"
                    value={parts}
                    onChange={(event) => setParts(event.currentTarget.value)}
                  />
                </Row>
              )}
            </Row>
            <Row gapX={6} gapY={4} align="end" wrap>
              <Select
                label={mixesWords.stock}
                w="10rem"
                data={body.stocks.map((one) => ({
                  value: String(one),
                  label: mixesWords.percent(one),
                }))}
                value={String(chosenStock)}
                disabled={ownStrength.trim() !== ''}
                onChange={(value) => value && setStock(Number(value))}
              />
              <TextInput
                label={mixesWords.ownStrength}
                value={ownStrength}
                error={strengthRead?.kind === 'refused' ? mixesWords.badStrength : undefined}
                onChange={(event) => setOwnStrength(event.currentTarget.value)}
              />
            </Row>
          </>
        )}
        {body.kind === 'feed' && (
          <Row as="fieldset" gap={4} align="center" wrap className={classes.volumes}>
            <legend>{mixesWords.syringe}</legend>
            {BARRELS.map(({ id, capacity, wide }) => (
              <Chip
                key={id}
                pressed={barrelId === id}
                onClick={() => setBarrelId(barrelId === id ? null : id)}
              >
                {mixesWords.barrel(thousandthsText(capacity), wide)}
              </Chip>
            ))}
          </Row>
        )}
        {body.kind === 'feed' && (
          <Select
            label={mixesWords.forWhom}
            w="14rem"
            data={care.members
              .filter(({ species }) => species !== 'person')
              .map(({ id, name }) => ({ value: id as string, label: name }))}
            value={forWhom}
            onChange={setForWhom}
          />
        )}
        {'fault' in shown ? (
          <Box as="p" note="caution" role="alert">
            {mixesWords.fault(shown.fault)}
          </Box>
        ) : (
          <Box as="ul" size={4} weight="bold" face="display">
            {shown.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </Box>
        )}
        {recipe.cautions.map((caution) => (
          <Box as="p" size={2} key={caution}>
            {caution}
          </Box>
        ))}
        <p>
          {mixesWords.keeps(recipe.keepHours)}:{' '}
          <b>
            {mixesWords.keepUntil(
              words.care.time(minutesAfter(now, recipe.keepHours * 60), now, timeZone),
            )}
          </b>
        </p>
        <Box as="p" size={2} tone="second">
          {recipe.source.who}
          {recipe.source.on && `, ${fullDay(recipe.source.on)}`}
        </Box>
        <Box as="p" size={2} tone="second">
          {lot
            ? `${mixesWords.takes}: ${lot.title}, ${lot.place}, ${lot.pocket}`
            : body.kind === 'dilution'
              ? mixesWords.noConcentrate(mixesWords.percent(stock))
              : mixesWords.takesNothing}
        </Box>
        <Row as="p" gap={4} align="center" wrap className="no-print">
          <Button kind="strong" onClick={() => void note()} busy={busy} disabled={'fault' in shown}>
            {mixesWords.made}
          </Button>
          {recipe.version > 0 && (
            <Button
              kind="plain"
              onClick={() =>
                void run(removeRecipe, { params: { recipeId: recipe.id } }, mixesWords.removed)
              }
            >
              {mixesWords.remove}
            </Button>
          )}
        </Row>
      </Stack>
      {!('fault' in shown) && shown.drawing}
    </Stack>
  )
}

/** As it is said: "250", "1 cup", "0.5 L"; a number alone is millilitres. */
function ownVolume(text: string): Microlitres | null | 'wrong' {
  if (text.trim() === '') return null
  const reading = readVolume(/[a-z]/i.test(text) ? text : `${text.trim()} mL`)
  return reading.kind === 'read' && reading.value <= MOST_MIXED ? reading.value : 'wrong'
}
const MOST_MIXED = 20_000_000

/** A mixture is noted for somebody; without an incident, for whoever mixes. */
const firstHelper = ({ members, me }: Care): MemberId | null =>
  (members.find(({ name }) => name === me) ?? members.find(({ helper }) => helper) ?? members[0])
    ?.id ?? null

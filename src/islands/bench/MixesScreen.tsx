/** Mixes (at the kitchen table): so much of each for a chosen volume, drawn; with who says so. */
import { Button, Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { addRecipe, removeRecipe, sayCare } from '../../contract/careEndpoints'
import { isPlainDate } from '../../core/calendar/plainDate'
import { barrelById } from '../../core/dosing/barrel'
import { minutesAfter } from '../../core/dosing/given'
import type { MemberId, PlaceId } from '../../core/ids'
import {
  assistedFeed,
  type Dilution,
  dilute,
  drink,
  inVessels,
  type MixFault,
  salineSalt,
} from '../../core/mixing/mix'
import { type Recipe, VOLUMES } from '../../core/mixing/recipe'
import { units } from '../../core/quantity/amount'
import { exactText, thousandthsText } from '../../core/quantity/exact'
import { type Microlitres, millilitres } from '../../core/quantity/measure'
import { useActing } from '../../ui/acting'
import { Frame, type Strap } from '../../ui/Frame'
import { words } from '../../words'
import { fullDay } from '../../words/format'
import { Syringe } from '../care/Syringe'
import { type Care, openWith, patientNow, useNow } from '../care/useCare'
import { WithCare } from '../care/WithCare'
import { BenchTabs } from './BenchTabs'
import classes from './bench.module.css'
import { Glass, Spoons } from './MixDrawings'

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

const w = words.care.mixes
/** Thick food needs a wide tip. */
const WIDE = barrelById('12w')

function Mixes({ care, place }: { readonly care: Care; readonly place: PlaceId | null }) {
  const [adding, setAdding] = useState(false)
  return (
    <>
      <header className={classes.head}>
        <div>
          <h1>{w.title}</h1>
          <p className="second">
            {w.lead} {words.care.notAdvice}
          </p>
        </div>
        {!adding && <Button onClick={() => setAdding(true)}>{w.add}</Button>}
      </header>
      {adding && <FeedForm care={care} onDone={() => setAdding(false)} />}
      <div className={classes.group} style={{ display: 'grid', gap: '0.9rem' }}>
        {care.view.recipes.map((recipe) => (
          <Mix key={recipe.id} care={care} recipe={recipe} place={place} />
        ))}
      </div>
    </>
  )
}

/** What is shown of a mixture, whatever kind it is. */
interface Shown {
  readonly lines: readonly string[]
  readonly drawing: React.ReactNode
  /** For the record: "10 mL + 90 mL". */
  readonly summary: string
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
  const [stock, setStock] = useState(body.kind === 'dilution' ? (body.stocks[0] ?? 0) : 0)
  const [forWhom, setForWhom] = useState<string | null>(
    body.kind === 'feed' ? (body.memberId as string | null) : null,
  )
  const own = typed.trim() === '' ? null : Number(typed.trim().replace(',', '.'))
  const wrongVolume = own !== null && !(own > 0 && own <= 5000 && Number.isInteger(own * 10))
  const total = millilitres(wrongVolume || own === null ? volume : own) as Microlitres
  const shown = mixOf(care, recipe, total, stock, forWhom)
  const lot = takeable(care, recipe, place)
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
            takes: lot ? [{ lotId: lot.lotId, pocketId: lot.pocketId, amount: units(1) }] : [],
          },
        } as never,
      },
      w.noted(recipe.name),
      w.noted(recipe.name),
    )
  }
  return (
    <section className={classes.mix} aria-label={recipe.name}>
      <div className={classes.mixText}>
        <h3>{recipe.name}</h3>
        <p className="second">{recipe.purpose}</p>
        {body.kind !== 'feed' && (
          <fieldset className={classes.volumes}>
            <legend className="visually-hidden">{w.volume}</legend>
            {VOLUMES.map((ml) => (
              <button
                key={ml}
                type="button"
                aria-pressed={typed === '' && ml === volume}
                onClick={() => {
                  setVolume(ml)
                  setTyped('')
                }}
              >
                {ml} mL
              </button>
            ))}
            <label>
              {w.ownVolume}
              <input
                inputMode="decimal"
                value={typed}
                aria-invalid={wrongVolume}
                onChange={(event) => setTyped(event.currentTarget.value)}
              />
            </label>
          </fieldset>
        )}
        {body.kind === 'dilution' && (
          <Select
            label={w.stock}
            w="10rem"
            data={body.stocks.map((one) => ({ value: String(one), label: w.percent(one) }))}
            value={String(stock)}
            onChange={(value) => value && setStock(Number(value))}
          />
        )}
        {body.kind === 'feed' && (
          <Select
            label={w.forWhom}
            w="14rem"
            data={care.members
              .filter(({ species }) => species !== 'person')
              .map(({ id, name }) => ({ value: id as string, label: name }))}
            value={forWhom}
            onChange={setForWhom}
          />
        )}
        {'fault' in shown ? (
          <p className={classes.warn} role="alert">
            {w.fault(shown.fault)}
          </p>
        ) : (
          <ul className={classes.mixSum}>
            {shown.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        )}
        {recipe.cautions.map((caution) => (
          <p key={caution} className={classes.cardStop}>
            {caution}
          </p>
        ))}
        <p>
          {w.keeps(recipe.keepHours)}:{' '}
          <b>
            {w.keepUntil(words.care.time(minutesAfter(now, recipe.keepHours * 60), now, timeZone))}
          </b>
        </p>
        <p className={classes.cardSource}>
          {recipe.source.who}
          {recipe.source.on && `, ${fullDay(recipe.source.on)}`}
        </p>
        <p className={classes.cardSource}>
          {lot ? `${w.takes}: ${lot.title}, ${lot.place}, ${lot.pocket}` : w.takesNothing}
        </p>
        <p className={`${classes.cardActs} no-print`}>
          <Button onClick={() => void note()} loading={busy} disabled={'fault' in shown}>
            {w.made}
          </Button>
          {recipe.version > 0 && (
            <button
              type="button"
              className={classes.plain}
              onClick={() => void run(removeRecipe, { params: { recipeId: recipe.id } }, w.removed)}
            >
              {w.remove}
            </button>
          )}
        </p>
      </div>
      {!('fault' in shown) && shown.drawing}
    </section>
  )
}

/** A mixture is noted for somebody; without an incident, for whoever mixes. */
const firstHelper = ({ members, me }: Care): MemberId | null =>
  (members.find(({ name }) => name === me) ?? members.find(({ helper }) => helper) ?? members[0])
    ?.id ?? null

function mixOf(
  care: Care,
  { body }: Recipe,
  total: Microlitres,
  stock: number,
  forWhom: string | null,
): Shown | { readonly fault: MixFault } {
  switch (body.kind) {
    case 'dilution': {
      const mixed = dilute(stock, body.wanted, total)
      return mixed.kind === 'refused' ? mixed : shownDilution(mixed.mix)
    }
    case 'drink': {
      const mixed = drink(total, body.perLitre)
      if (mixed.kind === 'refused') return mixed
      const lines = mixed.mix.lines.map(({ name, eighths }) => `${w.spoons(eighths)} ${name}`)
      return {
        lines: [
          `${thousandthsText(total)} mL ${w.water} (${w.vessels(inVessels(total))})`,
          ...lines,
        ],
        summary: `${thousandthsText(total)} mL`,
        drawing: (
          <div>
            <Glass
              total={total}
              parts={[{ kind: 'water', volume: total }]}
              label={`${thousandthsText(total)} mL ${w.water}`}
            />
            <Spoons lines={mixed.mix.lines} />
          </div>
        ),
      }
    }
    case 'saline': {
      const milligrams = salineSalt(total)
      if (milligrams === 0) return { fault: { code: 'nothing' } }
      const line = w.salt(
        thousandthsText(milligrams),
        w.spoons(Math.max(1, Math.floor((milligrams * 8) / 6000))),
      )
      return {
        lines: [`${thousandthsText(total)} mL ${w.water}`, line],
        summary: `${thousandthsText(total)} mL`,
        drawing: <Glass total={total} parts={[{ kind: 'water', volume: total }]} label={line} />,
      }
    }
    case 'feed': {
      const member = care.members.find(({ id }) => id === forWhom)
      const grams = member ? patientNow(care, member).grams : null
      const mixed = assistedFeed(body.rule, grams, WIDE.capacity as Microlitres)
      if (mixed.kind === 'refused') return mixed
      const { feed, feedsADay, day, powder, water, fills, barrel } = mixed.mix
      const lines = [
        w.feed(thousandthsText(feed), feedsADay),
        `${thousandthsText(powder)} mL ${w.powder} + ${thousandthsText(water)} mL ${w.water}`,
        w.fills(fills, thousandthsText(barrel)),
        w.day(thousandthsText(day)),
      ]
      return {
        lines,
        summary: `${thousandthsText(feed)} mL`,
        drawing: (
          <div>
            <Glass
              total={feed}
              parts={[
                { kind: 'powder', volume: powder },
                { kind: 'water', volume: water },
              ]}
              label={lines[1] ?? ''}
            />
            <Syringe
              barrel={WIDE}
              fill={Math.min(feed, WIDE.capacity) as Microlitres}
              note={fills > 1 ? words.care.bench.fillNumber(1, fills) : ''}
            />
          </div>
        ),
      }
    }
  }
}

function shownDilution({ stock, water, total, parts, strength }: Dilution): Shown {
  const lines = [
    `${thousandthsText(stock)} mL ${w.concentrate} + ${thousandthsText(water)} mL ${w.water}`,
    w.parts(exactText(parts, 2)),
    `${w.comes(exactText(strength.div(1000), 3))}; ${w.vessels(inVessels(total))}`,
  ]
  return {
    lines,
    summary: `${thousandthsText(total)} mL`,
    drawing: (
      <Glass
        total={total}
        parts={[
          { kind: 'strong', volume: stock },
          { kind: 'water', volume: water },
        ]}
        label={lines[0] ?? ''}
      />
    ),
  }
}

/** The lot that a mixture takes one of: the recipe's own item, else what plays its role; here first. */
function takeable({ laid, view }: Care, recipe: Recipe, place: PlaceId | null) {
  const { stock, things, shelves } = laid
  const good = shelves.filter((shelf) => {
    const thing = things[shelf.thing]
    const suits =
      recipe.itemId !== null
        ? thing?.itemId === recipe.itemId
        : recipe.takes.some((role) => thing?.facts.roles.includes(role))
    return suits && !shelf.barred && (shelf.through === null || shelf.through >= view.today)
  })
  const placeOf = (shelf: (typeof good)[number]) =>
    stock.places.find(({ id }) => id === stock.kits[shelf.kit]?.placeId)
  const [first] = good.sort((a, b) => {
    const near = (shelf: typeof a) =>
      placeOf(shelf)?.id === place || (place === null && placeOf(shelf)?.isStore) ? 0 : 1
    return near(a) - near(b) || (a.through ?? '9').localeCompare(b.through ?? '9')
  })
  return first
    ? {
        lotId: first.lotId,
        pocketId: first.pocket.id,
        pocket: first.pocket.name,
        place: placeOf(first)?.name ?? '',
        title: things[first.thing]?.title ?? '',
      }
    : null
}

function FeedForm({ care, onDone }: { readonly care: Care; readonly onDone: () => void }) {
  const { run, busy } = useActing()
  const [fields, setFields] = useState({
    name: '',
    member: null as string | null,
    powder: '1',
    water: '2',
    perKg: '',
    feeds: '',
    keep: '12',
    who: '',
    on: care.view.today as string,
  })
  const [tried, setTried] = useState(false)
  const set = (name: keyof typeof fields, value: string | null): void =>
    setFields((now) => ({ ...now, [name]: value }))
  const whole = (text: string): number | null => {
    const value = Number(text.trim())
    return Number.isInteger(value) && value > 0 ? value : null
  }
  const perKg = Number(fields.perKg.trim().replace(',', '.'))
  const wrong = {
    name: fields.name.trim() === '',
    powder: whole(fields.powder) === null,
    water: whole(fields.water) === null,
    perKg: !(fields.perKg.trim() !== '' && perKg > 0 && Number.isInteger(perKg * 1000)),
    feeds: whole(fields.feeds) === null,
    keep: whole(fields.keep) === null,
    who: fields.who.trim() === '',
    on: fields.on !== '' && !isPlainDate(fields.on),
  }
  const field = (name: keyof typeof wrong) => ({
    label: w.fields[name],
    value: fields[name],
    onChange: (event: { currentTarget: { value: string } }) => set(name, event.currentTarget.value),
    error:
      tried && wrong[name]
        ? name === 'name' || name === 'who'
          ? words.care.cards.pick
          : words.care.cards.badNumber
        : undefined,
  })
  const submit = async () => {
    setTried(true)
    if (Object.values(wrong).some(Boolean)) return
    const done = await run(
      addRecipe,
      {
        body: {
          name: fields.name.trim(),
          purpose: '',
          body: {
            kind: 'feed',
            rule: {
              powderParts: whole(fields.powder) ?? 1,
              waterParts: whole(fields.water) ?? 1,
              perKg: Math.round(perKg * 1000),
              feedsADay: whole(fields.feeds) ?? 1,
            },
            memberId: fields.member,
          },
          takes: ['recovery-food'],
          itemId: null,
          keepHours: whole(fields.keep) ?? 12,
          cautions: [],
          source: { who: fields.who.trim(), on: fields.on || null },
        } as never,
      },
      words.care.cards.saved(fields.name),
    )
    if (done) onDone()
  }
  return (
    <form
      className={classes.form}
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      <h2>{w.add}</h2>
      <p className="second">{w.addLead}</p>
      <div className={classes.fields}>
        <TextInput {...field('name')} />
        <Select
          label={w.fields.member}
          clearable
          data={care.members
            .filter(({ species }) => species !== 'person')
            .map(({ id, name }) => ({ value: id as string, label: name }))}
          value={fields.member}
          onChange={(value) => set('member', value)}
        />
        <TextInput {...field('powder')} inputMode="numeric" />
        <TextInput {...field('water')} inputMode="numeric" />
        <TextInput {...field('perKg')} inputMode="decimal" />
        <TextInput {...field('feeds')} inputMode="numeric" />
        <TextInput {...field('keep')} inputMode="numeric" />
        <TextInput {...field('who')} />
        <TextInput {...field('on')} type="date" />
      </div>
      <div className={classes.presses}>
        <Button type="submit" loading={busy}>
          {w.save}
        </Button>
        <button type="button" className={classes.plain} onClick={onDone}>
          {words.kits.cancel}
        </button>
      </div>
    </form>
  )
}

/** The bags that come along, drawn as they fill: what lies in each already, what is to go in, how heavy. */

import { Select } from '@mantine/core'
import { useState } from 'react'
import type { KitId, MemberId } from '../../core/ids'
import { bagLoad, lyingIn } from '../../core/trips/bagLoad'
import { CABIN_RULES, CABIN_RULES_IDS, type CabinRulesId } from '../../core/trips/cabin'
import type { BagsChosen } from '../../core/trips/chooseBags'
import type { TripPlan } from '../../core/trips/plan'
import { volumeIn } from '../../core/trips/room'
import { type Bag, STOWAGES, type Stowage, travellers } from '../../core/trips/trip'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { Empty } from '../../ui/Empty'
import { FirstOf } from '../../ui/FirstOf'
import { Folded } from '../../ui/Folded'
import * as words from '../../words'
import { counted } from '../../words/frame/format'
import type { Cover } from '../cover/useCover'
import { pocketName, type TripPatch, type TripView } from './view'

const bagWords = words.trips.bag

interface Props {
  readonly view: TripView
  readonly cover: Cover
  readonly plan: TripPlan | null
  readonly onChange: (patch: TripPatch, said?: string) => void
  /** Which bags come along, at most so many; null once they have left. */
  readonly choose: ((mostBags: number | null) => Promise<BagsChosen | null>) | null
  readonly stop: () => void
}

export function Bags({ view, cover, plan, onChange, choose, stop }: Props) {
  const { trip, rooms } = view
  const free = rooms.filter(({ kitId }) => !trip.bags.some((bag) => bag.kitId === kitId))
  const people = travellers(trip).filter(
    (id) => cover.view.members.find((one) => one.id === id)?.species === 'person',
  )
  const [first] = people
  const set = (bags: readonly Bag[]) => onChange({ bags })
  const isFlying = trip.stops.some(({ travel }) => travel === 'plane')
  return (
    <section aria-label={words.trips.bags}>
      <Box as="h2" size={4} below={3}>
        {words.trips.bags}
      </Box>
      {trip.bags.length === 0 && (
        <Empty text={free.length === 0 ? bagWords.noneToChoose : bagWords.none}>
          {free.length === 0 ? (
            <ButtonLink kind="strong" href="/kits">
              {bagWords.addKit}
            </ButtonLink>
          ) : null}
        </Empty>
      )}
      <Stack gap={4}>
        {trip.bags.map((bag) => (
          <BagCard
            key={bag.kitId}
            bag={bag}
            view={view}
            cover={cover}
            plan={plan}
            people={people}
            isFlying={isFlying}
            onChange={(patch) =>
              set(trip.bags.map((one) => (one.kitId === bag.kitId ? { ...one, ...patch } : one)))
            }
            onRemove={() => set(trip.bags.filter((one) => one.kitId !== bag.kitId))}
          />
        ))}
      </Stack>
      {choose && first && free.length + trip.bags.length > 0 && (
        <Choosing view={view} cover={cover} onChange={onChange} choose={choose} stop={stop} />
      )}
      {free.length > 0 && first && (
        <Box above={4}>
          <Select
            label={bagWords.add}
            placeholder={bagWords.choose}
            value={null}
            searchable
            onChange={(kitId) =>
              kitId &&
              set([
                ...trip.bags,
                {
                  kitId: kitId as KitId,
                  carrier: freeCarrier(people, trip.bags) ?? first,
                  stowage: isFlying ? 'hold' : 'with_us',
                  filled: true,
                },
              ])
            }
            data={free.map(({ kitId, name }) => ({ value: kitId as string, label: name }))}
          />
        </Box>
      )}
      {trip.bags.some(({ stowage }) => stowage === 'cabin') && (
        <Box above={4}>
          <Select
            label={bagWords.cabinRules}
            value={trip.cabinRules}
            allowDeselect={false}
            onChange={(rules) => rules && onChange({ cabinRules: rules as CabinRulesId })}
            data={CABIN_RULES_IDS.map((id) => ({ value: id, label: CABIN_RULES[id].name }))}
          />
          <Box as="p" size={2} tone="second" above={2}>
            {plan && plan.keptOut.length > 0
              ? `${bagWords.keptOut(
                  plan.keptOut.map((one) => bagWords.keptOutBecause(one.title, one.because)),
                )}. `
              : ''}
            {bagWords.cabinSource(
              CABIN_RULES[trip.cabinRules].name,
              CABIN_RULES[trip.cabinRules].source,
            )}
          </Box>
        </Box>
      )}
    </section>
  )
}

/** Whoever carries nothing yet. */
const freeCarrier = (people: readonly MemberId[], bags: readonly Bag[]): MemberId | undefined =>
  people.find((one) => !bags.some(({ carrier }) => carrier === one))

/** Bags are chosen by what they weigh in all; what was found is one act, which can be taken back. */
function Choosing({
  view: { trip },
  cover,
  onChange,
  choose,
  stop,
}: Pick<Props, 'view' | 'cover' | 'onChange' | 'stop'> & {
  readonly choose: NonNullable<Props['choose']>
}) {
  const [said, setSaid] = useState<string | null>(null)
  const [isBusy, setIsBusy] = useState(false)
  const filled = trip.bags.filter((bag) => bag.filled).length
  const press = async (most: number | null) => {
    setIsBusy(true)
    setSaid(bagWords.choosing)
    try {
      const found = await choose(most)
      if (!found) return setSaid(bagWords.left)
      const { bags, leftBehind } = found
      const isSame =
        bags.length === trip.bags.length &&
        bags.every((one) =>
          trip.bags.some(({ kitId, carrier }) => kitId === one.kitId && carrier === one.carrier),
        )
      setSaid(isSame ? (bags.length === 0 ? bagWords.noneOfUse : bagWords.already) : null)
      if (isSame) return
      const named = bags.map(({ kitId, carrier }) =>
        bagWords.carries(cover.kitName(kitId), cover.memberName(carrier)),
      )
      onChange({ bags }, bagWords.chosen(named, leftBehind > 0))
    } catch {
      setSaid(bagWords.notChosen)
    } finally {
      setIsBusy(false)
    }
  }
  return (
    <>
      <Row gap={4} wrap above={4}>
        <Button busy={isBusy} onClick={() => void press(null)}>
          {bagWords.chooseLightest}
        </Button>
        {filled > 1 && (
          <Button kind="quiet" disabled={isBusy} onClick={() => void press(filled - 1)}>
            {bagWords.oneLess}
          </Button>
        )}
        {isBusy && (
          <Button kind="plain" onClick={stop}>
            {words.trips.stop}
          </Button>
        )}
      </Row>
      <Box as="p" size={2} tone="second" role="status" above={2}>
        {said}
      </Box>
    </>
  )
}

interface CardProps extends Omit<Props, 'onChange' | 'choose' | 'stop'> {
  readonly bag: Bag
  readonly people: readonly MemberId[]
  readonly isFlying: boolean
  readonly onChange: (patch: Partial<Bag>) => void
  readonly onRemove: () => void
}

function BagCard({ bag, view, cover, plan, people, isFlying, onChange, onRemove }: CardProps) {
  const name = cover.kitName(bag.kitId)
  const room = view.rooms.find(({ kitId }) => kitId === bag.kitId)
  const leaves = (plan?.lines ?? []).flatMap(({ thing, from }) =>
    from.flatMap(({ pocketId, amount }) =>
      pocketName(view, pocketId)?.kitId === bag.kitId ? [{ thing, amount }] : [],
    ),
  )
  const lying = lyingIn(cover.laid, bag.kitId, leaves)
  const inside = tagsOf(cover, lying)
  const goesIn = plan?.lines.filter((line) => line.bag === bag.kitId) ?? []
  const { trip } = view
  const { grams, volume, liquidMl } = bagLoad(
    cover.laid,
    [...lying, ...goesIn],
    bag,
    trip.cabinRules,
  )
  const takeOut = plan?.takeOut.filter((one) => one.bag === bag.kitId) ?? []
  // What is still to be put in comes first: that is what one looks for.
  const tags = [
    ...goesIn.map((one) => ({
      key: `+${one.thing}`,
      text: `${one.title} ${counted(one.amount, one.unit)}`,
      isIn: false,
    })),
    ...inside.map((one) => ({ ...one, isIn: true })),
  ]
  const most = room?.carryGrams ?? null
  return (
    <Box as="article" pad={5} surface="mat" line="dashed" radius={2} aria-label={name}>
      <Row gap={4} justify="between" align="baseline" wrap>
        <Box as="h3" size={3} breakable>
          {name}
        </Box>
        <Box as="span" size={2} tone="second" nowrap>
          {bagWords.load(grams, most)}
        </Box>
      </Row>
      <Box as="p" size={2} tone="second">
        {[
          bagWords.volume(volume, room ? volumeIn(room) : null),
          ...(bag.stowage === 'cabin'
            ? [bagWords.liquids(liquidMl, CABIN_RULES[trip.cabinRules].bagMl)]
            : []),
        ].join(' · ')}
      </Box>
      <Box as="p" size={2} tone="second">
        {[
          bagWords.by(cover.memberName(bag.carrier)),
          ...(bag.stowage === 'with_us' ? [] : [words.trips.stowage[bag.stowage]]),
          ...(bag.filled ? [] : [bagWords.asItIs]),
        ].join(' · ')}
      </Box>
      {takeOut.length > 0 && (
        <Box as="p" size={2} padX={4} padY={2} above={3} surface="turning" radius={1}>
          {bagWords.takeOut(takeOut.map((one) => bagWords.keptOutBecause(one.title, one.because)))}
        </Box>
      )}
      {tags.length === 0 && (
        <Box as="p" size={2} above={3}>
          {bagWords.empty}
        </Box>
      )}
      <FirstOf all={tags} atOnce={16}>
        {(shown) => (
          <Row as="ul" gap={2} wrap above={3}>
            {shown.map(({ key, text, isIn }) => (
              <Box
                as="li"
                key={key}
                size={2}
                padX={3}
                padY={1}
                surface="tag"
                line={isIn ? 'ink' : 'dashed'}
                radius={1}
                breakable
              >
                {text}
                {isIn ? '' : <span className="visually-hidden">, {bagWords.toGoIn}</span>}
              </Box>
            ))}
          </Row>
        )}
      </FirstOf>
      {most !== null && most > 0 && (
        <Box above={3}>
          <meter
            style={{ width: '100%' }}
            min={0}
            max={most}
            high={most * 0.95}
            value={Math.min(grams, most)}
            aria-label={bagWords.loadLabel(name)}
          >
            {bagWords.load(grams, most)}
          </meter>
        </Box>
      )}
      <Folded title={bagWords.more}>
        {() => (
          <Stack gap={4} above={3}>
            <Select
              label={bagWords.carrier}
              value={bag.carrier as string}
              allowDeselect={false}
              onChange={(carrier) => carrier && onChange({ carrier: carrier as MemberId })}
              data={people.map((id) => ({ value: id as string, label: cover.memberName(id) }))}
            />
            {(isFlying || bag.stowage !== 'with_us') && (
              <Select
                label={bagWords.stowage}
                value={bag.stowage}
                allowDeselect={false}
                onChange={(stowage) => stowage && onChange({ stowage: stowage as Stowage })}
                data={STOWAGES.map((value) => ({ value, label: words.trips.stowage[value] }))}
              />
            )}
            <Row gap={4} wrap>
              <Button
                kind="chip"
                aria-pressed={bag.filled}
                onClick={() => onChange({ filled: !bag.filled })}
              >
                {bagWords.filled}
              </Button>
              <Button kind="quiet" onClick={onRemove}>
                {bagWords.remove(name)}
              </Button>
            </Row>
          </Stack>
        )}
      </Folded>
    </Box>
  )
}

/** What stays of what lies in a bag now, by its name. */
const tagsOf = ({ laid }: Cover, lying: ReturnType<typeof lyingIn>) =>
  lying.flatMap(({ thing, amount }) => {
    const known = laid.known[thing]
    const it = laid.things[thing]
    return known && it
      ? [{ key: String(thing), text: `${it.title} ${counted(amount, known.item.unit)}` }]
      : []
  })

/** What the keeper asks for beside what the party needs: lighter, more days, this and not that. */

import { NumberInput, Select } from '@mantine/core'
import { NEEDS } from '../../core/cover/needs'
import { thingsOnce } from '../../core/cover/pantry'
import type { ItemId, PlaceId } from '../../core/ids'
import type { TripPlan } from '../../core/trips/plan'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { Folded } from '../../ui/Folded'
import { Pick } from '../../ui/Pick'
import * as words from '../../words'
import type { Cover } from '../cover/useCover'
import type { TripPatch, TripView } from './view'

const wishWords = words.trips.wish

/** By so much lighter at a press. */
const LIGHTER = 300
const MARGINS = [0, 2, 7, 14, 30]

interface Props {
  readonly view: TripView
  readonly cover: Cover
  readonly plan: TripPlan | null
  readonly onChange: (patch: TripPatch) => void
}

export function Wishes({ view, cover, plan, onChange }: Props) {
  const { wishes, sources } = view.trip
  const set = (patch: Partial<typeof wishes>) => onChange({ wishes: { ...wishes, ...patch } })
  const title = (itemId: ItemId): string => {
    const at = cover.laid.thingOf.get(itemId)
    return at === undefined ? '' : (cover.laid.things[at]?.title ?? '')
  }
  const without = NEEDS.filter(({ id }) => wishes.without.includes(id))
  return (
    <Box as="section" above={7} aria-label={wishWords.title}>
      <Box as="h2" size={4} below={3}>
        {wishWords.title}
      </Box>
      <Row gap={4} wrap align="center">
        {plan && plan.grams > LIGHTER && (
          <Button onClick={() => set({ mostGrams: Math.max(1, plan.grams - LIGHTER) })}>
            {wishWords.lighter(LIGHTER)}
          </Button>
        )}
        {wishes.mostGrams !== null && (
          <Button kind="chip" aria-pressed onClick={() => set({ mostGrams: null })}>
            {wishWords.atMost(wishes.mostGrams)}
          </Button>
        )}
        <Button
          kind="chip"
          aria-pressed={wishes.bareHome}
          onClick={() => set({ bareHome: !wishes.bareHome })}
        >
          {words.trips.bareHome}
        </Button>
        {[...wishes.keep].map((id) => (
          <Button
            key={id}
            kind="chip"
            aria-pressed
            aria-label={`${wishWords.kept}: ${title(id)}`}
            onClick={() => set({ keep: wishes.keep.filter((one) => one !== id) })}
          >
            {wishWords.kept}: {title(id)}
          </Button>
        ))}
        {[...wishes.leave].map((id) => (
          <Button
            key={id}
            kind="chip"
            aria-pressed
            aria-label={`${wishWords.left}: ${title(id)}`}
            onClick={() => set({ leave: wishes.leave.filter((one) => one !== id) })}
          >
            {wishWords.left}: {title(id)}
          </Button>
        ))}
        {without.map(({ id, name }) => (
          <Button
            key={id}
            kind="chip"
            aria-pressed
            onClick={() => set({ without: wishes.without.filter((one) => one !== id) })}
          >
            {wishWords.withoutList}: {name}
          </Button>
        ))}
      </Row>
      <Folded title={wishWords.more}>
        {() => (
          <Stack gap={5} align="start" columns={2} above={4}>
            <Select
              label={wishWords.keep}
              value={null}
              searchable
              placeholder={wishWords.choose}
              onChange={(id) =>
                id &&
                set({
                  keep: [...wishes.keep, id as ItemId],
                  leave: wishes.leave.filter((one) => one !== id),
                })
              }
              data={thingsOnce(cover.laid).flatMap(({ itemId, title: text }) =>
                itemId && !wishes.keep.includes(itemId)
                  ? [{ value: itemId as string, label: text }]
                  : [],
              )}
            />
            <Select
              label={wishWords.margin}
              value={String(wishes.marginDays)}
              allowDeselect={false}
              onChange={(days) => days && set({ marginDays: Number(days) })}
              data={[...new Set([...MARGINS, wishes.marginDays])]
                .sort((a, b) => a - b)
                .map((days) => ({ value: String(days), label: wishWords.days(days) }))}
            />
            <MostGrams
              key={wishes.mostGrams}
              grams={wishes.mostGrams}
              onChange={(mostGrams) => set({ mostGrams })}
            />
            <Row as="fieldset" gap={3} wrap>
              <Box as="legend" below={2} weight="bold">
                {wishWords.sources}
              </Box>
              {cover.view.places.map(({ id, name }) => (
                <Pick
                  key={id}
                  type="checkbox"
                  checked={sources.includes(id)}
                  onChange={() =>
                    onChange({
                      sources: sources.includes(id)
                        ? sources.filter((one) => one !== id)
                        : [...sources, id as PlaceId],
                    })
                  }
                >
                  {name}
                </Pick>
              ))}
            </Row>
          </Stack>
        )}
      </Folded>
    </Box>
  )
}

function MostGrams({
  grams,
  onChange,
}: {
  readonly grams: number | null
  readonly onChange: (grams: number | null) => void
}) {
  return (
    <NumberInput
      label={wishWords.most}
      placeholder={wishWords.anyWeight}
      min={1}
      max={1_000_000}
      allowDecimal={false}
      allowNegative={false}
      defaultValue={grams ?? ''}
      onBlur={({ currentTarget: { value } }) => {
        const read = Number.parseInt(value.replace(/\D/g, ''), 10)
        const asked = Number.isNaN(read) ? null : Math.max(1, read)
        if (asked !== grams) onChange(asked)
      }}
    />
  )
}

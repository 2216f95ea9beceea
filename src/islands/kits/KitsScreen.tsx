/** All kits by place. */

import { useQuery } from '@tanstack/react-query'
import { useCallback, useState } from 'react'
import type { z } from 'zod'
import { readKits } from '../../contract/kits'
import type * as kits from '../../contract/values/kits'
import type { PlainDate } from '../../core/calendar/plainDate'
import { call } from '../../device/call'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { Empty } from '../../ui/Empty'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import { useMay } from '../../ui/role'
import { useLater } from '../../ui/useLater'
import * as words from '../../words'
import { KitTabs } from './KitTabs'
import classes from './kits.module.css'

export type KitCard = z.infer<typeof kits.kitCard>

interface Props {
  readonly strap: Strap
  readonly kits: readonly KitCard[]
  readonly place: string | null
}

export const KitsScreen = (props: Props) => (
  <Frame tab="kits" strap={props.strap} place={props.place}>
    <Kits {...props} />
  </Frame>
)

const kitsWords = words.kits
/** Nobody sees the forms until a kit or a place is added. */
const loadAdding = () => import('./AddToKits').then((file) => file.AddToKits)

function Kits({ kits: initial, place }: Props) {
  const { data } = useQuery({
    queryKey: ['kits'],
    queryFn: () => call(readKits),
    initialData: { kits: [...initial], pockets: [] },
  })
  const strap = useStrap()
  const [adding, setAdding] = useState<'kit' | 'place' | null>(null)
  const close = useCallback(() => setAdding(null), [])
  const AddToKits = useLater(loadAdding, adding !== null, close)
  const shown = strap.places.filter(({ id }) => place === null || id === place)
  return (
    <>
      <KitTabs part="kits" place={place} />
      <Row as="header" gap={4} align="center" wrap below={4}>
        <Box as="h1" grow>
          {kitsWords.title}
        </Box>
        {strap.places.length > 0 && (
          <>
            <Button needs="arrange" onClick={() => setAdding('place')}>
              {kitsWords.addPlace}
            </Button>
            <Button kind="strong" needs="arrange" onClick={() => setAdding('kit')}>
              {kitsWords.add}
            </Button>
          </>
        )}
      </Row>
      {strap.places.length === 0 && (
        <Empty text={kitsWords.noPlaces}>
          <Button kind="strong" needs="arrange" onClick={() => setAdding('place')}>
            {kitsWords.addPlace}
          </Button>
          <ButtonLink needs="arrange" href="/begin?step=places">
            {words.more.begin}
          </ButtonLink>
        </Empty>
      )}
      {shown.map((at) => {
        const here = data.kits.filter(({ placeId }) => placeId === at.id)
        return (
          <Box
            asides="beside"
            as="section"
            padY={5}
            above={6}
            lineAbove="dashed"
            key={at.id}
            data-hue={at.hue}
          >
            <Box as="h2" tone="hue">
              {at.name} <small>{words.strap.next(at.next, strap.today)}</small>
            </Box>
            {here.length === 0 && <p className="second">{kitsWords.none}</p>}
            <div className={classes.cards}>
              {here.map((kit) => (
                <KitTile key={kit.id} kit={kit} today={strap.today} />
              ))}
            </div>
          </Box>
        )
      })}
      {AddToKits && <AddToKits adding={adding} onClose={close} strap={strap} place={place} />}
    </>
  )
}

function KitTile({ kit, today }: { readonly kit: KitCard; readonly today: PlainDate }) {
  // Where medicines are not shown, nothing is said of how complete it is.
  const seesAll = useMay('look')
  return (
    <Stack
      columns="1fr auto"
      anchor
      unlined
      as="a"
      gapX={4}
      gapY={1}
      padX={6}
      padY={5}
      surface="paper"
      radius={2}
      href={`/kits/${kit.id}`}
      className={classes.card}
    >
      <span className={classes.handle} aria-hidden />
      <Box as="b" size={4} weight="bold" face="display">
        {kit.name}
      </Box>
      <Box as="strong" size={3} weight="bold" tone="hue" face="display" nowrap>
        {seesAll && words.ready.targets(kit.targets)}
      </Box>
      <Box as="small" size={2} tone="second">
        {[kit.carrier !== undefined && kitsWords.carried.whose(kit.carrier), kit.note]
          .filter(Boolean)
          .join(' · ')}
      </Box>
      {seesAll && (
        <Box
          as="span"
          above={2}
          below={1}
          weight="bold"
          className={classes.counts}
          data-fine={kit.spent + kit.turning + kit.short === 0}
        >
          {kitsWords.counts(kit.spent, kit.turning, kit.short)}
        </Box>
      )}
      <Box as="small" size={2} tone="second">
        {kitsWords.summary(kit.pockets, kit.lots)} · {kitsWords.look(kit.look, today)}
      </Box>
    </Stack>
  )
}

/** Recalls: whether something in the house is recalled, where it lies, and holding it everywhere. */

import { useQuery } from '@tanstack/react-query'
import { readRecalls, takeRecall } from '../../../contract/restock'
import { call } from '../../../device/call'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { Explain } from '../../../ui/Explain'
import { Frame, type Strap } from '../../../ui/Frame'
import * as words from '../../../words'
import { RestockTabs } from '../RestockTabs'
import { ConcernedLot } from './ConcernedLot'
import classes from './recalls.module.css'
import type { Recalls } from './view'
import { WriteRecall } from './WriteRecall'

type Bulletin = Recalls['bulletins'][number]

interface Props {
  readonly strap: Strap
  readonly initial: Recalls
}

export const RecallsScreen = ({ strap, initial }: Props) => (
  <Frame tab="restock" strap={strap} place={null}>
    <RestockTabs part="recalls" />
    <Bulletins initial={initial} />
  </Frame>
)

const recallsWords = words.recalls
const toHold = ({ lots }: Bulletin) =>
  lots.filter(({ how, isHeld }) => how === 'recalled' && !isHeld).length
const toLookAt = ({ lots }: Bulletin) => lots.filter(({ how }) => how === 'look').length

function Bulletins({ initial }: Pick<Props, 'initial'>) {
  const { data } = useQuery({
    queryKey: ['recalls'],
    queryFn: () => call(readRecalls),
    initialData: initial,
  })
  const { bulletins, feed, unread } = data
  const sum = (of: (one: Bulletin) => number) => bulletins.reduce((all, one) => all + of(one), 0)
  const ours = bulletins
    .filter(({ lots, takenOn }) => lots.length > 0 || takenOn !== null)
    .sort((a, b) => toHold(b) - toHold(a) || toLookAt(b) - toLookAt(a))
  const others = bulletins.filter((one) => !ours.includes(one))
  return (
    <Stack measure gap={6}>
      <header>
        <Row gap={4} align="center" wrap>
          <h1>{recallsWords.headline(sum(toHold), sum(toLookAt), data.isStandIn)}</h1>
          <Explain id="recall" />
        </Row>
        <p className="second">{recallsWords.under(data.source)}</p>
        {data.isStandIn && (
          <Box as="p" note="caution">
            {recallsWords.standIn}
          </Box>
        )}
      </header>
      <WriteRecall />
      {feed !== 'read' && (
        <Box as="p" note="caution" role="alert">
          {recallsWords.feed[feed]}
        </Box>
      )}
      {unread.length > 0 && (
        <Box as="p" note="caution">
          {recallsWords.unread(unread)}
        </Box>
      )}
      {ours.map((bulletin) => (
        <Ours key={bulletin.id} bulletin={bulletin} />
      ))}
      {others.length > 0 && (
        <details>
          <summary>{recallsWords.others(others.length)}</summary>
          {others.map((bulletin) => (
            <Stack
              loose
              as="article"
              gap={4}
              padX={6}
              padY={5}
              surface="paper"
              line="hairline"
              radius={2}
              key={bulletin.id}
              className={classes.bulletin}
            >
              <About bulletin={bulletin} />
            </Stack>
          ))}
        </details>
      )}
    </Stack>
  )
}

function Ours({ bulletin }: { readonly bulletin: Bulletin }) {
  const { run, busy } = useActing()
  const { id, lots, takenOn, advice } = bulletin
  const open = toHold(bulletin)
  return (
    <Stack
      loose
      as="article"
      gap={4}
      padX={6}
      padY={5}
      surface="paper"
      line="hairline"
      radius={2}
      className={classes.bulletin}
      data-open={open > 0}
      aria-label={bulletin.title}
    >
      <About bulletin={bulletin} />
      {advice !== '' && (
        <Box as="p" note={open > 0 ? 'mustNot' : undefined}>
          {advice}
        </Box>
      )}
      <Lots of={lots.filter(({ how }) => how === 'recalled')} />
      {open > 0 && (
        <Button
          kind="main"
          disabled={busy}
          onClick={() =>
            void run(takeRecall, { body: { bulletinId: id } }, ({ held, look }) =>
              recallsWords.held(held, look),
            )
          }
        >
          {recallsWords.hold(open)}
        </Button>
      )}
      {toLookAt(bulletin) > 0 && (
        <Box as="h3" above={3} size={3}>
          {recallsWords.look}
        </Box>
      )}
      <Lots of={lots.filter(({ how }) => how === 'look')} />
      {takenOn !== null && open === 0 && <p className="second">{recallsWords.takenOn(takenOn)}</p>}
    </Stack>
  )
}

const Lots = ({ of }: { readonly of: Bulletin['lots'] }) =>
  of.length === 0 ? null : (
    <ul>
      {of.map((lot) => (
        <ConcernedLot key={`${lot.lotId}/${lot.pocketId}`} lot={lot} />
      ))}
    </ul>
  )

const About = ({ bulletin }: { readonly bulletin: Bulletin }) => (
  <>
    <header>
      <Box as="h2" size={4}>
        {bulletin.title}
      </Box>
      <Box as="small" tone="second">
        {recallsWords.published(bulletin.id, bulletin.publishedOn)}
      </Box>
    </header>
    <p>{bulletin.reason}.</p>
    <p className="second">
      {bulletin.product} · {recallsWords.batches(bulletin.batches)}
    </p>
  </>
)

/** Which pocket comes out now, and who else has one open. */

import { notFound, type PocketProgress } from '../../../core/rounds/progress'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import { counted } from '../../../words/frame/format'
import classes from './round.module.css'
import type { GoingRound } from './useRound'

const pocketWords = words.rounds.pocket

interface Props {
  readonly pocket: PocketProgress
  readonly going: GoingRound
  readonly onBegin: () => void
  readonly onOther: () => void
}

export function PocketStart({ pocket, going, onBegin, onOther }: Props) {
  const open = pocket.asked - pocket.answered
  const bare = notFound(pocket)
  const others = pocket.at.filter((name) => name !== going.me)
  const elsewhere = going.progress.pockets.filter(
    (one) => one !== pocket && one.at.some((name) => name !== going.me),
  )
  return (
    <Row as="section" gap={6} className={classes.step}>
      <Box as="h1" size={6} breakable>
        {pocketWords.takeOut(pocket.pocket.name)}
      </Box>
      <p className="second">
        {open > 0
          ? pocketWords.things(open)
          : pocket.things.length === 0 && bare.length > 0
            ? pocketWords.neverCounted(bare.length)
            : pocketWords.nothingAsked}
        {pocket.pocket.sort === 'elsewhere' && ` · ${pocketWords.elsewhere}`}
      </p>
      {others.length > 0 && (
        <Box as="p" note="caution">
          {pocketWords.there(others)}
        </Box>
      )}
      {elsewhere.map((one) => (
        <p key={one.pocket.id} className="second">
          {one.pocket.name}: {pocketWords.there(one.at)}
        </p>
      ))}
      <Stack as="ul" className={classes.preview}>
        {pocket.things
          .filter(({ asks }) => asks.length > 0)
          .map(({ thing, lotId, asks, answer }) => (
            <li key={lotId} data-done={answer !== null}>
              <span>{thing?.title ?? answer?.fact.was.title}</span>
              <small>{asks.map((ask) => words.rounds.card.asks[ask]).join(', ')}</small>
            </li>
          ))}
        {bare.map(({ itemId, title, par, unit }) => (
          <li key={itemId}>
            <span>{title}</span>
            <small>{pocketWords.belongs(counted(par, unit))}</small>
          </li>
        ))}
      </Stack>
      <Row as="footer" gap={4} className={classes.foot}>
        <Button onClick={onOther}>{pocketWords.instead}</Button>
        <Button kind="main" className={classes.go} onClick={onBegin}>
          <Box as="b" size={5} weight="bold" face="display">
            {pocketWords.begin}
          </Box>
        </Button>
      </Row>
    </Row>
  )
}

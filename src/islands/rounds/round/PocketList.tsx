/** All pockets of the round: which are done, which are open, and who is where. */

import type { PocketId } from '../../../core/ids'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import classes from './round.module.css'
import type { GoingRound } from './useRound'

const roundsWords = words.rounds

interface Props {
  readonly going: GoingRound
  readonly onChoose: (pocketId: PocketId) => void
  readonly onEnd: () => void
}

export const PocketList = ({ going: { progress, me }, onChoose, onEnd }: Props) => (
  <Row as="section" gap={6} className={classes.step}>
    <Box as="h1" size={6} breakable>
      {roundsWords.pockets}
    </Box>
    <Stack as="ol" gap={4} className={classes.pocketList}>
      {progress.pockets.map(({ pocket, closed, asked, answered, at }) => {
        const others = at.filter((name) => name !== me)
        return (
          <li key={pocket.id}>
            <Button kind="row" data-done={closed} onClick={() => onChoose(pocket.id)}>
              <b>{pocket.name}</b>
              <Box as="small" tone="second">
                {closed ? roundsWords.pocket.closed : roundsWords.pocket.open(asked - answered)}
                {others.length > 0 && ` · ${roundsWords.pocket.there(others)}`}
              </Box>
            </Button>
          </li>
        )
      })}
    </Stack>
    <Row as="footer" gap={4} className={classes.foot}>
      <Button kind="main" className={classes.go} onClick={onEnd}>
        <Box as="b" size={5} weight="bold" face="display">
          {roundsWords.end.title}
        </Box>
      </Button>
    </Row>
  </Row>
)

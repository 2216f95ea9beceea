/** A pocket is gone through: anything else in it, then it goes back. */

import { useState } from 'react'
import type { Bare } from '../../../core/rounds/contents'
import { notFound, type PocketProgress } from '../../../core/rounds/progress'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import { counted } from '../../../words/frame/format'
import { FoundElse } from './FoundElse'
import classes from './round.module.css'
import type { GoingRound } from './useRound'

const pocketWords = words.rounds.pocket

interface Props {
  readonly pocket: PocketProgress
  readonly going: GoingRound
  readonly isLast: boolean
  readonly onAnswer: () => void
  readonly onClose: () => void
}

export function PocketEnd({ pocket, going, isLast, onAnswer, onClose }: Props) {
  const [finding, setFinding] = useState<Bare | 'anything' | null>(null)
  const bare = notFound(pocket)
  const left = pocket.asked - pocket.answered
  return (
    <Row as="section" gap={6} className={classes.step}>
      <Box as="h1" size={6} breakable>
        {pocketWords.done(pocket.pocket.name)}
      </Box>
      {left > 0 && (
        <Box as="p" note="caution">
          {pocketWords.left(left)}{' '}
          <Button kind="link" onClick={onAnswer}>
            {pocketWords.goBack}
          </Button>
        </Box>
      )}
      <h2>{pocketWords.anything}</h2>
      {bare.length > 0 && (
        <>
          <p className="second">{pocketWords.missing}</p>
          <ul>
            {bare.map((one) => (
              <Row
                as="li"
                gap={5}
                align="center"
                justify="between"
                padY={3}
                lineBelow="hairline"
                key={one.itemId}
              >
                <div>
                  <b>{one.title}</b>
                  <Box as="small" size={2} tone="second" block>
                    {pocketWords.belongs(counted(one.par, one.unit))}
                  </Box>
                </div>
                <Button aria-label={pocketWords.foundIt(one.title)} onClick={() => setFinding(one)}>
                  {pocketWords.itIsHere}
                </Button>
              </Row>
            ))}
          </ul>
        </>
      )}
      <Row gap={4} align="center" wrap>
        <Button onClick={() => setFinding('anything')}>{words.rounds.card.foundElse}</Button>
      </Row>
      {pocket.found.length > 0 && (
        <Stack as="ul" className={classes.preview}>
          {pocket.found.map(({ id, fact }) => (
            <li key={id} data-done>
              <span>{fact.title}</span>
              <small>{counted(fact.amount, '')}</small>
            </li>
          ))}
        </Stack>
      )}
      <Row as="footer" gap={4} className={classes.foot}>
        <Button kind="main" className={classes.go} onClick={onClose}>
          <Box as="b" size={5} weight="bold" face="display">
            {isLast ? pocketWords.putBackLast : pocketWords.putBack}
          </Box>
        </Button>
      </Row>
      {finding && (
        <FoundElse
          going={going}
          pocketId={pocket.pocket.id}
          bare={finding === 'anything' ? null : finding}
          onClose={() => setFinding(null)}
        />
      )}
    </Row>
  )
}

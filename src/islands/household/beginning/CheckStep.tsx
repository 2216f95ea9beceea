/** What is really there: a first round of each kit. */

import { Box } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import { useStart } from '../../rounds/useStart'
import { KitRow } from './KitRow'
import { NoKits } from './NoKits'
import type { StepProps } from './view'

const checkWords = words.beginning.check

export function CheckStep({ cover: { view } }: StepProps) {
  const start = useStart()
  if (view.kits.length === 0) return <NoKits text={checkWords.none} />
  return (
    <>
      {start.problem && (
        <Box as="p" note="caution" role="alert">
          {start.problem}
        </Box>
      )}
      <ul>
        {view.kits.map(({ id, name }) => {
          const pockets = view.pockets.flatMap((one) => (one.kitId === id ? [one.id] : []))
          return (
            <KitRow key={id} text={checkWords.kit(name, pockets.length)}>
              <Button
                kind="strong"
                disabled={start.busy || pockets.length === 0}
                aria-label={`${checkWords.press}: ${name}`}
                onClick={() => void start.begin(id, name, pockets)}
              >
                {checkWords.press}
              </Button>
            </KitRow>
          )
        })}
      </ul>
    </>
  )
}

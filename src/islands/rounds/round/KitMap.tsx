/** The mat in small, with the pocket at hand filled in. */

import { MAT_COLUMNS } from '../../../core/household/pocket'
import type { PocketId } from '../../../core/ids'
import type { Contents } from '../../../core/rounds/contents'
import type { Round } from '../../../core/rounds/round'
import { Box, Stack } from '../../../ui/Box'
import * as words from '../../../words'
import classes from './round.module.css'

interface Props {
  readonly contents: Contents
  readonly round: Pick<Round, 'pocketIds'>
  readonly at: PocketId
}

export function KitMap({ contents, round, at }: Props) {
  const here = contents.pockets.find(({ id }) => id === at)
  return (
    <Stack
      gap={2}
      className={classes.map}
      role="img"
      aria-label={`${words.rounds.mapLabel}: ${here?.name ?? ''}`}
      style={{ gridTemplateColumns: `repeat(${MAT_COLUMNS}, 1fr)` }}
    >
      {contents.pockets.map(({ id, cell }) => (
        <Box
          as="span"
          radius={1}
          key={id}
          data-here={id === at}
          data-asked={round.pocketIds.includes(id)}
          style={{
            gridColumn: `${cell.column} / span ${cell.columns}`,
            gridRow: `${cell.row} / span ${cell.rows}`,
          }}
        />
      ))}
    </Stack>
  )
}

/** What there is, by what it is for: large, for somebody who reads it over a patient. */

import type { AtRoadside, Roadside } from '../../core/roadside/roadside'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import * as words from '../../words'
import { counted } from '../../words/frame/format'

const roadsideWords = words.roadside

interface Props {
  readonly view: Roadside
  /** What one press does; null where they may only look. */
  readonly onTake: ((thing: AtRoadside) => void) | null
  readonly busy: boolean
  /** Taken a moment ago, by lot and pocket. */
  readonly taken: ReadonlySet<string>
}

export const placeOf = ({
  lotId,
  pocketId,
}: Pick<AtRoadside['take'], 'lotId' | 'pocketId'>): string => `${lotId}/${pocketId}`

export const Supplies = ({ view, ...rest }: Props) => (
  <>
    {view.groups.length === 0 && <p>{roadsideWords.nothing}</p>}
    <Stack
      as="nav"
      aria-label={roadsideWords.title}
      columns="repeat(auto-fill, minmax(7rem, 1fr))"
      gap={4}
    >
      {view.groups.map(({ role }) => (
        <ButtonLink kind="tile" key={role} href={`#${role}`}>
          {roadsideWords.role(role)}
        </ButtonLink>
      ))}
    </Stack>
    {view.groups.map(({ role, things }) => (
      <Box as="section" key={role} id={role} aria-label={roadsideWords.role(role)}>
        <Box as="h2" size={5} above={4}>
          {roadsideWords.role(role)}
        </Box>
        <ul>
          {things.map((thing) => (
            <Thing key={placeOf(thing.take)} thing={thing} {...rest} />
          ))}
        </ul>
      </Box>
    ))}
    {view.groups.length > 0 && view.none.length > 0 && <p>{roadsideWords.none(view.none)}</p>}
    <Box as="p" size={2} tone="second">
      {roadsideWords.unlisted}
    </Box>
  </>
)

function Thing({
  thing,
  onTake,
  busy,
  taken,
}: Omit<Props, 'view'> & { readonly thing: AtRoadside }) {
  const { title, amount, unit, kit, pocket, take } = thing
  const isTaken = taken.has(placeOf(take))
  return (
    <Row
      as="li"
      gapX={5}
      gapY={3}
      align="center"
      justify="between"
      wrap
      padY={4}
      lineBelow="hairline"
    >
      <Box grow shrink breakable style={{ minWidth: '11rem' }}>
        <Box as="b" size={4} face="display" block>
          {title}
        </Box>
        <b>{counted(amount, unit)}</b> · {kit} · {pocket}
      </Box>
      {onTake && (
        <Button
          kind={isTaken ? 'plain' : 'firm'}
          disabled={busy}
          aria-label={roadsideWords.takeLong(title)}
          onClick={() => onTake(thing)}
        >
          {roadsideWords.take}
        </Button>
      )}
    </Row>
  )
}

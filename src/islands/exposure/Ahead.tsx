/** What the model sees coming, and what to bring out of its way. */

import { Select } from '@mantine/core'
import { useState } from 'react'
import { actOnMany } from '../../contract/stock'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { Folded } from '../../ui/Folded'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'
import type { ExposureView } from './view'

const aheadWords = words.exposure.ahead
const MOST_NAMED = 6

export function Ahead({ view }: { readonly view: ExposureView }) {
  const here = view.ahead.filter(({ placeId }) => placeId === view.placeId)
  const others = view.ahead.filter((one) => !here.includes(one))
  const isAsked = view.places.every(({ year }) => year === null)
  return (
    <Box as="section" above={6} aria-label={aheadWords.title}>
      <Box as="h2" size={4} below={3}>
        {aheadWords.title}
      </Box>
      {here.length === 0 && <p>{isAsked ? aheadWords.noYear : aheadWords.none}</p>}
      <Cards all={here} view={view} />
      {view.unfit
        .filter(({ placeId }) => placeId === view.placeId)
        .map((one) => (
          <Box as="section" above={4} key={one.code}>
            <Box as="h3" size={3} breakable>
              {words.storage.unfit(one)}
            </Box>
            <Box as="p" size={2} breakable>
              {words.storage.unfitThings(one.titles)}
            </Box>
          </Box>
        ))}
      {others.length > 0 && (
        <Folded title={aheadWords.others(others.length)}>
          {() => <Cards all={others} view={view} />}
        </Folded>
      )}
    </Box>
  )
}

type Coming = ExposureView['ahead'][number]

function Cards({ all, view }: { readonly all: readonly Coming[]; readonly view: ExposureView }) {
  const { today } = useStrap()
  const name = (id: string) => view.places.find((one) => one.id === id)?.name ?? ''
  return (
    <Stack as="ul" gap={4}>
      {all.map(({ placeId, code, on, hundredths, things }) => {
        const titles = [...new Set(things.map(({ title }) => title))]
        const named = titles.slice(0, MOST_NAMED)
        return (
          <Box as="li" key={`${placeId}${code}`} pad={4} radius={2} surface="turning">
            <Box as="h3" size={3} breakable>
              {aheadWords[code](name(placeId), on, today, hundredths)}
            </Box>
            <Box as="p" size={2}>
              {aheadWords.move([
                ...named,
                ...(titles.length > named.length
                  ? [words.trips.why.more(titles.length - named.length)]
                  : []),
              ])}
            </Box>
            <MoveOut things={things} shelters={view.shelters} />
          </Box>
        )
      })}
    </Stack>
  )
}

/** All of them into one pocket where it is neither hot nor freezing, as one act. */
function MoveOut({ things, shelters }: Pick<Coming, 'things'> & Pick<ExposureView, 'shelters'>) {
  const { run, busy } = useActing()
  const [to, setTo] = useState<string | null>(null)
  const pocket = shelters.find(({ id }) => id === to)
  if (shelters.length === 0)
    return (
      <Box as="p" size={2} tone="second">
        {aheadWords.noShelter}
      </Box>
    )
  return (
    <Row gap={4} align="end" wrap above={3}>
      <Select
        label={aheadWords.where}
        placeholder={aheadWords.choose}
        searchable
        value={to}
        onChange={setTo}
        data={shelters.map(({ id, name }) => ({ value: id as string, label: name }))}
      />
      <Button
        kind="strong"
        busy={busy}
        disabled={!pocket}
        onClick={() =>
          pocket &&
          void run(
            actOnMany,
            {
              body: {
                deed: { kind: 'move', to: pocket.id },
                holdings: things.map(({ lotId, pocketId, amount, version }) => ({
                  lotId,
                  pocketId,
                  amount,
                  seenVersion: version,
                })),
              },
            },
            ({ done }) => aheadWords.moved(done, pocket.name),
          )
        }
      >
        {aheadWords.press(things.length)}
      </Button>
    </Row>
  )
}

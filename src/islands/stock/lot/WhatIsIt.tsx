/** What the catalogue takes a new thing for, seen before it counts; "none of these" leaves it plain. */

import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo } from 'react'
import { Box, Row } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'

const itemsWords = words.items

/** Loaded when somebody adds a thing: it need not come with every page. */
export const useCatalogue = () =>
  useQuery({
    queryKey: ['catalogue'],
    queryFn: () => import('./catalogueOffers'),
    staleTime: Number.POSITIVE_INFINITY,
  }).data

interface Props {
  readonly name: string
  readonly strength: string
  readonly unit: string
  /** Chosen; null for none of them, undefined while nobody has said. */
  readonly value: string | null | undefined
  readonly onChange: (entryId: string | null) => void
}

export function WhatIsIt({ name, strength, unit, value, onChange }: Props) {
  const catalogue = useCatalogue()
  const taken = useMemo(
    () => (name.trim().length < 3 ? null : (catalogue?.takenFor(name, strength, unit) ?? null)),
    [catalogue, name, strength, unit],
  )
  const only = taken?.isSure ? (taken.entries[0]?.id ?? null) : null
  // What leaves nothing open is ticked, and seen; whatever is open is left to the keeper.
  useEffect(() => {
    if (value === undefined && only !== null) onChange(only)
  }, [value, only, onChange])
  if (!taken || taken.entries.length === 0) return null
  return (
    <Row as="fieldset" gap={3} wrap>
      <Box as="legend" size={2} weight="bold">
        {taken.isSure ? itemsWords.isIt : itemsWords.isItOne}
      </Box>
      {taken.entries.map(({ id, title, says }) => (
        <Button
          kind="row"
          key={id}
          aria-pressed={value === id}
          onClick={() => onChange(value === id ? null : id)}
        >
          <b>{title}</b>{' '}
          <Box as="small" size={2} tone="second">
            {says}
          </Box>
        </Button>
      ))}
      <Button kind="row" aria-pressed={value === null} onClick={() => onChange(null)}>
        {itemsWords.none}
      </Button>
    </Row>
  )
}

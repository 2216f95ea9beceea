/** The toggles above the board: each re-judges it whole. */

import { Select, TextInput } from '@mantine/core'
import { isPlainDate } from '../../core/calendar/plainDate'
import { thingsOnce } from '../../core/cover/pantry'
import { Box, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { DayField } from '../../ui/DayField'
import { Explain } from '../../ui/Explain'
import * as words from '../../words'
import { Choices } from './Choices'
import classes from './cover.module.css'
import type { Cover } from './useCover'
import { type Asked, MOST_DAYS } from './useQuestion'

const coverWords = words.cover

export function WhatIf({ cover, asked }: { readonly cover: Cover; readonly asked: Asked }) {
  const { view, laid } = cover
  const { question } = asked
  const ofPlaceFirst = (a: { placeId: string }, b: { placeId: string }): number =>
    Number(b.placeId === asked.asked.placeId) - Number(a.placeId === asked.asked.placeId)
  return (
    <Stack
      gap={3}
      padX={5}
      padY={4}
      line="dashed"
      radius={2}
      className={`${classes.whatIf} no-print`}
    >
      <Choices
        label={coverWords.place}
        choices={view.places.map(({ id, name, hue }) => ({
          id,
          name,
          hue,
          on: id === asked.asked.placeId,
        }))}
        onToggle={(id) =>
          asked.set({
            placeId: view.places.find((place) => place.id === id)?.id ?? null,
            toggledKits: new Set(),
          })
        }
      />
      <Choices
        label={coverWords.kits}
        choices={[...view.kits].sort(ofPlaceFirst).map(({ id, name, placeId }) => ({
          id,
          name,
          on: question?.kits.has(id) ?? false,
          hue: view.places.find((place) => place.id === placeId)?.hue ?? 'fern',
        }))}
        onToggle={asked.toggleKit}
      />
      <Stack
        columns="auto auto auto auto"
        whole
        gap={6}
        align="center"
        justify="start"
        className={classes.when}
      >
        <DayField
          label={coverWords.on}
          value={asked.asked.date}
          onChange={(day) => isPlainDate(day) && asked.set({ date: day })}
        />
        <TextInput
          type="number"
          label={coverWords.days}
          min={1}
          max={MOST_DAYS}
          value={String(asked.asked.days)}
          onChange={(event) => {
            const days = Math.round(Number(event.currentTarget.value))
            if (days >= 1 && days <= MOST_DAYS) asked.set({ days })
          }}
        />
        <Select
          label={coverWords.without}
          placeholder={coverWords.withoutNone}
          searchable
          value={null}
          onChange={(id) => id && asked.toggleItem(id)}
          data={thingsOnce(laid).flatMap(({ itemId, title, facts }) =>
            itemId && facts.roles.length > 0 && !asked.asked.without.has(itemId)
              ? [{ value: itemId, label: title }]
              : [],
          )}
        />
        <Explain id="whatIf" />
        {asked.isChanged && (
          <Button kind="quiet" onClick={asked.reset}>
            {coverWords.reset}
          </Button>
        )}
      </Stack>
      {asked.asked.without.size > 0 && (
        <Box whole as="p" size={2}>
          {coverWords.without}:{' '}
          {[...asked.asked.without].map((id) => {
            const title = laid.things.find(({ itemId }) => itemId === id)?.title ?? ''
            return (
              <Button
                key={id}
                aria-label={coverWords.back(title)}
                onClick={() => asked.toggleItem(id)}
              >
                {title} ×
              </Button>
            )
          })}
        </Box>
      )}
    </Stack>
  )
}

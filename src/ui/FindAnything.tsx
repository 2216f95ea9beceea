/** "/": where are the tweezers? */

import { TextInput } from '@mantine/core'
import { useDebouncedValue } from '@mantine/hooks'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useRef, useState } from 'react'
import type { z } from 'zod'
import { find, type foundThing } from '../contract/find'
import { exactly, findAmong, matchOf, sought } from '../core/finding/sought'
import { call } from '../device/call'
import * as words from '../words'
import { actWord } from '../words/frame/acts'
import { fullDay } from '../words/frame/format'
import { STATE_WORDS } from '../words/frame/states'
import { Box, Row } from './Box'
import { Dialog } from './Dialog'
import classes from './FindAnything.module.css'
import { PAGES, type PageFound } from './pages'
import { StateGlyph } from './StateGlyph'

type Found = Omit<z.infer<typeof foundThing>, 'kind'> & {
  readonly kind: keyof typeof words.find.kinds
}

/** So many of our own pages stand among what is found. */
const MOST_PAGES = 5

const asFound = ({ title, href }: PageFound): Found => ({
  kind: 'page',
  title,
  href,
  where: '',
  detail: '',
  state: 'none',
})

/**
 * The answer to a question first, then pages that are called so, then what the household has, then
 * pages that are about it.
 */
function together(typed: string, found: readonly Found[]): readonly Found[] {
  const question = sought(typed)
  const pages = (found.length > 0 ? exactly : findAmong)(typed, PAGES).slice(0, MOST_PAGES)
  const isCalledSo = ({ title }: PageFound) => matchOf(question, { title, text: '' }) > 0
  return [
    ...found.filter(({ kind }) => kind === 'answer'),
    ...pages.filter(isCalledSo).map(asFound),
    ...found.filter(({ kind }) => kind !== 'answer'),
    ...pages.filter((page) => !isCalledSo(page)).map(asFound),
  ]
}

interface Props {
  readonly opened: boolean
  /** What was typed while it was opening; asked once, when it can be typed into. */
  readonly early: () => string
  readonly onClose: () => void
}

export function FindAnything({ opened, early, onClose }: Props) {
  const [typed, setTyped] = useState('')
  const [at, setAt] = useState(0)
  const [q] = useDebouncedValue(typed.trim(), 120)
  const listRef = useRef<HTMLDivElement>(null)
  const { data, error } = useQuery({
    queryKey: ['find', q],
    queryFn: () => call(find, { query: { q } }),
    enabled: opened && q !== '',
  })
  // Empty at each opening: what was looked for last is not what is looked for now.
  useEffect(() => {
    if (!opened) return
    setTyped('')
    setAt(0)
  }, [opened])
  const found = useMemo(() => (q === '' ? [] : together(q, data?.found ?? [])), [q, data])
  useEffect(() => {
    listRef.current?.children[at]?.scrollIntoView({ block: 'nearest' })
  }, [at])

  const onKey = (event: React.KeyboardEvent) => {
    if (event.key === 'ArrowDown') setAt(Math.min(at + 1, found.length - 1))
    else if (event.key === 'ArrowUp') setAt(Math.max(at - 1, 0))
    else if (event.key === 'Enter' && found[at]) location.assign(found[at].href)
    else return
    event.preventDefault()
  }

  return (
    <Dialog
      title={words.find.label}
      opened={opened}
      close={words.find.close}
      size="lg"
      onClose={onClose}
    >
      <TextInput
        data-autofocus
        onFocus={() => {
          const typed = early()
          if (typed !== '') setTyped(typed)
        }}
        aria-label={words.find.label}
        placeholder={words.find.hint}
        value={typed}
        onChange={(event) => {
          setTyped(event.currentTarget.value)
          setAt(0)
        }}
        onKeyDown={onKey}
        role="combobox"
        aria-expanded={found.length > 0}
        aria-controls="found"
        aria-activedescendant={found[at] ? `found-${at}` : undefined}
      />
      {error && (
        <Box as="p" padX={2} padY={6} tone="second">
          {error.message}
        </Box>
      )}
      {!error && found.length === 0 && (
        <Box as="p" padX={2} padY={6} tone="second">
          {q === '' ? words.find.start : data ? words.find.none(q) : words.find.searching}
        </Box>
      )}
      <Box
        above={4}
        id="found"
        role="listbox"
        aria-label={words.find.result}
        className={classes.found}
        ref={listRef}
      >
        {found.map((thing, index) => (
          <Row
            gap={5}
            align="center"
            padX={4}
            padY={3}
            lineBelow="hairline"
            radius={2}
            key={`${thing.kind}${thing.href}${thing.title}${thing.where}`}
            id={`found-${index}`}
            role="option"
            tabIndex={-1}
            aria-selected={index === at}
            className={classes.thing}
            onMouseEnter={() => setAt(index)}
            onClick={() => location.assign(thing.href)}
          >
            {thing.state !== 'none' && <StateGlyph state={thing.state} />}
            <span>
              <b>{thing.title}</b>
              <Box as="small" tone="second" block>
                {[words.find.kinds[thing.kind], thing.where, thing.day && fullDay(thing.day)]
                  .filter(Boolean)
                  .join(' · ')}
              </Box>
            </span>
            <span className={classes.detail}>
              {thing.kind === 'act' ? actWord(thing.detail) : thing.detail}
              {thing.state !== 'none' &&
                thing.state !== 'sound' &&
                ` · ${STATE_WORDS[thing.state]}`}
            </span>
          </Row>
        ))}
      </Box>
    </Dialog>
  )
}

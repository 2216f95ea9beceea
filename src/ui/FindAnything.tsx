/** "/": where are the tweezers? */

import { Modal, TextInput } from '@mantine/core'
import { useDebouncedValue } from '@mantine/hooks'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { find } from '../contract/find'
import { call } from '../device/call'
import * as words from '../words'
import { Box, Row } from './Box'
import classes from './FindAnything.module.css'
import { StateGlyph } from './StateGlyph'

export function FindAnything({
  opened,
  onClose,
}: {
  readonly opened: boolean
  readonly onClose: () => void
}) {
  const [typed, setTyped] = useState('')
  const [at, setAt] = useState(0)
  const [q] = useDebouncedValue(typed.trim(), 120)
  const listRef = useRef<HTMLDivElement>(null)
  const { data, error } = useQuery({
    queryKey: ['find', q],
    queryFn: () => call(find, { query: { q } }),
    enabled: opened && q !== '',
  })
  const found = q === '' ? [] : (data?.found ?? [])
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
    <Modal
      opened={opened}
      onClose={onClose}
      title={words.find.label}
      size="lg"
      closeButtonProps={{ 'aria-label': words.find.close }}
    >
      <TextInput
        data-autofocus
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
          {q === '' || !data ? words.find.start : words.find.none(q)}
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
            key={`${thing.href}${thing.title}${thing.where}`}
            id={`found-${index}`}
            role="option"
            tabIndex={-1}
            aria-selected={index === at}
            className={classes.thing}
            onMouseEnter={() => setAt(index)}
            onClick={() => location.assign(thing.href)}
          >
            <StateGlyph state={thing.state === 'none' ? 'sound' : thing.state} />
            <span>
              <b>{thing.title}</b>
              <Box as="small" tone="second" block>
                {thing.where}
              </Box>
            </span>
            <span className={classes.detail}>
              {thing.detail}
              {thing.state !== 'none' &&
                thing.state !== 'sound' &&
                ` · ${words.stock.stateWord[thing.state]}`}
            </span>
          </Row>
        ))}
      </Box>
    </Modal>
  )
}

/** Addresses that calendar programs subscribe to. */

import { TextInput } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { addFeed, readFeeds, removeFeed } from '../../../contract/household'
import { call } from '../../../device/call'
import { useActing } from '../../../ui/acting'
import { Row } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'

const feedsWords = words.rounds.feeds

export function Feeds() {
  const { data } = useQuery({ queryKey: ['feeds'], queryFn: () => call(readFeeds) })
  const { run, busy } = useActing()
  const [name, setName] = useState('')
  const [copied, setCopied] = useState<string | null>(null)
  const address = (path: string): string =>
    typeof location === 'undefined' ? path : `${location.origin}${path}`
  const copy = async (id: string, path: string) => {
    await navigator.clipboard.writeText(address(path)).catch(() => undefined)
    setCopied(id)
  }
  return (
    <>
      <ul>
        {data?.feeds.map(({ id, name: of, path }) => (
          <Row
            as="li"
            gap={5}
            align="center"
            justify="between"
            padY={3}
            lineBelow="hairline"
            key={id}
          >
            <div>
              <b>{of}</b>
              <small>{address(path)}</small>
            </div>
            <Button onClick={() => void copy(id, path)}>
              {copied === id ? feedsWords.copied : feedsWords.copy}
            </Button>
            <Button
              disabled={busy}
              aria-label={`${feedsWords.close}: ${of}`}
              onClick={() => void run(removeFeed, { params: { feedId: id } }, feedsWords.closed)}
            >
              {feedsWords.close}
            </Button>
          </Row>
        ))}
      </ul>
      <Row
        as="form"
        gap={4}
        align="end"
        wrap
        above={4}
        onSubmit={(event) => {
          event.preventDefault()
          void run(addFeed, { body: { name } }, feedsWords.made).then((made) => made && setName(''))
        }}
      >
        <TextInput
          label={feedsWords.name}
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
        />
        <Button kind="strong" type="submit" busy={busy} disabled={name.trim() === ''}>
          {feedsWords.add}
        </Button>
      </Row>
    </>
  )
}

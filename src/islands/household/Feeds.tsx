/** Addresses that calendar programs subscribe to. */
import { Button, TextInput } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { addFeed, readFeeds, removeFeed } from '../../contract/household'
import { call } from '../../device/call'
import { useActing } from '../../ui/acting'
import { words } from '../../words'
import classes from './household.module.css'

const w = words.rounds.feeds

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
    <section className={classes.part} aria-label={w.title}>
      <header>
        <h2>{w.title}</h2>
      </header>
      <p className="second">{w.lead}</p>
      <ul>
        {data?.feeds.map(({ id, name: of, path }) => (
          <li key={id}>
            <div>
              <b>{of}</b>
              <small>{address(path)}</small>
            </div>
            <Button size="compact-md" variant="default" onClick={() => void copy(id, path)}>
              {copied === id ? w.copied : w.copy}
            </Button>
            <Button
              size="compact-md"
              variant="default"
              disabled={busy}
              aria-label={`${w.close}: ${of}`}
              onClick={() => void run(removeFeed, { params: { feedId: id } }, w.closed)}
            >
              {w.close}
            </Button>
          </li>
        ))}
      </ul>
      <form
        className={classes.feed}
        onSubmit={(event) => {
          event.preventDefault()
          void run(addFeed, { body: { name } }, w.made).then((made) => made && setName(''))
        }}
      >
        <TextInput
          label={w.name}
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
        />
        <Button type="submit" loading={busy} disabled={name.trim() === ''}>
          {w.add}
        </Button>
      </form>
    </section>
  )
}

/** A page for an animal that is lost: to print and to send. No address stands on it. */
import { TextInput } from '@mantine/core'
import { IconPrinter, IconSend } from '@tabler/icons-react'
import { useState } from 'react'
import type { Member } from '../../core/household/member'
import { lastWeighing } from '../../core/household/weight'
import paper from '../../sheets/paper.module.css'
import { Box, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import * as words from '../../words'
import { type CoverView, coverOf } from '../cover/useCover'
import { Portrait } from '../members/Photo'
import { PaperBar } from '../sheets/PaperBar'

const said = words.evacuation.lost

interface Props {
  readonly cover: CoverView
  readonly memberId: string
}

export function LostScreen({ cover: view, memberId }: Props) {
  const [phone, setPhone] = useState('')
  const [copied, setCopied] = useState(false)
  const member = (view.members as readonly Member[]).find(({ id }) => id === memberId)
  if (member?.facts.kind !== 'animal') return null
  const { name, species, note, facts } = member
  const { laid } = coverOf(view)
  const photo = view.photos.find((one) => one.memberId === memberId)
  const weight = lastWeighing(member.weighings)
  const looks = [
    species,
    facts.coat,
    weight ? said.weighs(words.kits.grams(weight.grams, view.units)) : '',
  ].filter(Boolean)
  const medicines = laid.stock.courses.flatMap((course) =>
    course.memberId === memberId && (course.endsOn === null || course.endsOn >= view.today)
      ? [laid.things[laid.thingOf.get(course.itemId) ?? -1]?.title ?? '']
      : [],
  )
  const text = said.text(name, looks.join(', '), note, phone)
  const send = async () => {
    // Cancelled is no failure.
    if (typeof navigator.share === 'function') return void navigator.share({ text }).catch(() => {})
    await navigator.clipboard.writeText(text)
    setCopied(true)
  }
  return (
    <>
      <PaperBar label={said.open}>
        <a href={`/members/${memberId}`}>{name}</a>
        <TextInput
          label={said.number}
          description={said.numberHint}
          type="tel"
          value={phone}
          onChange={({ currentTarget: { value } }) => setPhone(value)}
        />
        <Button icon={IconSend} onClick={() => void send()}>
          {said.send}
        </Button>
        <Button icon={IconPrinter} kind="strong" onClick={() => window.print()}>
          {words.sheets.printNow}
        </Button>
        <span role="status">{copied ? said.copied : ''}</span>
      </PaperBar>
      <main id="main" className={paper.paper}>
        <h1>{said.title(name)}</h1>
        <Stack gap={6} columns="minmax(0, 1fr) minmax(0, 1fr)" collapse above={5}>
          <div>
            {photo ? (
              <Portrait member={member} photo={photo} />
            ) : (
              <Box as="p" note="empty" pad={6} line="dashed">
                {said.noPhoto}
              </Box>
            )}
          </div>
          <div>
            <Line label={said.looks} text={looks.join(', ')} />
            <Line label={said.marks} text={note} />
            <Line label={said.hold} text={facts.temperament} />
            <Line label={said.medicine} text={medicines.join(', ')} />
            <Line label={said.since} text="" />
          </div>
        </Stack>
        <Box as="p" size={5} weight="bold" above={6}>
          {said.call}: {phone === '' ? '________________' : phone}
        </Box>
        <p>{said.keepOff}</p>
        {facts.vet.phone !== '' && (
          <p>
            {said.vet}: {facts.vet.name} {facts.vet.phone}
          </p>
        )}
      </main>
    </>
  )
}

/** What nobody has said is a line to write on. */
const Line = ({ label, text }: { readonly label: string; readonly text: string }) => (
  <Box as="p" below={4} breakable>
    <Box as="small" block tone="second">
      {label}
    </Box>
    {text === '' ? '________________________' : text}
  </Box>
)

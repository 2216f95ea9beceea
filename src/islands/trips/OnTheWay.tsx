/** On the way: what a pharmacy or a shop could put right, as a list to stand there with. */
import { useState } from 'react'
import { toBuyOnTheWay } from '../../core/trips/onTheWay'
import type { TripPlan } from '../../core/trips/plan'
import { Box, Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { FirstOf } from '../../ui/FirstOf'
import * as words from '../../words'
import { counted, list } from '../../words/frame/format'
import type { Cover } from '../cover/useCover'
import type { TripView } from './view'

const shopWords = words.trips.shop

interface Props {
  readonly view: TripView
  readonly cover: Cover
  readonly plan: TripPlan | null
}

export function OnTheWay({ view, cover, plan }: Props) {
  const [copied, setCopied] = useState(false)
  if (!plan) return null
  const used = view.lines.filter(({ state, there, amount }) => state === 'packed' && there < amount)
  const lines = [
    ...used.map(({ id, title, there, amount, unit }) => ({
      key: id,
      title,
      why: shopWords.used(counted(there, unit), counted(amount, unit)),
    })),
    ...toBuyOnTheWay(plan.gaps, view.trip.stops).map(
      ({ title, spec, packs, problems, members }) => ({
        key: title,
        title: shopWords.packs(title, packs),
        why: [spec, shopWords.for(list(problems), members.map(cover.memberName))]
          .filter(Boolean)
          .join('; '),
      }),
    ),
  ]
  const copy = async () => {
    const text = lines.map(({ title, why }) => `${title}: ${why}`).join('\n')
    await navigator.clipboard.writeText(text).then(
      () => setCopied(true),
      () => setCopied(false),
    )
  }
  return (
    <Box as="section" above={6} aria-label={shopWords.title}>
      <Row gap={5} align="baseline" justify="between" wrap below={2}>
        <Box as="h2" size={4}>
          {lines.length === 0 ? shopWords.nothing : shopWords.title}
        </Box>
        {lines.length > 0 && (
          <Button kind="plain" onClick={() => void copy()}>
            {copied ? shopWords.copied : shopWords.copy}
          </Button>
        )}
      </Row>
      <FirstOf all={lines} atOnce={12}>
        {(shown) => (
          <ul>
            {shown.map(({ key, title, why }) => (
              <Box as="li" key={key} padY={3} lineBelow="hairline" breakable>
                <b>{title}</b>
                <Box as="p" size={2} tone="second">
                  {why}
                </Box>
              </Box>
            ))}
          </ul>
        )}
      </FirstOf>
      {lines.length > 0 && (
        <Box as="p" size={2} tone="second" above={2}>
          {shopWords.ask}
        </Box>
      )}
    </Box>
  )
}

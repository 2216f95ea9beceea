/** Guided cards (planning, to rehearse; in need, to follow): all of them, and one step by step. */

import { type ComponentProps, useEffect, useState } from 'react'
import type { GuideCard } from '../../../core/guide/card'
import { GUIDE_CARDS, guideCard } from '../../../core/guide/guide'
import type { Member } from '../../../core/household/member'
import { Box, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { Frame, type Strap, useStrap } from '../../../ui/Frame'
import * as words from '../../../words'
import { BenchTabs } from '../bench/BenchTabs'
import { NumbersStrap } from '../NumbersStrap'
import { GuideSteps } from './GuideSteps'
import classes from './guide.module.css'

interface Props {
  readonly strap: Strap
  readonly place: string | null
  readonly members: readonly Member[]
  /** Whom to call, for whoever writes no incident; null for the others, who have it there. */
  readonly numbers: ComponentProps<typeof NumbersStrap>['numbers'] | null
}

export const GuideScreen = (props: Props) => (
  <Frame tab="bench" strap={props.strap} place={props.place}>
    {props.numbers && <NumbersStrap numbers={props.numbers} member={null} />}
    <BenchTabs part="guides" />
    <Guides members={props.members} />
  </Frame>
)

const guideWords = words.care.guide

function Guides({ members }: { readonly members: readonly Member[] }) {
  const { today } = useStrap()
  const [card, setCard] = useState<GuideCard | null>(null)
  // The server has drawn the list; a card in the address is opened over it.
  useEffect(() => {
    setCard(guideCard(new URLSearchParams(location.search).get('card') ?? ''))
  }, [])
  const open = (next: GuideCard | null) => {
    setCard(next)
    history.replaceState(null, '', next ? `/guide?card=${next.id}` : '/guide')
    scrollTo(0, 0)
  }
  if (card)
    return (
      <Stack gap={4} className={classes.one}>
        <Button kind="link" onClick={() => open(null)}>
          ‹ {guideWords.all}
        </Button>
        <h1>{card.name}</h1>
        <GuideSteps
          key={card.id}
          card={card}
          members={members}
          today={today}
          onStep={null}
          onEnd={() => open(null)}
        />
      </Stack>
    )
  const groups = [
    {
      title: guideWords.people,
      cards: GUIDE_CARDS.filter(({ species }) => species.length === 1 && species[0] === 'person'),
    },
    {
      title: guideWords.animals,
      cards: GUIDE_CARDS.filter(({ species }) => !species.includes('person')),
    },
    {
      title: guideWords.both,
      cards: GUIDE_CARDS.filter(({ species }) => species.length > 1 && species.includes('person')),
    },
  ]
  return (
    <>
      <h1>{guideWords.title}</h1>
      <Box measure as="p" below={6} tone="second">
        {guideWords.lead}
      </Box>
      {groups.map(({ title, cards }) => (
        <Box as="section" below={7} key={title} className={classes.group}>
          <Box as="h2" below={4} size={4}>
            {title}
          </Box>
          <Stack columns="repeat(auto-fill, minmax(min(100%, 17rem), 1fr))" gap={4}>
            {cards.map((one) => (
              <Button kind="row" key={one.id} data-life={one.life} onClick={() => open(one)}>
                <Box as="b" size={4} weight="bold" face="display">
                  {one.name}
                </Box>
                <Box as="small" tone="second">
                  {one.call}
                </Box>
              </Button>
            ))}
          </Stack>
        </Box>
      ))}
    </>
  )
}

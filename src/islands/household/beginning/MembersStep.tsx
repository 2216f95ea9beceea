/** Who is covered: one after the other, as many as there are. */

import { useState } from 'react'
import { takesSomething } from '../../../core/cover/pantry'
import { notAsked } from '../../../core/household/asked'
import { Box, Row } from '../../../ui/Box'
import * as words from '../../../words'
import { TOPIC_NAMES } from '../../../words/frame/topics'
import { AddMember } from '../AddMember'
import { memberLine } from '../memberLine'
import type { StepProps } from './view'

const membersWords = words.beginning.members

export function MembersStep({ cover: { view }, onNext }: StepProps) {
  const { members, courses, today } = view
  // A new form for each: what was typed for the last one is gone, and the focus is in its name.
  const [round, setRound] = useState(0)
  return (
    <>
      {members.length > 0 && (
        <Box as="ul" below={5} aria-label={membersWords.here}>
          {members.map((member) => {
            const unasked = notAsked(member, takesSomething(courses, member.id, today))
            return (
              <Row as="li" gapX={4} wrap align="baseline" padY={2} key={member.id}>
                <Box as="a" weight="bold" href={`/members/${member.id}`}>
                  {member.name}
                </Box>
                <Box as="small" size={2} tone="second">
                  {memberLine(member, today)}
                  {unasked.length > 0 &&
                    `. ${words.household.notAsked(unasked.map((topic) => TOPIC_NAMES[topic]))}`}
                </Box>
              </Row>
            )
          })}
        </Box>
      )}
      <Box as="h3" size={3}>
        {members.length === 0 ? membersWords.first : membersWords.another}
      </Box>
      <AddMember
        key={round}
        isGuest={false}
        press={membersWords.press}
        onAdded={() => setRound(round + 1)}
        last={{ press: membersWords.all, onLast: onNext }}
      />
    </>
  )
}

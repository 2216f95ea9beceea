/** What nobody has asked about a member yet, and what the note seems to say: answered in one press. */

import { changeMember } from '../../contract/members'
import { notAsked, toldNone } from '../../core/household/asked'
import type { Member } from '../../core/household/member'
import { type Noted, noteAnswered, notedKey, noteSays } from '../../core/household/noteSays'
import type { Topic } from '../../core/household/told'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStrap } from '../../ui/Frame'
import * as words from '../../words'

const questionsWords = words.care.questions
const membersWords = words.members

interface Props {
  readonly member: Member
  readonly takesSomething: boolean
  readonly onEdit: () => void
}

export function Unasked({ member, takesSomething, onEdit }: Props) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const topics = notAsked(member, takesSomething)
  const noted = noteSays(member)
  if (topics.length === 0 && noted.length === 0) return null
  const keep = (facts: Member['facts']) =>
    void run(
      changeMember,
      { params: { memberId: member.id }, body: { seenVersion: member.version, facts } },
      words.undo.did.saved(member.name),
    )
  const none = (topic: Topic) => keep(toldNone(member.facts, topic, today))
  const isSo = (one: Noted, so: boolean) => keep(noteAnswered(member.facts, one, so))
  return (
    <Stack
      as="section"
      gap={4}
      pad={6}
      below={6}
      surface="turning"
      radius={2}
      className="no-print"
      aria-label={membersWords.unasked}
    >
      <Box as="h2" size={4}>
        {membersWords.unasked}
      </Box>
      <Stack as="ul" gap={4}>
        {topics.map((topic) => (
          <Row as="li" gapX={6} gapY={4} align="center" justify="between" wrap key={topic}>
            <span>{questionsWords.notAsked(topic, member.name)}</span>
            <Row as="span" gap={5} align="center" wrap>
              <Button kind="plain" disabled={busy} onClick={() => none(topic)}>
                {questionsWords.none(topic)}
              </Button>
              <Button kind="plain" disabled={busy} onClick={onEdit}>
                {questionsWords.some}
              </Button>
            </Row>
          </Row>
        ))}
        {noted.map((one) => (
          <Row as="li" gapX={6} gapY={4} align="center" justify="between" wrap key={notedKey(one)}>
            <span>{questionsWords.noteSays(one)}</span>
            <Row as="span" gap={5} align="center" wrap>
              <Button kind="plain" disabled={busy} onClick={() => isSo(one, true)}>
                {questionsWords.isSo}
              </Button>
              <Button kind="plain" disabled={busy} onClick={() => isSo(one, false)}>
                {questionsWords.isNotSo}
              </Button>
            </Row>
          </Row>
        ))}
      </Stack>
    </Stack>
  )
}

/** "None" is an answer, and "not asked yet" is another: shown while a list is empty. */
import { Checkbox } from '@mantine/core'
import type { PlainDate } from '../../core/calendar/plainDate'
import { UNSIGNED } from '../../core/household/asked'
import type { MemberFacts } from '../../core/household/member'
import type { Topic } from '../../core/household/told'
import * as words from '../../words'

const membersWords = words.members

interface Props<F extends MemberFacts> {
  readonly topic: Topic
  readonly facts: F
  readonly today: PlainDate
  readonly onChange: (facts: F) => void
}

export function ToldField<F extends MemberFacts>({ topic, facts, today, onChange }: Props<F>) {
  const told = facts.told?.[topic]
  return (
    <Checkbox
      label={membersWords.toldNone[topic]}
      description={
        told
          ? told.by === UNSIGNED
            ? ''
            : membersWords.toldBy(told.by, told.on)
          : membersWords.notAskedYet
      }
      checked={told !== undefined}
      onChange={(event) => {
        const { [topic]: _, ...others } = facts.told ?? {}
        onChange({
          ...facts,
          told: event.currentTarget.checked
            ? { ...others, [topic]: { by: UNSIGNED, on: today } }
            : others,
        })
      }}
    />
  )
}

/** What was missed and what was carried for nothing, from the trips before. */
import { Box } from '../../ui/Box'
import { FirstOf } from '../../ui/FirstOf'
import * as words from '../../words'
import type { Cover } from '../cover/useCover'
import type { TripView } from './view'

const lessonWords = words.trips.lessons

interface Props {
  readonly view: Pick<TripView, 'lessons'>
  readonly cover: Cover
}

export function Lessons({ view: { lessons }, cover }: Props) {
  if (lessons.length === 0) return null
  return (
    <Box as="section" above={7} aria-label={lessonWords.title}>
      <Box as="h2" size={4} below={2}>
        {lessonWords.title}
      </Box>
      <FirstOf all={lessons} atOnce={3}>
        {(shown) => (
          <ul>
            {shown
              .flatMap(({ trip, memberId, missed, cursed }) => {
                const who = memberId ? cover.memberName(memberId) : ''
                return [
                  ...(missed === '' ? [] : [lessonWords.missed(missed, trip, who)]),
                  ...(cursed === '' ? [] : [lessonWords.cursed(cursed, trip, who)]),
                ]
              })
              .map((text) => (
                <Box as="li" key={text} padY={1} breakable>
                  {text}
                </Box>
              ))}
          </ul>
        )}
      </FirstOf>
    </Box>
  )
}

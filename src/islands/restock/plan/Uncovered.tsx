/** What stays short all the same, with why; and what the plan does not know. */
import { Box } from '../../../ui/Box'
import * as words from '../../../words'
import { namesOf } from './names'
import type { Found } from './usePlan'

const planWords = words.plan
const FIRST = { life: 0, urgent: 1, comfort: 2 } as const

export function Uncovered({
  found,
  place,
}: {
  readonly found: Found
  readonly place: string | null
}) {
  const { view, plan } = found
  const names = namesOf(view)
  const all = plan.board.bare.filter(
    ({ line }) =>
      place === null || names.stop(view.problem.lines[line]?.stop ?? -1)?.placeId === place,
  )
  const tier = (line: number) => view.problem.lines[line]?.tier ?? 'comfort'
  const bare = all
    .filter(({ why }) => why !== 'until_the_visit')
    .sort((a, b) => FIRST[tier(a.line)] - FIRST[tier(b.line)])
  const waiting = all.length - bare.length
  const unknown = view.faults.filter(({ code }) => code !== 'no_room')
  return (
    <>
      {all.length > 0 && (
        <Box
          as="section"
          padX={6}
          padY={4}
          above={6}
          line="dashed"
          radius={2}
          aria-label={planWords.bare}
        >
          <Box as="h2" size={3}>
            {planWords.bare}
          </Box>
          <Box dots as="ul" above={2}>
            {bare.map(({ line, stretches, why }) => (
              <Box as="li" size={2} key={line} data-tier={tier(line)}>
                <b>{names.thing(names.thingOfLine(line)).title}</b>{' '}
                <Box as="span" tone="second">
                  {names.whereLine(line)}:{' '}
                  {planWords.bareLine(
                    stretches,
                    view.problem.lines[line]?.par ?? 0,
                    names.day,
                    view.problem,
                  )}{' '}
                  · {planWords.bareWhy[why]}
                </Box>
              </Box>
            ))}
          </Box>
          {waiting > 0 && <p className="second">{planWords.untilVisit(waiting)}</p>}
        </Box>
      )}
      {unknown.length + plan.unheeded.length > 0 && (
        <Box
          as="section"
          padX={6}
          padY={4}
          above={6}
          line="dashed"
          radius={2}
          aria-label={planWords.missing}
        >
          <Box as="h2" size={3}>
            {planWords.missing}
          </Box>
          <Box dots as="ul" above={2}>
            {plan.unheeded.map((thing) => (
              <Box as="li" size={2} key={thing}>
                {planWords.unheeded(names.thing(thing).title)}
              </Box>
            ))}
            {unknown.map((fault) => (
              <Box as="li" size={2} key={JSON.stringify(fault)}>
                {planWords.fault(fault)}
              </Box>
            ))}
          </Box>
        </Box>
      )}
    </>
  )
}

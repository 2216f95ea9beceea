/** What stays short all the same, with why; and what the plan does not know. */
import type { ReactNode } from 'react'
import type { BareLine } from '../../../core/restock/board'
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
  const sorted = [...all].sort((a, b) => FIRST[tier(a.line)] - FIRST[tier(b.line)])
  const bare = sorted.filter(({ why }) => why !== 'until_the_visit' && why !== 'weather')
  const harmed = sorted.filter(({ why }) => why === 'weather')
  const waiting = all.length - bare.length - harmed.length
  const unknown = view.faults.filter(({ code }) => code !== 'no_room')
  return (
    <>
      {bare.length + waiting > 0 && (
        <Part title={planWords.bare}>
          <Lines of={bare} found={found} />
          {waiting > 0 && <p className="second">{planWords.untilVisit(waiting)}</p>}
        </Part>
      )}
      {harmed.length > 0 && (
        <Part title={planWords.weather}>
          <Box as="p" size={2} tone="second">
            {planWords.weatherUnder}
          </Box>
          <Lines of={harmed} found={found} />
        </Part>
      )}
      {unknown.length + plan.unheeded.length > 0 && (
        <Part title={planWords.missing}>
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
        </Part>
      )}
    </>
  )
}

const Part = ({ title, children }: { readonly title: string; readonly children: ReactNode }) => (
  <Box as="section" padX={6} padY={4} above={6} line="dashed" radius={2} aria-label={title}>
    <Box as="h2" size={3}>
      {title}
    </Box>
    {children}
  </Box>
)

/** Which line lacks how much when, and why. */
function Lines({ of, found }: { readonly of: readonly BareLine[]; readonly found: Found }) {
  const { view } = found
  const names = namesOf(view)
  return (
    <Box dots as="ul" above={2}>
      {of.map(({ line, stretches, why }) => (
        <Box as="li" size={2} key={line} data-tier={view.problem.lines[line]?.tier}>
          <b>{names.thing(names.thingOfLine(line)).title}</b>{' '}
          <Box as="span" tone="second">
            {names.whereLine(line)}:{' '}
            {planWords.bareLine(
              stretches,
              view.problem.lines[line]?.par ?? 0,
              names.day,
              view.problem,
            )}
            {why === 'weather' ? '' : ` · ${planWords.bareWhy[why]}`}
          </Box>
        </Box>
      ))}
    </Box>
  )
}

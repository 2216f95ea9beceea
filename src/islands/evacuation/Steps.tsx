/** Who does what, each with their own list, in the order in which it is done. */
import type { Step } from '../../core/evacuation/schedule'
import type { EvacuationTask } from '../../core/evacuation/tasks'
import { Box, Row, Stack } from '../../ui/Box'
import * as words from '../../words'
import { list } from '../../words/frame/format'
import type { Shown } from './useEvacuation'

const said = words.evacuation

/** What a step is called: with whom it is about, and where that one hides. */
export function taskText({ plan }: Pick<Shown, 'plan'>, task: EvacuationTask): string {
  const { people, animals } = plan.party
  const animal = animals.find(({ id }) => id === task.about)
  const together = animal
    ? [animal, ...animals.filter(({ sharesWith }) => sharesWith === animal.id)]
    : people.filter(({ id }) => id === task.about)
  const alone = task.kind === 'shut_in' ? together.slice(0, 1) : together
  return said.task(task, list(alone.map(({ name }) => name)), animal?.where ?? '')
}

/** Each who has something to do, in the order in which they are named, with their steps. */
export const byDoer = ({
  plan,
}: Pick<Shown, 'plan'>): readonly { readonly name: string; readonly steps: readonly Step[] }[] =>
  plan.party.people.flatMap(({ id, name }) => {
    const steps = plan.schedule.steps.filter(({ by }) => by === id).sort((a, b) => a.from - b.from)
    return steps.length > 0 ? [{ name, steps }] : []
  })

export function Steps({ shown }: { readonly shown: Shown }) {
  const { plan, household, cover } = shown
  const { leftOut } = plan.schedule
  const last = household.household.evacuation.rehearsals.at(-1)
  return (
    <section aria-label={said.steps}>
      <Row gapX={5} gapY={1} align="baseline" wrap below={3}>
        <h2>{said.steps}</h2>
        <Box as="small" tone="second">
          {last ? said.measured(last.on, cover.view.today) : said.usual}
        </Box>
      </Row>
      <Stack gap={5} columns="repeat(auto-fill, minmax(15rem, 1fr))">
        {byDoer(shown).map(({ name, steps }) => (
          <Box
            as="section"
            key={name}
            aria-label={name}
            surface="paper"
            line="seam"
            radius={2}
            padX={5}
            padY={4}
          >
            <Box as="h3" size={4} breakable>
              {name}
            </Box>
            <ol>
              {steps.map((step) => (
                <Row
                  as="li"
                  gap={4}
                  align="baseline"
                  padY={2}
                  lineBelow="hairline"
                  key={step.task.key}
                >
                  <Box as="span" size={2} tone="second" nowrap style={{ minWidth: '5.6rem' }}>
                    {said.span(step.from, step.to)}
                  </Box>
                  <Box as="span" grow breakable>
                    {taskText(shown, step.task)}
                  </Box>
                </Row>
              ))}
            </ol>
          </Box>
        ))}
      </Stack>
      <Box as="p" above={4} weight="bold">
        {said.span(plan.schedule.done, plan.away)} {said.together}:{' '}
        {said.task({ kind: 'board' }, '', '')}
      </Box>
      {leftOut.length > 0 && (
        <Box as="p" above={3} note="caution" padX={5} padY={3}>
          <b>{said.leftOut}:</b> {leftOut.map((task) => taskText(shown, task)).join(' · ')}
        </Box>
      )}
    </section>
  )
}

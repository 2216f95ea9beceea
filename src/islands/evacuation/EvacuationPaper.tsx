/** Leaving the house on two pages: ten minutes on the first, an hour and everything else on the second. */
import type { EvacuationAsked, PlanKind } from '../../core/evacuation/evacuation'
import { planEvacuation } from '../../core/evacuation/plan'
import paper from '../../sheets/paper.module.css'
import { Box, Row, Stack } from '../../ui/Box'
import * as words from '../../words'
import { list } from '../../words/frame/format'
import { type CoverView, coverOf } from '../cover/useCover'
import type { HouseholdView } from '../household/view'
import { knownOf, usualAsked } from './known'
import { whereOf } from './Loads'
import { byDoer, taskText } from './Steps'

const said = words.evacuation

interface Props {
  readonly cover: CoverView
  readonly household: HouseholdView
  readonly address: Readonly<Record<string, string>>
}

export function EvacuationPaper({ cover: view, household, address }: Props) {
  const cover = coverOf(view)
  const asked = usualAsked(view, cover.laid, address)
  if (!asked) return null
  const known = knownOf(view, cover.laid, household)
  const { evacuation } = household.household
  const planned = (plan: PlanKind, more: Partial<EvacuationAsked> = {}) =>
    planEvacuation(known, { ...asked, plan, ...more }, view.today)
  const ten = planned('ten')
  const hour = planned('hour')
  const { animals } = ten.party
  const missing = ten.loads.loads.filter(({ isReady }) => !isReady)
  return (
    <main id="main">
      <section className={paper.paper} style={{ breakAfter: 'page' }}>
        <h1>
          {said.sheetTitle}: {said.plans.ten}
        </h1>
        <p>
          {said.sheetPrinted(view.today)}. <b>{said.fire(view.numbers.emergency)}</b>{' '}
          {said.authority}
        </p>
        <Doers plan={ten} />
        <Box as="h2" above={5}>
          {said.rides}
        </Box>
        {ten.rides?.rides.map((ride) => (
          <p key={ride.vehicle.id}>
            <b>{ride.vehicle.name}</b>: {said.driver(cover.memberName(ride.driver))};{' '}
            {list([...ride.people.slice(1), ...ride.animals].map(cover.memberName))}
          </p>
        ))}
        {ten.gaps.map((gap) => (
          <p key={gap.kind}>{said.gap(gap)}</p>
        ))}
        <Stack gap={6} columns={2} above={5}>
          <div>
            <h2>{said.goTo}</h2>
            {evacuation.goTo.map((refuge) => (
              <p key={refuge.name}>
                <b>{refuge.name}</b> {refuge.phone}
                <br />
                {[refuge.address, said.takes(refuge.takesAnimals)].filter(Boolean).join(' · ')}
              </p>
            ))}
          </div>
          <div>
            <h2>{said.tell}</h2>
            {evacuation.tell.map(({ name, phone }) => (
              <p key={name}>
                {name} {phone}
              </p>
            ))}
          </div>
        </Stack>
        <Box as="h2" above={5}>
          {said.loads}
        </Box>
        <table>
          <tbody>
            {ten.loads.kit && (
              <tr>
                <th scope="row">{said.kit}</th>
                <td>{cover.kitName(ten.loads.kit)}</td>
              </tr>
            )}
            {evacuation.papers !== '' && (
              <tr>
                <th scope="row">{said.papersAt('')}</th>
                <td>{evacuation.papers}</td>
              </tr>
            )}
            {ten.loads.loads
              .filter(({ sources }) => sources.length > 0)
              .map((load) => (
                <tr key={load.need}>
                  <th scope="row">{said.load(load.need)}</th>
                  <td>
                    {whereOf({ cover }, load)
                      .map(({ title, where }) => `${title} (${where})`)
                      .join('; ')}
                  </td>
                </tr>
              ))}
          </tbody>
        </table>
      </section>
      <section className={paper.paper}>
        <h1>
          {said.sheetTitle}: {said.plans.hour}
        </h1>
        <Doers plan={hour} />
        {evacuation.leftHow.length > 0 && (
          <>
            <Box as="h2" above={5}>
              {said.leftHow}
            </Box>
            <ul>
              {evacuation.leftHow.map((line) => (
                <li key={line}>☐ {line}</li>
              ))}
            </ul>
          </>
        )}
        {missing.length > 0 && (
          <>
            <Box as="h2" above={5}>
              {said.missing}
            </Box>
            <p>
              {missing
                .map((load) =>
                  [
                    said.load(load.need),
                    load.missing > 0 ? said.lacks(load) : said.nothingThere,
                  ].join(': '),
                )
                .join(' · ')}
            </p>
          </>
        )}
        {animals.length > 0 && (
          <>
            <Box as="h2" above={5}>
              {words.evacuation.animals}
            </Box>
            {animals.map(({ id, name, where }) => {
              const member = view.members.find((one) => one.id === id)
              const facts = member?.facts.kind === 'animal' ? member.facts : null
              return (
                <Row as="p" gap={5} key={id}>
                  <b>{name}</b>{' '}
                  {[
                    where === '' ? '' : said.hidesAt(where),
                    facts?.temperament,
                    facts?.vet.phone ? `${facts.vet.name} ${facts.vet.phone}` : '',
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </Row>
              )
            })}
          </>
        )}
      </section>
    </main>
  )
}

const Doers = ({ plan }: { readonly plan: ReturnType<typeof planEvacuation> }) => (
  <Stack gap={5} columns="repeat(auto-fill, minmax(52mm, 1fr))" above={4}>
    {byDoer({ plan }).map(({ name, steps }) => (
      <div key={name}>
        <h2>{name}</h2>
        <ol>
          {steps.map(({ task, from, to }) => (
            <li key={task.key}>
              {said.span(from, to)} {taskText({ plan }, task)}
            </li>
          ))}
        </ol>
      </div>
    ))}
    <p>
      <b>
        {said.together}: {said.task({ kind: 'board' }, '', '')} (
        {said.span(plan.schedule.done, plan.away)})
      </b>
      {plan.schedule.leftOut.length > 0 && (
        <>
          <br />
          {said.leftOut}:{' '}
          {plan.schedule.leftOut.map((task) => taskText({ plan }, task)).join(' · ')}
        </>
      )}
    </p>
  </Stack>
)

/** What a household says for leaving its house in a hurry, and what a rehearsal took. */
import { type Evacuation, MOST_REHEARSALS, type Rehearsal } from '../../core/evacuation/evacuation'
import { columnsOf } from '../../db/frame/columns'
import { editRecord } from '../../db/frame/records'
import { type Acting, act, mustEdit } from '../frame/act'
import type { Keyed, Seen } from '../frame/asked'
import type { Caller, World } from '../frame/world'

type Said = {
  readonly [Name in keyof Omit<Evacuation, 'rehearsals'>]?: Evacuation[Name] | undefined
}

/** What is not said stays as it is. @throws {Refusal} `changed_meanwhile` */
export const changeEvacuation = (
  world: World,
  caller: Caller,
  { key, seenVersion, ...said }: Seen & Said,
) =>
  act(
    world,
    caller,
    { key, kind: 'evacuation_changed', request: { seenVersion, said } },
    async (acting) => {
      const given = Object.entries(said).filter(([, value]) => value !== undefined)
      await keep(acting, Object.fromEntries(given), seenVersion)
      return {}
    },
  )

/** Notes a rehearsal; the plan is worked out with what it took from then on. */
export const rehearseEvacuation = (
  world: World,
  caller: Caller,
  { key, ...rehearsed }: Keyed & Omit<Rehearsal, 'on'>,
) =>
  act(world, caller, { key, kind: 'evacuation_rehearsed', request: rehearsed }, async (acting) => {
    const all = [...acting.household.evacuation.rehearsals, { ...rehearsed, on: acting.today }]
    await keep(acting, { rehearsals: all.slice(-MOST_REHEARSALS) }, null)
    return {}
  })

async function keep(
  acting: Acting,
  said: Partial<Evacuation>,
  seenVersion: number | null,
): Promise<void> {
  const evacuation = { ...acting.household.evacuation, ...said }
  mustEdit(
    await editRecord(
      acting,
      'household',
      acting.householdId,
      columnsOf({ evacuation }),
      seenVersion,
    ),
  )
}

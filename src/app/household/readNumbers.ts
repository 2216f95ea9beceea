/** Whom to call, for a page that must have it before anything else. */
import { numbersToCall } from '../../core/household/emergencyNumbers'
import { type Caller, reading, type World } from '../frame/world'

/** "" for a number that nobody has given: the screen asks for it. */
export const readNumbers = (
  world: World,
  caller: Caller,
): Promise<{ readonly emergency: string; readonly poison: string }> =>
  reading(world, caller, async ({ household }) => {
    const { emergency, poison } = numbersToCall(household)
    return { emergency: emergency ?? '', poison: poison ?? '' }
  })

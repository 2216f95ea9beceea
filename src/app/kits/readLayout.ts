/** A kit as the layout engine takes it, with the lots that each thing stands for. */
import type { z } from 'zod'
import type * as kits from '../../contract/values/kits'
import { catalogue } from '../../core/catalogue/catalogue'
import type { KitId } from '../../core/ids'
import { layoutProblem, thingKey } from '../../core/layout/ofKit'
import { notFound } from '../frame/refusal'
import { type Caller, reading, surveyOf, type World } from '../frame/world'
import { contentOf } from './readKits'

export const readLayout = (
  world: World,
  caller: Caller,
  kitId: KitId,
): Promise<z.infer<typeof kits.layoutValue>> =>
  reading(world, caller, async (at) => {
    const survey = await surveyOf(at)
    const kit = survey.kits.find(({ id }) => id === kitId)
    if (!kit) throw notFound()
    const { lines, sites } = contentOf(survey, kit)
    const pockets = sites.map(({ pocket }) => pocket)
    return {
      problem: layoutProblem(pockets, lines, catalogue()),
      lots: lines.map(({ item, site, holdings }) => ({
        key: thingKey(item.id, site.pocket.id),
        holdings: holdings.map(({ lot, amount }) => ({
          lotId: lot.id,
          amount,
          seenVersion: lot.version,
        })),
      })),
    }
  })

/** A kit as the layout engine takes it, with the lots that each thing stands for. */
import type { z } from 'zod'
import type * as kits from '../../contract/values/kits'
import { catalogue } from '../../core/catalogue/catalogue'
import type { Kit } from '../../core/household/places'
import type { KitId } from '../../core/ids'
import { misplacedIn } from '../../core/layout/misplaced'
import { layoutProblem, thingKey } from '../../core/layout/ofKit'
import { itemTitle } from '../../core/stock/item'
import { unfitAt, unfitView } from '../exposure/marksOf'
import { notFound } from '../frame/refusal'
import { type Caller, reading, surveyOf, type World } from '../frame/world'
import { contentOf, keptFor } from './readKits'

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
    const whom = await keptFor(at, survey)
    const asPlaced = (one: Kit) => {
      const content = contentOf(survey, one)
      return { kit: one, pockets: content.sites.map(({ pocket }) => pocket), lines: content.lines }
    }
    const others = survey.kits.filter((one) => one.id !== kitId && one.placeId === kit.placeId)
    return {
      problem: layoutProblem(pockets, lines, catalogue(), whom),
      pocketVersions: Object.fromEntries(pockets.map(({ id, version }) => [id, version])),
      misplaced: misplacedIn(asPlaced(kit), others.map(asPlaced), catalogue(), whom).map(
        ({ key, line, made, to }) => ({
          key,
          title: itemTitle(line.item),
          made,
          pocketId: line.site.pocket.id,
          to: {
            pocketId: to.pocketId,
            pocket: survey.sites.get(to.pocketId)?.pocket.name ?? '',
            kit: survey.sites.get(to.pocketId)?.kit.name ?? '',
          },
        }),
      ),
      unfit: (await unfitAt(at, world.now().getTime() / 60_000))
        .filter(({ place }) => place.id === kit.placeId)
        .map((one) => unfitView(one, kitId))
        .filter(({ titles }) => titles.length > 0),
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

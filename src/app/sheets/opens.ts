/** Where the code on a label leads: to the kit, with the pocket or the pack that it is about. */
import { type Caller, reading, surveyOf, type World } from '../frame/world'

/** @param id of a kit, a pocket or a lot; @returns a page; null for what is not there any more */
export const whereIs = (world: World, caller: Caller, id: string): Promise<string | null> =>
  reading(world, caller, async (at) => {
    const { kits, sites, holdings } = await surveyOf(at)
    if (kits.some((kit) => kit.id === id)) return `/kits/${id}`
    const site = [...sites.values()].find(({ pocket }) => pocket.id === id)
    if (site) return `/kits/${site.kit.id}?pocket=${id}`
    const held = holdings.find(({ lot }) => lot.id === id)
    return held ? `/kits/${held.site.kit.id}?lot=${id}` : null
  })

/** The lid sheet of a kit, and the list for a spreadsheet. */

import { catalogue } from '../../core/catalogue/catalogue'
import { keepingOfItem } from '../../core/exposure/storage'
import { numbersToCall } from '../../core/household/emergencyNumbers'
import type { Kit } from '../../core/household/places'
import type { KitId } from '../../core/ids'
import { exportList } from '../../core/interchange/exportList'
import { type LidSheet, type SheetContent, sheetContent } from '../../core/sheet/lidSheet'
import { kitLook } from '../../core/trust/kitLook'
import type { Survey } from '../../core/watch/survey'
import { everyName } from '../../db/members/members'
import { lidCodeOf } from '../../db/roadside/lidCodes'
import { notFound } from '../frame/refusal'
import {
  type Caller,
  confirmedStockOf,
  reading,
  surveyOf,
  type Today,
  type World,
} from '../frame/world'

export const readSheet = (world: World, caller: Caller, kitId: KitId): Promise<LidSheet> =>
  reading(world, caller, async (at) => {
    const { survey, confirmations } = await confirmedStockOf(at)
    const sheet = await sheetOf(at, survey, kitId)
    const kit = kitIn(survey, kitId)
    const lying = survey.holdings.filter(({ site }) => site.kit.id === kitId)
    return { ...sheet, look: kitLook(kit, lying, confirmations) }
  })

function kitIn({ kits }: Survey, kitId: KitId): Kit {
  const kit = kits.find(({ id }) => id === kitId)
  if (!kit) throw notFound()
  return kit
}

/** @throws {Refusal} not_found when the household has no such kit */
export async function sheetOf(
  { trx, household }: Today,
  survey: Survey,
  kitId: KitId,
): Promise<SheetContent> {
  return sheetContent(survey, kitIn(survey, kitId), {
    household: household.name,
    numbers: numbersToCall(household),
    memberNames: await everyName(trx),
    lidCode: (await lidCodeOf(trx, kitId))?.id ?? null,
    keepingOf: (item) => keepingOfItem(item, catalogue()),
  })
}

export const readExport = (world: World, caller: Caller): Promise<string> =>
  reading(world, caller, async (at) => exportList(await surveyOf(at)))

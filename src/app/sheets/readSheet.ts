/** The lid sheet of a kit, and the list for a spreadsheet. */
import { numbersToCall } from '../../core/household/emergencyNumbers'
import type { KitId } from '../../core/ids'
import { exportList } from '../../core/interchange/exportList'
import { type LidSheet, lidSheet } from '../../core/sheet/lidSheet'
import { kitLook } from '../../core/trust/kitLook'
import type { Survey } from '../../core/watch/survey'
import { readMembers } from '../../db/members/members'
import { readConfirmations } from '../../db/record/history'
import { notFound } from '../frame/refusal'
import { type Caller, reading, surveyOf, type Today, type World } from '../frame/world'

export const readSheet = (world: World, caller: Caller, kitId: KitId): Promise<LidSheet> =>
  reading(world, caller, async (at) => sheetOf(at, await surveyOf(at), kitId))

/** @throws {Refusal} not_found when the household has no such kit */
export async function sheetOf(
  { trx, today, household }: Today,
  survey: Survey,
  kitId: KitId,
): Promise<LidSheet> {
  const kit = survey.kits.find(({ id }) => id === kitId)
  if (!kit) throw notFound()
  const members = await readMembers(trx, today)
  const lying = survey.holdings.filter(({ site }) => site.kit.id === kitId)
  return lidSheet(survey, kit, {
    household: household.name,
    numbers: numbersToCall(household),
    memberNames: members.map(({ name }) => name),
    look: kitLook(kit, lying, await readConfirmations(trx)),
  })
}

export const readExport = (world: World, caller: Caller): Promise<string> =>
  reading(world, caller, async (at) => exportList(await surveyOf(at)))

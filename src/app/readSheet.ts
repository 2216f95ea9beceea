/** The lid sheet of a kit, and the list for a spreadsheet. */

import { numbersToCall } from '../core/household/emergencyNumbers'
import type { KitId } from '../core/ids'
import { exportList } from '../core/interchange/exportList'
import { type LidSheet, lidSheet } from '../core/sheet/lidSheet'
import { readMembers } from '../db/stock'
import { notFound } from './refusal'
import { type Caller, reading, surveyOf, type World } from './world'

export const readSheet = (world: World, caller: Caller, kitId: KitId): Promise<LidSheet> =>
  reading(world, caller, async (at) => {
    const survey = await surveyOf(at)
    const kit = survey.kits.find(({ id }) => id === kitId)
    if (!kit) throw notFound()
    const members = await readMembers(at.trx, at.today)
    return lidSheet(survey, kit, {
      household: at.household.name,
      numbers: numbersToCall(at.household),
      memberNames: members.map(({ name }) => name),
    })
  })

export const readExport = (world: World, caller: Caller): Promise<string> =>
  reading(world, caller, async (at) => exportList(await surveyOf(at)))

import { pictureOf } from '../../../api/picture'
import { serve } from '../../../api/serve'
import * as acts from '../../../app/cardActs'
import * as contract from '../../../contract/careEndpoints'

export const POST = serve(
  contract.addCard,
  async ({ world, caller, body: { memberIds, photo, ...body }, key }) =>
    acts.addCard(world, caller, { key, memberIds, body, photo: await pictureOf(photo ?? null) }),
)

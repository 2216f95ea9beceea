import { pictureOf } from '../../../../api/picture'
import { serve } from '../../../../api/serve'
import * as acts from '../../../../app/careActs'
import * as contract from '../../../../contract/careEndpoints'
import type { CareFact } from '../../../../core/incident/entry'

export const POST = serve(contract.sayCare, async ({ world, caller, body, key }) =>
  acts.sayCare(world, caller, {
    key,
    ...body,
    fact: body.fact as CareFact,
    photo: await pictureOf(body.photo ?? null),
  }),
)

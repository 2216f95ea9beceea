import { pictureOf } from '../../../../api/picture'
import { serve } from '../../../../api/serve'
import { serveFile } from '../../../../api/serveFile'
import * as app from '../../../../app/memberActs'
import { notFound } from '../../../../app/refusal'
import * as contract from '../../../../contract/endpoints'
import { memberId } from '../../../../contract/values'

export const GET = serveFile(async ({ world, caller, params }) => {
  const id = memberId.safeParse(params.memberId)
  if (!id.success) throw notFound()
  const { type, bytes } = await app.readPhoto(world, caller, id.data)
  return { name: 'photo', type, inline: true, body: bytes }
})

export const PUT = serve(contract.setPhoto, async ({ world, caller, params, body, key }) =>
  app.setPhoto(world, caller, { key, ...params, photo: await pictureOf(body.photo) }),
)

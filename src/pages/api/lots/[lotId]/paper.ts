import { pictureOf } from '../../../../api/picture'
import { serve } from '../../../../api/serve'
import { serveFile } from '../../../../api/serveFile'
import * as app from '../../../../app/paperActs'
import { notFound } from '../../../../app/refusal'
import * as contract from '../../../../contract/keepingEndpoints'
import { lotId } from '../../../../contract/values'

export const GET = serveFile(async ({ world, caller, params }) => {
  const id = lotId.safeParse(params.lotId)
  if (!id.success) throw notFound()
  const { mediaType, bytes } = await app.readPaper(world, caller, id.data)
  return { name: 'directions', type: mediaType, inline: true, body: bytes }
})
export const PUT = serve(contract.keepPaper, async ({ world, caller, params, body, key }) =>
  app.keepPaper(world, caller, { key, ...params, photo: await pictureOf(body.photo) }),
)

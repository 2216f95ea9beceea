import { serveFile } from '../../../../api/serveFile'
import * as app from '../../../../app/cardActs'
import { notFound } from '../../../../app/refusal'
import { ownCardId } from '../../../../contract/careValues'

export const GET = serveFile(async ({ world, caller, params }) => {
  const id = ownCardId.safeParse(params.cardId)
  if (!id.success) throw notFound()
  const { type, bytes } = await app.readPhotoOfCard(world, caller, id.data)
  return { name: 'label', type, inline: true, body: bytes }
})

import { serveFile } from '../../../../../api/serveFile'
import * as app from '../../../../../app/careActs'
import { notFound } from '../../../../../app/refusal'
import { careEntryId } from '../../../../../contract/careValues'

export const GET = serveFile(async ({ world, caller, params }) => {
  const id = careEntryId.safeParse(params.entryId)
  if (!id.success) throw notFound()
  const { type, bytes } = await app.readPhoto(world, caller, id.data)
  return { name: 'photo', type, inline: true, body: bytes }
})

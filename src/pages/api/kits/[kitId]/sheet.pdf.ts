import { plainFileName, serveFile } from '../../../../api/serveFile'
import { readSheet } from '../../../../app/readSheet'
import { notFound } from '../../../../app/refusal'
import { kitId } from '../../../../contract/values'
import { lidSheetPdf } from '../../../../sheets/lidSheetPdf'
import { paperSize } from '../../../../sheets/paper'

export const GET = serveFile(async ({ world, caller, params, url }) => {
  const id = kitId.safeParse(params.kitId)
  if (!id.success) throw notFound()
  const sheet = await readSheet(world, caller, id.data)
  return {
    name: `${plainFileName(sheet.kit)} lid sheet.pdf`,
    type: 'application/pdf',
    inline: true,
    body: await lidSheetPdf(sheet, paperSize(url.searchParams.get('size'))),
  }
})

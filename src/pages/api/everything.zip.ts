import { saveEverything, takeEverything } from '../../api/wholeHousehold'

export const GET = saveEverything(async (sheet) => {
  const { lidSheetPdf } = await import('../../sheets/lidSheetPdf')
  return Buffer.from(await lidSheetPdf(sheet, 'A4', null))
})
export const POST = takeEverything

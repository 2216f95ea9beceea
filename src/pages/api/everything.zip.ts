import { saveEverything, takeEverything } from '../../api/wholeHousehold'
import { lidSheetPdf } from '../../sheets/lidSheetPdf'

export const GET = saveEverything(async (sheet) => Buffer.from(await lidSheetPdf(sheet, 'A4')))
export const POST = takeEverything

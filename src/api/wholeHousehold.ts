/** Everything of a household as one file to keep, and the way back from it. */
import type { APIRoute } from 'astro'
import type { Caller, World } from '../app/frame/world'
import { bringBack, readPictureOf, readWhole } from '../app/household/wholeHousehold'
import { readKits } from '../app/kits/readKits'
import { readCalendarFile } from '../app/places/calendarActs'
import { readRecord } from '../app/record/readRecord'
import { readExport, readSheet } from '../app/sheets/readSheet'
import {
  FORMAT,
  householdFileSchema,
  PICTURE_RECORDS,
  RECORD_NAMES,
  VERSION,
} from '../contract/householdFile'
import { forSpreadsheets, writeTable } from '../core/interchange/table'
import type { LidSheet } from '../core/sheet/lidSheet'
import * as words from '../words'
import { everyScreen } from './everyScreen'
import { fileHeaders, plainFileName } from './fileNames'
import {
  type ArchiveFile,
  RECORDS_FILE,
  SCHEMA_FILE,
  withSentArchive,
  writeArchive,
} from './householdArchive'
import { problem, problemOf } from './problem'
import { runtime } from './runtime'
import { mustBeAllowed } from './serve'

const wholeWords = words.whole
/** Kinds of records in an order in which each can be written. */
const KINDS = [...RECORD_NAMES, 'record_change']

/** @param sheetPdf draws the sheet for a lid */
export const saveEverything =
  (sheetPdf: (sheet: LidSheet) => Promise<Buffer>): APIRoute =>
  async ({ locals }) => {
    try {
      const caller = mustBeAllowed(locals.caller, 'settings')
      const { world } = runtime()
      const at = world.now()
      const files = await filesOf(world, caller, at, sheetPdf)
      const [household] = files.records.household ?? []
      return new Response(writeArchive(files.files, at), {
        headers: fileHeaders(
          wholeWords.fileName(
            plainFileName(String(household?.name ?? '')),
            at.toISOString().slice(0, 10),
          ),
          'application/zip',
        ),
      })
    } catch (error) {
      return problemOf(error)
    }
  }

async function filesOf(
  world: World,
  caller: Caller,
  at: Date,
  sheetPdf: (sheet: LidSheet) => Promise<Buffer>,
) {
  const records = await readWhole(world, caller, KINDS)
  const { kits } = await readKits(world, caller)
  const file = { format: FORMAT, version: VERSION, savedAt: at.toISOString(), records }
  const pictures = PICTURE_RECORDS.flatMap((kind) =>
    (records[kind] ?? []).map(
      (row): ArchiveFile => ({
        path: String(row.file),
        packed: true,
        bytes: () => readPictureOf(world, caller, kind, String(row.id)),
      }),
    ),
  )
  const sheets = kits.map(
    ({ id, name }, index): ArchiveFile => ({
      path: `sheets/${index + 1} ${plainFileName(name)}.pdf`,
      packed: true,
      bytes: async () => sheetPdf(await readSheet(world, caller, id)),
    }),
  )
  const files: ArchiveFile[] = [
    { path: wholeWords.readMe.name, bytes: async () => wholeWords.readMe.text },
    { path: RECORDS_FILE, bytes: async () => JSON.stringify(file) },
    { path: SCHEMA_FILE, bytes: async () => JSON.stringify(householdFileSchema(), null, 1) },
    {
      path: 'lists/supplies.csv',
      bytes: async () => forSpreadsheets(await readExport(world, caller)),
    },
    { path: 'lists/record.csv', bytes: () => recordCsv(world, caller) },
    {
      path: 'lists/dates.ics',
      bytes: () => readCalendarFile(world, caller, words.places.calendar.entry),
    },
    ...pictures,
    ...sheets,
  ]
  return { records, files }
}

/** The whole record in sentences, the newest first. */
async function recordCsv(world: World, caller: Caller): Promise<string> {
  const rows: string[][] = []
  let before: number | undefined
  do {
    const page = await readRecord(world, caller, { before })
    for (const entry of page.entries)
      rows.push([entry.day, entry.who, entry.title, words.record.told(entry, entry.unit)])
    before = page.before ?? undefined
  } while (before !== undefined)
  return forSpreadsheets(writeTable(wholeWords.recordHeadings, rows))
}

/** Takes an archive that is sent as it is, without a form around it. */
export const takeEverything: APIRoute = async ({ request, locals }) => {
  try {
    const caller = mustBeAllowed(locals.caller, 'own')
    if (request.headers.get('content-type') !== 'application/zip')
      return problem(
        415,
        'not_zip',
        'This is not a saved household',
        'Send the archive as application/zip.',
      )
    const { world } = runtime()
    const done = await withSentArchive(request.body as ReadableStream | null, ({ file, picture }) =>
      bringBack(world, caller, KINDS, file.records, picture, everyScreen),
    )
    return new Response(JSON.stringify(done), {
      headers: { 'content-type': 'application/json', 'cache-control': 'no-store' },
    })
  } catch (error) {
    return problemOf(error)
  }
}

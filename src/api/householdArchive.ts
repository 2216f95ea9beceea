/**
 * A household as a ZIP archive: its records as JSON with their schema, its pictures, lists for a
 * spreadsheet and the sheets for the lids. It is written as it is read, and read from disk piece
 * by piece, so that no household has to fit into memory twice.
 */
import { createWriteStream } from 'node:fs'
import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { buffer } from 'node:stream/consumers'
import { pipeline } from 'node:stream/promises'
import sharp from 'sharp'
import { type Entry, openPromise, type ZipFile } from 'yauzl'
import yazl from 'yazl'
import { Refusal } from '../app/frame/refusal'
import { FORMAT, type HouseholdFile, householdFile, VERSION } from '../contract/householdFile'
import { issueText } from '../words/frame/forms'

export const RECORDS_FILE = 'household.json'
export const SCHEMA_FILE = 'household.schema.json'

/** A file of the archive; its bytes are made when their turn comes. */
export interface ArchiveFile {
  readonly path: string
  readonly bytes: () => Promise<Buffer | string>
  /** Pictures and PDF are packed already. */
  readonly packed?: boolean
}

/** The archive as it is written; what fails on the way breaks it off, so that no half of one looks whole. */
export function writeArchive(files: readonly ArchiveFile[], at: Date): ReadableStream {
  const archive = new yazl.ZipFile()
  const out = archive.outputStream as Readable
  archive.on('error', (error: Error) => out.destroy(error))
  for (const { path, bytes, packed } of files)
    archive.addReadStreamLazy(path, { mtime: at, compress: !packed }, (take) => {
      bytes().then(
        (made) => take(null, Readable.from([typeof made === 'string' ? Buffer.from(made) : made])),
        (error) => take(error, null as never),
      )
    })
  archive.end()
  return Readable.toWeb(out) as ReadableStream
}

/** The largest archive that is taken, and the largest records in one. */
const MOST_ARCHIVE_BYTES = 512 * 1024 * 1024
const MOST_RECORD_BYTES = 256 * 1024 * 1024
const MOST_PICTURE_BYTES = 700_000
const MOST_FILES = 20_000

/** An archive that was sent, lying on this machine's disk. */
export interface SentArchive {
  readonly file: HouseholdFile
  /** @throws {Refusal} `file_does_not_hold` where there is none, or it is no picture */
  readonly picture: (path: string) => Promise<Buffer>
}

/**
 * Reads an archive that is sent; its copy on disk is gone afterwards.
 * @throws {Refusal} `not_a_household_file`, `file_of_later_version`, `file_too_large`
 */
export async function withSentArchive<T>(
  body: ReadableStream | null,
  work: (sent: SentArchive) => Promise<T>,
): Promise<T> {
  const folder = await mkdtemp(join(tmpdir(), 'satchel-'))
  try {
    const path = join(folder, 'sent.zip')
    await pipeline(
      body ? Readable.fromWeb(body as Parameters<typeof Readable.fromWeb>[0]) : Readable.from([]),
      noMoreThan(MOST_ARCHIVE_BYTES),
      createWriteStream(path, { mode: 0o600 }),
    )
    const archive = await openPromise(path, { lazyEntries: true, autoClose: false }).catch(() => {
      throw new Refusal({ code: 'not_a_household_file' })
    })
    try {
      return await work(await readArchive(archive))
    } finally {
      archive.close()
    }
  } finally {
    await rm(folder, { recursive: true, force: true })
  }
}

/** Passes on what comes, and refuses what is too much of it. */
function noMoreThan(most: number) {
  return async function* (chunks: AsyncIterable<Buffer>) {
    let read = 0
    for await (const chunk of chunks) {
      read += chunk.byteLength
      if (read > most) throw new Refusal({ code: 'file_too_large' })
      yield chunk
    }
  }
}

async function readArchive(archive: ZipFile): Promise<SentArchive> {
  const entries = new Map<string, Entry>()
  try {
    for await (const entry of archive.eachEntry()) {
      entries.set(entry.fileName, entry)
      if (entries.size > MOST_FILES) throw new Refusal({ code: 'file_too_large' })
    }
  } catch (error) {
    throw error instanceof Refusal ? error : new Refusal({ code: 'not_a_household_file' })
  }
  const read = async (path: string, most: number): Promise<Buffer | null> => {
    const entry = entries.get(path)
    if (!entry) return null
    if (entry.uncompressedSize > most) throw new Refusal({ code: 'file_too_large' })
    try {
      // The stream itself refuses more than the entry says it holds.
      return await buffer(await archive.openReadStreamPromise(entry))
    } catch {
      throw new Refusal({ code: 'file_does_not_hold', where: path })
    }
  }
  const records = await read(RECORDS_FILE, MOST_RECORD_BYTES)
  if (!records) throw new Refusal({ code: 'not_a_household_file' })
  return {
    file: readRecordsFile(records.toString('utf8')),
    async picture(path) {
      const bytes = await read(path, MOST_PICTURE_BYTES)
      const picture = bytes && (await pictureAt(path, bytes))
      if (!picture) throw new Refusal({ code: 'file_does_not_hold', where: path })
      return picture
    },
  }
}

/** @throws {Refusal} where it is none, or says what no household could */
function readRecordsFile(text: string): HouseholdFile {
  let told: unknown
  try {
    told = JSON.parse(text)
  } catch {
    throw new Refusal({ code: 'not_a_household_file' })
  }
  const head = told as { format?: unknown; version?: unknown } | null
  if (head?.format !== FORMAT) throw new Refusal({ code: 'not_a_household_file' })
  if (typeof head.version === 'number' && head.version > VERSION)
    throw new Refusal({ code: 'file_of_later_version' })
  const read = householdFile.safeParse(told)
  if (!read.success) {
    const [issue] = read.error.issues
    throw new Refusal({
      code: 'file_does_not_hold',
      // In our words: what the schema library says of it is for whoever wrote the schema.
      where: issue ? `${issue.path.join('.')}: ${issueText(issue).replace(/\.$/, '')}` : '',
    })
  }
  // As it was written: what is read of it is checked, not rewritten.
  return told as HouseholdFile
}

const FORMATS: Readonly<Record<string, string>> = { jpg: 'jpeg', png: 'png', webp: 'webp' }

/** Its bytes if they are what they are called; what tells where it was taken is left out of them. */
async function pictureAt(path: string, bytes: Buffer): Promise<Buffer | null> {
  try {
    const picture = sharp(bytes, { limitInputPixels: 50_000_000 })
    const { format, exif, xmp, iptc } = await picture.metadata()
    if (format !== FORMATS[path.split('.').pop() ?? '']) return null
    if (exif || xmp || iptc) return await picture.rotate().toBuffer()
    await picture.stats()
    return bytes
  } catch {
    return null
  }
}

/** The widths of our own type, for what is laid out before it is drawn. */
import { createRequire } from 'node:module'
import * as fontkit from 'fontkit'
import type { Face, Measure } from '../core/labels/fit'

const { resolve } = createRequire(import.meta.url)
const text = (file: string) =>
  resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${file}.woff`)
const display = (file: string) =>
  resolve(`@fontsource/bricolage-grotesque/files/bricolage-grotesque-${file}.woff`)

/** Letters outside the first file come from the second. */
export const FACES: Readonly<Record<Face, readonly string[]>> = {
  title: [display('latin-700-normal'), display('latin-ext-700-normal')],
  strong: [text('latin-700-normal'), text('latin-ext-700-normal')],
  text: [text('latin-400-normal'), text('latin-ext-400-normal')],
}

const opened = new Map<string, fontkit.Font>()
function fontAt(file: string): fontkit.Font {
  let font = opened.get(file)
  if (!font) {
    font = fontkit.openSync(file) as fontkit.Font
    opened.set(file, font)
  }
  return font
}

/** A stretch of text that one file has the letters for. */
export interface Run {
  readonly text: string
  readonly file: string
}

/** @returns the text in stretches; a letter that no file has stands in the first */
export function runsOf(words: string, face: Face): readonly Run[] {
  const [first = '', ...others] = FACES[face]
  const runs: { text: string; file: string }[] = []
  for (const letter of words) {
    const code = letter.codePointAt(0) ?? 0
    const file = [first, ...others].find((one) => fontAt(one).hasGlyphForCodePoint(code)) ?? first
    const last = runs.at(-1)
    if (last?.file === file) last.text += letter
    else runs.push({ text: letter, file })
  }
  return runs
}

export const widthOf = (words: string, file: string, size: number): number => {
  const font = fontAt(file)
  return (font.layout(words).advanceWidth / font.unitsPerEm) * size
}

export const measure: Measure = (words, face, size) =>
  runsOf(words, face).reduce((wide, run) => wide + widthOf(run.text, run.file, size), 0)

/** Whether there is a letter for everything. */
export const canWrite = (words: string, face: Face): boolean =>
  [...words].every((letter) =>
    FACES[face].some((file) => fontAt(file).hasGlyphForCodePoint(letter.codePointAt(0) ?? 0)),
  )

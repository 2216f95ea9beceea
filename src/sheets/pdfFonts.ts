/** The application's own fonts and colours for what is made as a PDF. */
import { createRequire } from 'node:module'
import { Font } from '@react-pdf/renderer'

const { resolve } = createRequire(import.meta.url)
const text = (file: string) =>
  resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${file}.woff`)
const display = (file: string) =>
  resolve(`@fontsource/bricolage-grotesque/files/bricolage-grotesque-${file}.woff`)

let registered = false
/** Letters outside the first subset come from the second: a missing one would be replaced silently. */
export function registerFonts(): void {
  if (registered) return
  registered = true
  for (const subset of ['latin', 'latin-ext'])
    Font.register({
      family: `Text ${subset}`,
      fonts: [
        { src: text(`${subset}-400-normal`), fontWeight: 400 },
        { src: text(`${subset}-700-normal`), fontWeight: 700 },
      ],
    })
  for (const subset of ['latin', 'latin-ext'])
    Font.register({
      family: `Display ${subset}`,
      fonts: [{ src: display(`${subset}-700-normal`), fontWeight: 700 }],
    })
  Font.registerHyphenationCallback((word) => [word])
}

export const INK = '#2A1A33'
export const SECOND = '#5B4B63'
export const SEAM = '#A8977B'
export const body = ['Text latin', 'Text latin-ext']
export const heading = ['Display latin', 'Display latin-ext']

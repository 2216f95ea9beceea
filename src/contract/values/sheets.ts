/** What is printed, as it is laid out. */
import { z } from 'zod'
import { LABEL_KINDS } from '../../core/labels/about'
import { LABEL_FORMAT_IDS, MOST_NUDGE } from '../../core/labels/formats'
import * as wire from '../primitives'

const millimetres = z.number()
const line = z.object({
  text: z.string(),
  face: z.enum(['title', 'strong', 'text']),
  size: millimetres,
  x: millimetres,
  y: millimetres,
})

/** A label to be drawn, in millimetres from its upper left corner. */
export const fitted = z.object({
  label: z.tuple([millimetres, millimetres]).readonly(),
  lines: z.array(line).readonly(),
  badge: line
    .extend({
      frame: z.object({ x: millimetres, y: millimetres, width: millimetres, height: millimetres }),
    })
    .nullable(),
  code: z.object({ x: millimetres, y: millimetres, side: millimetres }).nullable(),
  isHatched: z.boolean(),
  leftOut: z.array(z.string()).readonly(),
  fits: z.boolean(),
})

export const label = z.object({
  key: z.string(),
  kind: z.enum(LABEL_KINDS),
  name: z.string(),
  printedOn: wire.plainDate.nullable(),
  isChanged: z.boolean(),
  fitted,
  /** Its code as squares; null without one. */
  code: z
    .object({
      across: z.int(),
      dark: z.array(z.tuple([z.int(), z.int()]).readonly()).readonly(),
    })
    .nullable(),
})

const yes = z.enum(['0', '1']).default('0')
const nudge = z.coerce.number().int().min(-MOST_NUDGE).max(MOST_NUDGE).default(0)
const keys = z
  .string()
  .max(60_000)
  .default('')
  .transform((text) => text.split(',').filter((one) => one !== ''))
  .pipe(z.array(wire.typed(200)).max(500))

/** How labels are laid out. */
export const layout = {
  format: z.enum(LABEL_FORMAT_IDS).default('a4-21'),
  large: yes,
  names: yes,
}
/** How far the printer is off, in tenths of a millimetre. */
export const nudges = { right: nudge, down: nudge }
/** Which of them; all that changed, or all, but for those that are left. */
export const choice = { only: z.enum(['changed', 'all']).default('changed'), leave: keys }

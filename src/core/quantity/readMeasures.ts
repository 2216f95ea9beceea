/** Measures as people type them: "30 x 18 x 6", in centimetres. */
import type { Millimetres } from '../household/pocket'

/** Longest first in millimetres; `none` for nothing typed, `wrong` for anything else. */
export function readMeasures(text: string): Millimetres | 'none' | 'wrong' {
  if (text.trim() === '') return 'none'
  const parts = text
    .replace(/cm/gi, '')
    .split(/[x×*\s]+/i)
    .filter((part) => part !== '')
  if (parts.length !== 3) return 'wrong'
  const edges = parts.map((part) => Math.round(10 * Number(part.replace(',', '.'))))
  if (edges.some((edge) => !Number.isFinite(edge) || edge < 1 || edge > 5000)) return 'wrong'
  return [...edges].sort((a, b) => b - a) as unknown as Millimetres
}

/** Text that {@link readMeasures} reads back. */
export const writeMeasures = (mm: Millimetres | null): string =>
  mm === null ? '' : mm.map((edge) => edge / 10).join(' × ')

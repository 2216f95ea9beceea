/** Reads a plain number as somebody types it, within what can be meant. */

interface Limits {
  readonly least: number
  readonly most: number
  /** Only whole numbers can be meant. */
  readonly whole?: boolean
}

/**
 * Reads a number with a point or a comma.
 * @returns the number; 'none' where nothing is written; 'wrong' where it is no number, or none that can be meant
 * @example readNumber('2,5', { least: 0, most: 10 }) === 2.5
 */
export function readNumber(
  text: string,
  { least, most, whole = false }: Limits,
): number | 'none' | 'wrong' {
  const written = text.trim().replace(',', '.')
  if (written === '') return 'none'
  if (!/^[-−]?\d+(?:\.\d+)?$|^\.\d+$/.test(written)) return 'wrong'
  const value = Number(written.replace('−', '-'))
  return value < least || value > most || (whole && !Number.isInteger(value)) ? 'wrong' : value
}

/** A name as it is compared: lower case, plain letters, one way to write units and joins. */

/**
 * @example plainText('Paracetamol 250mg/5mls, sugar-free') // 'paracetamol 250 mg/5 ml , sugar-free'
 */
export const plainText = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[’'`´]/g, '')
    .replace(/[“”"„″]/g, '"')
    .replace(/[µμ]g\b|\bmcg\b/g, 'ug')
    .replace(/[µμ]/g, 'u')
    .replace(/[×✕*]/g, ' x ')
    .replace(/[–—‐‑−]/g, '-')
    .replace(/(\d),(\d{1,2})(?!\d)/g, '$1.$2')
    .replace(/(\d)(?=[a-z%])/g, '$1 ')
    .replace(/\bmls\b/g, 'ml')
    .replace(/\b(?:millilitres?|milliliters?|c\.?c\.?)(?![a-z])/g, 'ml')
    .replace(/\b(?:milligrams?|milligrammes?|mgs)\b/g, 'mg')
    .replace(/\b(?:micrograms?|microgrammes?)\b/g, 'ug')
    .replace(/\b(?:per ?cent|pct)\b/g, '%')
    .replace(/\s+/g, ' ')
    .trim()

/** "tablets" → "tablet", "batteries" → "battery"; so that one and many are the same word. */
export function stem(word: string): string {
  if (word.length <= 3 || !word.endsWith('s') || /(?:ss|us|is)$/.test(word)) return word
  if (word.endsWith('ies') && word.length > 4) return `${word.slice(0, -3)}y`
  if (/(?:ch|sh|x|ss|zz)es$/.test(word)) return word.slice(0, -2)
  return word.slice(0, -1)
}

/** Whether so many slips (a letter more, less, other or swapped) lead from one word to the other. */
export function slipsWithin(a: string, b: string, most: number): boolean {
  if (Math.abs(a.length - b.length) > most) return false
  let before: number[] = []
  let last = Array.from({ length: b.length + 1 }, (_, at) => at)
  for (let i = 1; i <= a.length; i++) {
    const row = [i]
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1]
      let cost = Math.min(
        (last[j] ?? 0) + 1,
        (row[j - 1] ?? 0) + 1,
        (last[j - 1] ?? 0) + (same ? 0 : 1),
      )
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        cost = Math.min(cost, (before[j - 2] ?? 0) + 1)
      row.push(cost)
    }
    before = last
    last = row
  }
  return (last[b.length] ?? most + 1) <= most
}

/** How many slips a word may have and still be the same word: none in a short one. */
export const slipsAllowed = (word: string): number =>
  word.length <= 5 ? 0 : word.length <= 8 ? 1 : 2

/** What a household is called until somebody names it. */

/** As long as the record keeps a name. */
const MOST = 120

/** "Nadia’s household"; a name too long for that is cut where nobody sees half a letter. */
export function firstHouseholdName(owner: string): string {
  const ending = '’s household'
  const letters = [...new Intl.Segmenter('en', { granularity: 'grapheme' }).segment(owner.trim())]
  let name = ''
  for (const { segment } of letters) {
    if (name.length + segment.length + ending.length > MOST) break
    name += segment
  }
  return name === '' ? 'Our household' : name + ending
}

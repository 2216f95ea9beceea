/** Prints what becomes of the lists of tests/acceptance, and fails on a wrong sure match or a lost line. */
import { acceptance } from '../tests/acceptance/acceptance'

const results = acceptance()
const column = (text: string | number, width: number): string => String(text).padStart(width)
console.log('list                    lines amounts dates   sure  asked unknown')
for (const one of results)
  console.log(
    one.list.padEnd(22) +
      column(one.lines, 7) +
      column(one.amounts, 8) +
      column(one.dates, 6) +
      column(one.sure, 7) +
      column(one.asked, 7) +
      column(one.unknown, 8),
  )
const sum = (of: (one: (typeof results)[number]) => number): number =>
  results.reduce((all, one) => all + of(one), 0)
const lines = sum((one) => one.lines)
console.log(
  `${lines} lines kept, ${sum((one) => one.sure)} sure, ${sum((one) => one.asked)} asked, ${sum((one) => one.unknown)} unknown`,
)
let failed = false
for (const one of results) {
  for (const what of one.lost) console.log(`LOST        ${one.list} ${what}`)
  for (const what of one.wronglySure) console.log(`WRONG, SURE ${one.list} ${what}`)
  for (const what of one.wrong) console.log(`NOT AS READ ${one.list} ${what}`)
  failed ||= one.lost.length + one.wronglySure.length + one.wrong.length > 0
}
process.exit(failed ? 1 : 0)

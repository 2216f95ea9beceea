/**
 * A made-up label printer: it takes the PDF that a real one would take and says how much of its roll is
 * left. It forgets everything when the application starts anew.
 */
import type { LabelPrinter } from '../core/labels/printer'

const ON_A_ROLL = 40
const rolls = new Map<string, number>()

export const labelPrinter: LabelPrinter = {
  name: 'Label printer in the hall',
  isStandIn: true,
  left: async (household) => rolls.get(household) ?? ON_A_ROLL,
  print: async (household, labels, pdf) => {
    if (pdf.length === 0) return { printed: 0, left: rolls.get(household) ?? ON_A_ROLL }
    const left = rolls.get(household) ?? ON_A_ROLL
    const printed = Math.min(labels, left)
    rolls.set(household, left - printed)
    return { printed, left: left - printed }
  },
  newRoll: async (household) => {
    rolls.set(household, ON_A_ROLL)
    return ON_A_ROLL
  },
}

/** English for mixtures and feeds. */
import { assertNever } from '../../core/brand'
import type { MixFault, Vessels } from '../../core/mixing/mix'
import { thousandthsText } from '../../core/quantity/exact'

function mixFaultText(fault: MixFault): string {
  switch (fault.code) {
    case 'nothing':
      return 'Give amounts above nothing.'
    case 'too_weak':
      return `The concentrate (${thousandthsText(fault.stock)} %) is weaker than what it should become (${thousandthsText(fault.wanted)} %). Use it as it is, or another.`
    case 'too_little':
      return `That little cannot be measured. Make ${thousandthsText(fault.least)} mL or more.`
    case 'no_weight':
      return 'Weigh first: a feed goes by weight.'
    case 'no_feeds':
      return 'Say how many feeds a day.'
    case 'not_spooned':
      return `The spoons do not come out for that. Make ${fault.near.map((one) => `${thousandthsText(one)} mL`).join(' or ')}.`
    default:
      return assertNever(fault)
  }
}

const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const

/** "1½ level teaspoons" */
const spoons = (eighths: number): string => {
  const whole = Math.floor(eighths / 8)
  const part = EIGHTHS[eighths % 8]
  return `${whole === 0 ? '' : whole}${part} level teaspoon${eighths > 8 ? 's' : ''}`
}

const vesselsText = ({ cups, tablespoons, teaspoons, rest }: Vessels): string =>
  [
    cups > 0 && `${cups} cup${cups > 1 ? 's' : ''}`,
    tablespoons > 0 && `${tablespoons} tablespoon${tablespoons > 1 ? 's' : ''}`,
    teaspoons > 0 && `${teaspoons} teaspoon${teaspoons > 1 ? 's' : ''}`,
    rest > 0 && `${thousandthsText(rest)} mL`,
  ]
    .filter(Boolean)
    .join(' + ')

export const mixes = {
  title: 'Mixes',
  lead: 'Each with its source. The strong part is rounded down; what thins it fills up the rest.',
  volume: 'Make',
  ownVolume: 'or, in mL',
  stock: 'Concentrate',
  percent: (thousandths: number): string => `${thousandthsText(thousandths)} %`,
  parts: (parts: string): string => `1 part concentrate + ${parts} parts water`,
  water: 'water',
  concentrate: 'concentrate',
  powder: 'powder',
  comes: (strength: string): string => `comes to ${strength} %`,
  spoons,
  vessels: vesselsText,
  salt: (grams: string, teaspoons: string): string => `${grams} g salt (about ${teaspoons})`,
  keeps: (hours: number): string => `Keeps ${hours} h, covered and cool: label it with the time`,
  keepUntil: (time: string): string => `throw away at ${time}`,
  takes: 'From the kit',
  takesNothing: 'Nothing from the kit is counted for this.',
  noConcentrate: (percent: string): string =>
    `No concentrate of ${percent} is in the kits. Check the strength on the bottle.`,
  made: 'Note as mixed',
  noted: (name: string): string => `Noted: ${name}`,
  forWhom: 'For',
  ways: { total: 'Make so much', all: 'All I have', parts: 'Parts to parts' },
  way: 'How you want to ask',
  have: 'Concentrate that you have, mL',
  partsOf: 'Parts of water to one',
  ownStrength: 'or, as printed: 4 %, 20 mg/mL',
  badVolume: 'Give a volume such as 250, 1 cup or 0.5 L.',
  badStrength: 'Give a strength such as 4 % or 20 mg/mL.',
  stronger: (wanted: string): string =>
    `Stronger than ${wanted} %, the strength for a wound: it harms tissue.`,
  syringe: 'Syringe',
  makesUnknown:
    'Nobody has said how much powder and water make together, so this makes more than one feed. Mix it once, measure it, and write it down.',
  feed: (millilitres: string, feeds: number): string =>
    `${millilitres} mL a feed, ${feeds} feeds a day`,
  day: (millilitres: string): string => `${millilitres} mL a day`,
  fills: (count: number, millilitres: string, wide: boolean): string =>
    `${count} ${count === 1 ? 'fill' : 'fills'} of the ${millilitres} mL syringe${wide ? ' with a wide tip' : ''}`,
  barrel: (millilitres: string, wide: boolean): string =>
    `${millilitres} mL${wide ? ', wide tip' : ''}`,
  add: 'Write down a feeding mix',
  addLead: 'As the pack and the vet say. Nothing is shown without them.',
  fields: {
    name: 'What it is called',
    member: 'For whom',
    powder: 'Powder, parts',
    water: 'Water, parts',
    makes: 'Together they make, parts',
    perKg: 'mL for each kg and feed',
    feeds: 'Feeds a day',
    keep: 'Keeps, hours',
    who: 'Who says so: the pack, the vet',
    on: 'On',
  },
  save: 'Write it down',
  remove: 'Remove',
  removed: 'Removed',
  fault: mixFaultText,
  drawn: (text: string): string => `Drawn: ${text}`,
} as const

/** English of care, in rooms: a screen takes along what it says and no more. */
export { measureText as measure } from '../../core/quantity/measure'
export { bench, courses, questions, slip } from './bench'
export { cardFaultText as cardFault, cards, pack } from './cards'
export {
  aboutText as about,
  amountText as amount,
  ingredient,
  intervalText as interval,
  measureFaultText as measureFault,
  notAdvice,
  portionText as portion,
  refusalText as refusal,
  SOURCES as sources,
  sourceText as source,
  stepText as step,
} from './doses'
export { guide } from './guide'
export { handover } from './handover'
export { incident, numbers } from './incident'
export { mixes } from './mixes'
export { spanText as span, timeText as time } from './times'

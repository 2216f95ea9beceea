/** English of the stock: its list, one lot, what is done with it, its looking through. */
export { heldBecause } from '../frame/heldBecause'
export { keeps as keepsFor } from '../frame/keepsFor'
export { STATE_WORDS as stateWord } from '../frame/states'
export {
  add,
  lotActsText as acts,
  lotText as lot,
  reviewText as review,
  state,
  stockListText as list,
} from './stock'

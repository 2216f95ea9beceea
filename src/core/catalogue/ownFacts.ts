/** What a household says of its own item. */
import type { Species } from '../household/species'
import type { Size } from './entry'
import type { RoleId } from './roles'
import type { StorageClass } from './storageClass'
import type { SubstanceId } from './substances'

/** What a household says of its own item; absent members leave the catalogue's word. */
export interface OwnFacts {
  readonly roles?: readonly RoleId[]
  readonly uses?: number
  readonly contains?: readonly SubstanceId[]
  readonly species?: readonly Species[]
  readonly fromMonths?: number
  /** What one unit holds, in millilitres, as printed on the pack. */
  readonly millilitres?: number
  /** Measured by the household: outer millimetres of one, and its grams. */
  readonly size?: Size
  /** How it is to be kept, as its label says. */
  readonly storage?: StorageClass
  /** Whether a tablet is scored, so that it may be halved; absent where nobody has looked. */
  readonly scored?: boolean
  /** Why it was added to or overruled. */
  readonly why?: string
}

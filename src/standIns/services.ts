/** The made-up shop and bulletins that ship with the application, in place of real ones. */
import { bulletinFeed } from './bulletinFeed'
import { postShop } from './postShop'

export const standInServices = { shops: [postShop], bulletins: bulletinFeed } as const

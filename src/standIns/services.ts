/** The made-up shop, bulletins and loggers that ship with the application, in place of real ones. */
import { bulletinFeed } from './bulletinFeed'
import { simulatedLoggers } from './loggers'
import { postShop } from './postShop'

export const standInServices = {
  shops: [postShop],
  bulletins: bulletinFeed,
  loggers: simulatedLoggers,
} as const

/** The made-up shop, bulletins, loggers and mail that ship with the application, in place of real ones. */
import { bulletinFeed } from './bulletinFeed'
import { labelPrinter } from './labelPrinter'
import { letterFolder } from './letters'
import { simulatedLoggers } from './loggers'
import { postShop } from './postShop'

export const standInServices = {
  shops: [postShop],
  bulletins: bulletinFeed,
  loggers: simulatedLoggers,
  labelPrinter,
  letters: letterFolder('.satchel-data/letters'),
} as const

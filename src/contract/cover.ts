/** Endpoints of cover. */
import { endpoint } from './endpoint'
import * as cover from './values/cover'

export const readCover = endpoint(
  'GET',
  '/api/cover',
  'Everything that cover is judged from',
  {},
  cover.coverValue,
)

import { serve } from '../../api/serve'
import * as readRecord from '../../app/readRecord'
import * as keepingEndpoints from '../../contract/keepingEndpoints'

export const GET = serve(keepingEndpoints.readRecord, ({ world, caller, query }) =>
  readRecord.readRecord(world, caller, {
    lotId: query.lot,
    itemId: query.item,
    kitId: query.kit,
    placeId: query.place,
    who: query.who,
    before: query.before,
  }),
)

/** Acts and movements in words. */
import type { ActKind } from '../../contract'
import type { Fact } from '../../core/stock/movement'
import { carePast } from '../care/past'
import { coverPast } from '../cover'
import { evacuationPast } from '../evacuation/past'
import { eveningsPast } from '../evenings/past'
import { exposurePast } from '../exposure/past'
import { householdPast } from '../household/household'
import { importsPast } from '../imports'
import { itemsPast } from '../items'
import { kitsPast } from '../kits'
import { listsPast } from '../lists'
import { membersPast } from '../members'
import { peoplePast } from '../people/past'
import { placesPast } from '../places'
import { recordPast } from '../record'
import { restockPast } from '../restock/restock'
import { roadsidePast } from '../roadside'
import { roundsPast } from '../rounds'
import { sheetsPast } from '../sheets/sheets'
import { stockPast } from '../stock/stock'
import { tripsPast } from '../trips/past'
import { watchPast } from '../watch'

/** Of every kind of act: the compiler says where a sentence is missing. */
const PAST: Readonly<Record<ActKind | Fact['kind'], string>> = {
  ...carePast,
  ...coverPast,
  ...evacuationPast,
  ...eveningsPast,
  ...exposurePast,
  ...householdPast,
  ...importsPast,
  ...itemsPast,
  ...kitsPast,
  ...listsPast,
  ...membersPast,
  ...peoplePast,
  ...placesPast,
  ...recordPast,
  ...restockPast,
  ...roadsidePast,
  ...roundsPast,
  ...sheetsPast,
  ...stockPast,
  ...tripsPast,
  ...watchPast,
  demo_loaded: 'loaded the demo household',
}

/** "used some", after a name; an act this catalogue does not know is "changed it". */
export const actWord = (kind: string): string => PAST[kind as ActKind] ?? 'changed it'

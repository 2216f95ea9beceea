/** All errands of a household, from every engine, by place and by what they bring. */
import type { Weekday } from '../calendar/plainDate'
import type { HarmAhead } from '../exposure/harmsAhead'
import type { FollowUp } from '../incident/followUps'
import type { Judged } from '../judgement/judgement'
import type { Taking } from '../roadside/taking'
import type { KitRound } from '../rounds/due'
import { anErrand, ERRAND_ACTS, type Errand, GRAVITIES, gravityOf } from './errand'
import { ofCover } from './ofCover'
import { ofExposure } from './ofExposure'
import { ofIncidents } from './ofIncidents'
import { ofMedicines } from './ofMedicines'
import { ofPeople } from './ofPeople'
import { ofRoadside } from './ofRoadside'
import { ofRounds } from './ofRounds'
import { ofStock, ofTargets } from './ofStock'
import { ofThings } from './ofThings'
import { ofTrips, type TripToDo } from './ofTrips'
import type { Survey } from './survey'

/** What errands are found from. */
export interface Known {
  readonly survey: Survey
  /** When each kit is next to be looked at. */
  readonly rounds: readonly KitRound[]
  readonly judged: Judged
  readonly pharmacyDays: readonly Weekday[]
  /** Lots that a bulletin recalls and that are not on hold yet. */
  readonly recalled: number
  /** What is to be looked at after something happened. */
  readonly followUps: readonly FollowUp[]
  readonly trips: readonly TripToDo[]
  /** What heat and frost are about to harm. */
  readonly coming: readonly HarmAhead[]
  /** Lines where frost or heat would harm what belongs there, as the plan has it. */
  readonly harsh: ReadonlySet<string>
  /** What was given away at a roadside and nobody has made up for. */
  readonly takings: readonly Taking[]
}

/** By place in the household's order, then by how grave it is, then in the order in which it is done. */
export function errands(known: Known): readonly Errand[] {
  const { survey, rounds, judged, pharmacyDays } = known
  return inOrder(survey, [
    ...ofStock(survey),
    ...ofCover(judged, survey, ofTargets(survey, known.harsh, known.takings)),
    ...ofMedicines(judged.pantry, survey, pharmacyDays),
    ...ofIncidents(known.followUps, survey),
    ...ofRecalls(known),
    ...ofRoadside(known.takings, survey),
    ...ofRounds(survey, rounds),
    ...ofExposure(survey.today, known.coming),
    ...ofTrips(survey, known.trips),
    ...ofPeople(judged.pantry, survey.places, survey.today),
    ...ofThings(judged.pantry, survey),
  ])
}

/** Lots that a bulletin names lie somewhere: where, the list of recalls says. */
function ofRecalls({ survey, recalled }: Known): readonly Errand[] {
  const [place] = survey.places
  return recalled === 0 || !place
    ? []
    : [
        anErrand({
          key: 'recalls',
          act: 'set_aside',
          title: '',
          place,
          reason: { code: 'recalled', lots: recalled },
        }),
      ]
}

function inOrder(survey: Survey, all: readonly Errand[]): readonly Errand[] {
  const placeOrder = new Map(survey.places.map((place, index) => [place.id, index]))
  return all
    .map((errand) => ({
      errand,
      order:
        (placeOrder.get(errand.place.id) ?? 0) * 1000 +
        GRAVITIES.indexOf(gravityOf(errand, survey.today)) * 100 +
        ERRAND_ACTS.indexOf(errand.act) * 2 +
        (errand.essential ? 0 : 1),
    }))
    .sort(
      (a, b) =>
        a.order - b.order ||
        byText(a.errand.due ?? '', b.errand.due ?? '') ||
        shareThere(a.errand) - shareThere(b.errand) ||
        names.compare(a.errand.title, b.errand.title) ||
        byText(a.errand.key, b.errand.key),
    )
    .map(({ errand }) => errand)
}

/** What is bare comes before what is thin. */
const shareThere = ({ reason }: Errand): number =>
  reason.code === 'below_par' ? reason.good / reason.par : 1

const names = new Intl.Collator('en')
const byText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)

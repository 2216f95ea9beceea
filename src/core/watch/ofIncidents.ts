/** Errands that something that happened left behind. */
import type { FollowUp } from '../incident/followUps'
import { anErrand, type Errand } from './errand'
import type { Survey } from './survey'

/** From the day on which it is to be looked at; what comes later stands in the calendar. */
export function ofIncidents(followUps: readonly FollowUp[], survey: Survey): readonly Errand[] {
  return followUps.flatMap(({ key, on, why, what, who, memberId, placeId, incidentId }) => {
    const place = survey.places.find(({ id }) => id === placeId) ?? survey.places[0]
    return place && on <= survey.today
      ? [
          anErrand({
            key: `follow_up:${key}`,
            act: 'follow_up',
            title: who,
            place,
            memberId,
            due: on,
            reason: { code: 'follow_up', why, what, on, incidentId },
          }),
        ]
      : []
  })
}

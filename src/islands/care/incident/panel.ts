/** What every panel of an incident is given. */
import type { Instant } from '../../../core/dosing/given'
import type { Member } from '../../../core/household/member'
import type { PlaceId } from '../../../core/ids'
import type { CareFact, Incident } from '../../../core/incident/entry'
import type { Timeline, Timer } from '../../../core/incident/timeline'
import type { Care } from '../useCare'

export interface IncidentProps {
  readonly care: Care
  readonly started: Incident
  readonly onGo: (view: View) => void
}

/** What every panel is given. */
export interface PanelProps {
  readonly care: Care
  readonly line: Timeline
  /** Where it happened, among the places that are laid out. */
  readonly here: PlaceId | null
  readonly patient: Member
  readonly now: Instant
  readonly say: (fact: CareFact, more?: { photo?: string; minutesAgo?: number }) => Promise<void>
  /** Noted: the panel closes. */
  readonly onDone: () => void
  readonly onOpen: (panel: 'dose') => void
}

export type View = (typeof VIEWS)[number]

export const VIEWS = ['line', 'handover', 'looking'] as const

export interface AlarmProps {
  readonly line: Timeline
  readonly patient: Member
  readonly now: Instant
  readonly due: readonly Timer[]
  readonly onSay: PanelProps['say']
}

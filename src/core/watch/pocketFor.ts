/** Where something new is put at a place: beside its like. */

import { catalogue } from '../catalogue/catalogue'
import type { RoleId } from '../catalogue/roles'
import type { Step } from '../cover/candidates'
import type { Tier } from '../cover/need'
import type { Pantry } from '../cover/pantry'
import { secondsTo } from '../cover/reaching'
import type { Place } from '../household/places'
import type { PlaceId } from '../ids'
import type { Line, Site, Survey } from './survey'

/**
 * The pocket that has the same item; what saves a life goes where a hand reaches first; else one that has most of what plays the same part, else the
 * fullest of the place; null where the place has no pocket.
 */
export function pocketFor(
  pantry: Pantry,
  survey: Survey,
  place: Place,
  step: Exclude<Step, { kind: 'learn' }>,
  tier: Tier,
): Site | null {
  const lines = linesAt(survey, place)
  const same = lines.find(({ item }) => item.id === step.itemId)
  if (same) return same.site
  const near = tier === 'life' ? reachedFirst(survey, place) : null
  if (near) return near
  const roles = new Set(rolesOf(pantry, step))
  return (
    mostIn(lines.filter((line) => rolesOfLine(pantry, line).some((role) => roles.has(role)))) ??
    mostIn(lines) ??
    [...survey.sites.values()].find((site) => site.place.id === place.id) ??
    null
  )
}

const byPlace = new WeakMap<Survey, ReadonlyMap<PlaceId, readonly Line[]>>()

/** The lines of a place; sorted once for all that is put somewhere. */
function linesAt(survey: Survey, place: Place): readonly Line[] {
  let known = byPlace.get(survey)
  if (!known) {
    const found = new Map<PlaceId, Line[]>()
    for (const line of survey.lines) {
      const of = found.get(line.site.place.id)
      if (of) of.push(line)
      else found.set(line.site.place.id, [line])
    }
    known = found
    byPlace.set(survey, known)
  }
  return known.get(place.id) ?? []
}

function rolesOf(pantry: Pantry, step: Exclude<Step, { kind: 'learn' }>): readonly RoleId[] {
  const at = step.itemId === null ? undefined : pantry.thingOf.get(step.itemId)
  if (at !== undefined) return pantry.things[at]?.facts.roles ?? []
  const entryId = step.kind === 'buy' ? step.entryId : null
  return entryId === null ? [] : (catalogue().get(entryId)?.roles ?? [])
}

const rolesOfLine = (pantry: Pantry, { item }: Line): readonly RoleId[] =>
  pantry.things[pantry.thingOf.get(item.id) ?? -1]?.facts.roles ?? []

function mostIn(lines: readonly Line[]): Site | null {
  const count = new Map<Site, number>()
  for (const { site } of lines) count.set(site, (count.get(site) ?? 0) + 1)
  let most: Site | null = null
  for (const [site, of] of count) if (most === null || of > (count.get(most) ?? 0)) most = site
  return most
}

/** The pocket of a place that a hand reaches first; null where nobody timed any. */
function reachedFirst({ sites }: Survey, place: Place): Site | null {
  const timed = [...sites.values()].flatMap((site) => {
    const { reachSeconds, sort } = site.pocket
    const seconds = reachSeconds === null ? null : secondsTo(site.kit, site.pocket)
    return site.place.id === place.id && sort !== 'elsewhere' && seconds !== null
      ? [{ site, seconds }]
      : []
  })
  return timed.sort((a, b) => a.seconds - b.seconds)[0]?.site ?? null
}

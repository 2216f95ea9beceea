/**
 * The needs as they would be read by somebody who knows the field: whom each befalls, where, when, what
 * meets it and how much. After a change on purpose: npx vitest run --project core src/core/cover/needs -u
 */
import { describe, expect, it } from 'vitest'
import { roleName } from '../catalogue/roles'
import type { AtRisk, Need, Part, Way } from './need'
import { NEEDS } from './needs'

const risk = (atRisk: AtRisk): string =>
  Object.entries(atRisk)
    .map(([name, value]) => `${name} ${[value].flat().join(', ')}`)
    .join('; ') || 'everybody'
const part = ({ any, uses, perDay, perKgDay, stored, far }: Part): string =>
  [
    `${uses} × ${any.map((role) => roleName(role)).join(' or ')}`,
    perDay === undefined ? '' : `${perDay} more a day`,
    perKgDay === undefined ? '' : `${perKgDay} a kg and day`,
    stored ? 'stored' : '',
    far === undefined ? '' : `× ${far} far off`,
  ]
    .filter(Boolean)
    .join(', ')
const way = ({ name, parts, school, caution, lastResort }: Way): readonly string[] => [
  `  - ${name}${lastResort ? ' (last resort)' : ''}${school ? ` [${school[0]}: ${school[1].join(', ')}]` : ''}`,
  ...parts.map((one) => `      ${part(one)}`),
  ...(caution ? [`      ! ${caution}`] : []),
]
const told = (need: Need): readonly string[] => [
  `${need.name} (${need.id}): ${need.tier}, ${need.scope}${need.everybodyAtOnce ? ', everybody at once' : ''}`,
  `  whom: ${risk(need.atRisk)}`,
  `  where: ${need.where.join(', ') || 'anywhere'}${need.months ? `; months ${need.months.join('–')}` : ''}`,
  ...(need.call ? [`  call: ${need.call}`] : []),
  ...(need.schools.length > 0 ? [`  schools: ${need.schools.join(', ')}`] : []),
  ...need.ways.flatMap(way),
  `  source: ${need.source}`,
  '',
]

describe('the needs', () => {
  it('are as they were read last', async () => {
    await expect(NEEDS.flatMap(told).join('\n')).toMatchFileSnapshot('needs.txt')
  })
  it('each names its source, and what saves a life says whom to call or is met by hands alone', () => {
    for (const need of NEEDS) {
      expect([need.id, need.source.length > 10]).toEqual([need.id, true])
      for (const { parts, lastResort } of need.ways)
        expect([need.id, parts.length > 0 || lastResort === true]).toEqual([need.id, true])
    }
  })
  it('no two are called alike, and no part asks for nothing', () => {
    const ids = NEEDS.map(({ id }) => id)
    expect(new Set(ids).size).toBe(ids.length)
    for (const { id, ways } of NEEDS)
      for (const { parts } of ways)
        for (const { uses, perKgDay, perDay } of parts)
          expect([id, uses + (perKgDay ?? 0) + (perDay ?? 0) > 0]).toEqual([id, true])
  })
})

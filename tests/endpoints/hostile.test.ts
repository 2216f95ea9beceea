/** Thousands of hostile requests to every endpoint of the contract: refused in words, never a fault. */
import fc from 'fast-check'
import { beforeAll, describe, expect, it } from 'vitest'
import { z } from 'zod'
import { allEndpoints } from '../../src/contract'
import type { Endpoint } from '../../src/contract/endpoint'
import { application, newKey, send } from '../support/application'
import { hostile, type JsonSchema } from '../support/hostile'
import { cared, minded, stocked } from '../support/stocked'

const app = application()
const SEED = Number(process.env.SATCHEL_FUZZ_SEED ?? 20261126)
const EACH = 50
/** Some are wrong all over; of most, one part in many is. */
const RIGHTNESS = [4, 25, 100]
let ids: Readonly<Record<string, string>>

beforeAll(async () => {
  const stock = await stocked(app.world, app.keeper)
  ids = {
    ...(Object.fromEntries(Object.entries(stock)) as Record<string, string>),
    ...(await cared(app.world, app.keeper, stock)),
    ...(await minded(app.world, app.keeper, stock)),
  }
})

const jsonSchema = (schema: z.ZodType): JsonSchema =>
  z.toJSONSchema(schema, {
    io: 'input',
    target: 'draft-2020-12',
    unrepresentable: 'any',
  }) as JsonSchema

/** Answered by a stand-in that is away on purpose, in words. */
const AWAY = new Set(['shop_silent', 'bulletins_silent'])

interface Tried {
  readonly what: string
  readonly status: number
  readonly milliseconds: number
}
const tried: Tried[] = []

async function attack([name, endpoint]: readonly [string, Endpoint]): Promise<string[]> {
  const uuids = Object.values(ids).filter((id) => /^[0-9a-f-]{36}$/.test(id))
  const requests = fc.sample(
    fc.record({
      body: fc.oneof(...RIGHTNESS.map((most) => hostile(jsonSchema(endpoint.body), uuids, most))),
      query: hostile(jsonSchema(endpoint.query), uuids, 8),
      params: fc.record(
        Object.fromEntries(
          Object.keys(endpoint.params.shape).map((param) => [
            param,
            fc.oneof(
              { weight: 6, arbitrary: fc.constant(ids[param] ?? uuids[0] ?? 'x') },
              { weight: 1, arbitrary: fc.constantFrom(...uuids) },
              { weight: 1, arbitrary: fc.constantFrom('x', '%00', '\ud83d\ude00', '-1') },
            ),
          ]),
        ),
      ),
    }),
    { numRuns: EACH, seed: SEED },
  )
  const faults: string[] = []
  for (const { body, query, params } of requests) {
    const path = endpoint.path.replace(/\{(\w+)\}/g, (_, param: string) =>
      encodeURIComponent(String((params as Record<string, unknown>)[param])),
    )
    const search = new URLSearchParams(
      Object.entries((query ?? {}) as object).map(([key, value]) => [
        key,
        (typeof value === 'string' ? value : (JSON.stringify(value) ?? '')).toWellFormed(),
      ]),
    )
    const began = performance.now()
    const answer = await send(endpoint.method, `${path}?${search}`, {
      caller: app.keeper,
      body,
      key: endpoint.door === 'household' ? newKey() : null,
    })
    const milliseconds = performance.now() - began
    const type = answer.headers.get('content-type') ?? ''
    const said = await answer.json().catch(() => null)
    tried.push({ what: name, status: answer.status, milliseconds })
    const isRight =
      (answer.ok && type.startsWith('application/json')) ||
      (type === 'application/problem+json' &&
        said?.status === answer.status &&
        said.detail.length > 10 &&
        (answer.status < 500 || AWAY.has(said.code)))
    if (!isRight)
      faults.push(
        `${name} ${answer.status} ${type} ${said?.code} ${JSON.stringify(body)?.slice(0, 400)}`,
      )
  }
  return faults
}

describe('hostile requests', () => {
  it(`to every endpoint are refused in words (seed ${SEED})`, async () => {
    const faults: string[] = []
    for (const entry of allEndpoints) faults.push(...(await attack(entry)))
    expect(faults.slice(0, 20)).toEqual([])
    expect(tried.length).toBeGreaterThan(5000)
    // Some of it is nearly right, so that what lies behind the checks is reached too.
    expect(tried.filter(({ status }) => status === 200).length).toBeGreaterThan(300)
  })
  it('take no longer than others do by far', () => {
    const times = tried.map(({ milliseconds }) => milliseconds).sort((a, b) => a - b)
    const median = times[Math.floor(times.length / 2)] ?? 0
    const slowest = tried.reduce((a, b) => (b.milliseconds > a.milliseconds ? b : a))
    // Five seconds on a machine on which the middle one takes five milliseconds.
    expect([slowest.what, slowest.milliseconds < Math.max(5000, 1000 * median)]).toEqual([
      slowest.what,
      true,
    ])
  })
  it('leave a household that every screen can still read', async () => {
    for (const [name, endpoint] of allEndpoints) {
      if (endpoint.method !== 'GET' || endpoint.door !== 'household') continue
      const path = endpoint.path.replace(/\{(\w+)\}/g, (_, param: string) => ids[param] ?? 'x')
      const answer = await send('GET', path, { caller: app.keeper })
      expect([name, answer.status < 500 || AWAY.has((await answer.json()).code)]).toEqual([
        name,
        true,
      ])
    }
  })
})

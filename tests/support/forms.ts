/** What a form comes to: read by hand-written drafts, and held against the contract it is sent by. */
import { expect } from 'vitest'
import { againstContract, type Faults, type FormReading } from '../../src/ui/formReading'

/** Of whichever endpoint: comparing each with every other would keep the compiler busy for minutes. */
// biome-ignore lint/suspicious/noExplicitAny: see above
type AnyReading<V> = FormReading<V, any>

/** What is asked of which address; it is an act, and the contract takes it. */
export function sent<V>(reading: AnyReading<V>) {
  if (reading.kind !== 'act') throw new Error(`nothing is sent: ${JSON.stringify(reading)}`)
  const { endpoint, asked } = reading.act
  expect(againstContract(reading.act)).toEqual([])
  expect(endpoint.params.safeParse(asked.params ?? {}).success).toBe(true)
  return {
    to: `${endpoint.method} ${endpoint.path}`,
    params: asked.params ?? {},
    body: asked.body as Record<string, unknown>,
  }
}

/** Which fields have a fault, with what is said; nothing is sent. */
export function faulty<V>(reading: AnyReading<V>): Faults<V> {
  if (reading.kind !== 'faults') throw new Error(`no fault is found: ${JSON.stringify(reading)}`)
  return Object.fromEntries(
    Object.entries(reading.faults).filter(([, fault]) => fault !== undefined),
  ) as Faults<V>
}

export const AN_ID = (digit: number): string =>
  `${String(digit).repeat(8)}-1111-4111-8111-111111111111`

/**
 * Bodies as nobody should send them, made from the contract's own JSON Schemas: nearly right, with
 * something wrong, absurd or cunning in one place or in many.
 */
import fc, { type Arbitrary } from 'fast-check'

export interface JsonSchema {
  readonly type?: string | readonly string[]
  readonly format?: string
  readonly pattern?: string
  readonly enum?: readonly unknown[]
  readonly const?: unknown
  readonly anyOf?: readonly JsonSchema[]
  readonly oneOf?: readonly JsonSchema[]
  readonly allOf?: readonly JsonSchema[]
  readonly properties?: Readonly<Record<string, JsonSchema>>
  readonly required?: readonly string[]
  readonly items?: JsonSchema
  readonly additionalProperties?: JsonSchema | boolean
  readonly minimum?: number
  readonly maximum?: number
  readonly maxLength?: number
}

const NUL = '\u0000'
const HALF = '\ud83d'

/** Texts that have broken things somewhere. */
const CUNNING: readonly string[] = [
  '',
  ' ',
  NUL,
  `a${NUL}b`,
  HALF,
  `\udc00${HALF}`,
  'a\nb',
  '\u202Eabc',
  '__proto__',
  'constructor',
  `'; drop table lot; --`,
  '<script>alert(1)</script>',
  '{{7*7}}',
  '%00',
  '../../etc/passwd',
  '=1+1',
  'ﷺ'.repeat(50),
  'e\u0301'.repeat(80),
  'x'.repeat(5000),
  '0001-01-01',
  '9999-12-31',
  '2026-02-30',
  '-1',
  '1e309',
  'NaN',
  'null',
]
const ABSURD: readonly unknown[] = [
  null,
  true,
  0,
  -0,
  -1,
  0.1,
  1e-320,
  1e21,
  Number.MAX_SAFE_INTEGER,
  Number.MAX_SAFE_INTEGER + 2,
  -1e308,
  [],
  {},
  [[[[[[[[]]]]]]]],
  { __proto__: null, constructor: { prototype: {} } },
  Array.from({ length: 300 }, () => 0),
  ...CUNNING,
]
const absurd: Arbitrary<unknown> = fc.constantFrom(...ABSURD)

/**
 * @param ids of records that are there: what is nearly right names them
 * @param rightness so many parts fit for one that is absurd
 */
export const hostile = (
  schema: JsonSchema,
  ids: readonly string[],
  rightness: number,
): Arbitrary<unknown> =>
  fc.oneof(
    { weight: rightness, arbitrary: fits(schema, ids, rightness) },
    { weight: 1, arbitrary: absurd },
  )

function fits(schema: JsonSchema, ids: readonly string[], rightness: number): Arbitrary<unknown> {
  if (schema.const !== undefined) return fc.constant(schema.const)
  if (schema.enum) return fc.constantFrom(...schema.enum)
  const choices = schema.anyOf ?? schema.oneOf
  if (choices && choices.length > 0)
    return fc.oneof(...choices.map((choice) => hostile(choice, ids, rightness)))
  if (schema.allOf?.[0]) return hostile(schema.allOf[0], ids, rightness)
  const type = typeof schema.type === 'string' ? schema.type : schema.type?.[0]
  switch (type) {
    case 'object':
      return object(schema, ids, rightness)
    case 'array':
      return fc.array(hostile(schema.items ?? {}, ids, rightness), { maxLength: 4 })
    case 'string':
      return text(schema, ids)
    case 'integer':
    case 'number':
      return number(schema)
    case 'boolean':
      return fc.boolean()
    case 'null':
      return fc.constant(null)
    default:
      return absurd
  }
}

function object(schema: JsonSchema, ids: readonly string[], rightness: number): Arbitrary<unknown> {
  const { properties = {}, required = [], additionalProperties } = schema
  const fields = Object.fromEntries(
    Object.entries(properties).map(([name, part]) => [name, hostile(part, ids, rightness)]),
  )
  const made = fc.record(fields, { requiredKeys: required.filter((name) => name in fields) })
  if (typeof additionalProperties !== 'object') return made
  const more = fc.dictionary(
    fc.constantFrom('a', '__proto__', NUL, ...ids.slice(0, 3)),
    hostile(additionalProperties, ids, rightness),
    { maxKeys: 3 },
  )
  return fc.tuple(made, more).map(([own, others]) => ({ ...own, ...others }))
}

function text({ format, maxLength }: JsonSchema, ids: readonly string[]): Arbitrary<string> {
  if (format === 'uuid') return fc.constantFrom(...ids, '00000000-0000-4000-8000-000000000000')
  return fc.oneof(
    {
      weight: 3,
      arbitrary: fc.string({ unit: 'grapheme', maxLength: Math.min(maxLength ?? 40, 150) }),
    },
    { weight: 3, arbitrary: fc.constantFrom('Plasters', '2026-11-26', '2027-03', 'home', 'EUR') },
    { weight: 2, arbitrary: fc.constantFrom(...CUNNING) },
    { weight: 1, arbitrary: fc.string({ unit: 'binary', maxLength: 20 }) },
  )
}

function number({ minimum, maximum }: JsonSchema): Arbitrary<number> {
  const least = Math.max(minimum ?? -1000, Number.MIN_SAFE_INTEGER)
  const most = Math.min(maximum ?? 1_000_000, Number.MAX_SAFE_INTEGER)
  return fc.oneof(
    {
      weight: 3,
      arbitrary: fc.integer({
        min: Math.ceil(least),
        max: Math.min(Math.floor(most), 2 ** 31 - 1),
      }),
    },
    { weight: 2, arbitrary: fc.constantFrom(least, most, 1, 2) },
  )
}

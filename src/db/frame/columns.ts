/**
 * The columns of what is changed: a field `packSize` stands in `pack_size`, and what has parts of its
 * own is kept as JSON. The record keeps columns by these names for good, so they are made in one place.
 */
type Column<Name extends string> = Name extends `${infer First}${infer Rest}`
  ? First extends Lowercase<First>
    ? `${First}${Column<Rest>}`
    : `_${Lowercase<First>}${Column<Rest>}`
  : Name
/** What has parts is written as text. */
type Written<T> = T extends string | number | boolean | null ? T : string

export type ColumnsOf<P> = {
  readonly [Name in keyof P & string as Column<Name>]?: Written<Exclude<P[Name], undefined>>
}

const columnOf = (name: string): string =>
  name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`)

/**
 * What a patch writes into which columns; what it does not say is left out.
 * @example columnsOf({ packSize: 10_000, note: undefined }) // { pack_size: 10000 }
 */
export function columnsOf<P extends object>(patch: P): ColumnsOf<P> {
  return Object.fromEntries(
    Object.entries(patch)
      .filter(([, value]) => value !== undefined)
      .map(([name, value]) => [
        columnOf(name),
        typeof value === 'object' && value !== null ? JSON.stringify(value) : value,
      ]),
  ) as ColumnsOf<P>
}

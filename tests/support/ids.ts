/** Ids that read well in failures and sort as they are counted. */
const numbered = (group: number, n: number): string =>
  `00000000-0000-4000-8${String(group).padStart(3, '0')}-${String(n).padStart(12, '0')}`

export const idOf = <Id extends string>(group: number, n: number): Id => numbered(group, n) as Id

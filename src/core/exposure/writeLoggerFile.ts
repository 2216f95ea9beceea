/** Readings as a file that any program reads, and that reads back as what it was. */
import type { Series } from './readings'

/** "time_utc,celsius", then a line each: 2026-07-09T10:00:00Z,21.5 */
export const writeLoggerFile = ({ minutes, hundredths }: Series): string =>
  [
    'time_utc,celsius',
    ...minutes.map(
      (at, n) =>
        `${new Date(at * 60_000).toISOString().slice(0, 19)}Z,${((hundredths[n] ?? 0) / 100).toString()}`,
    ),
    '',
  ].join('\n')

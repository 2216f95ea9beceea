/** Files of loggers as people have them. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { localReader, zoneOffset } from '../calendar/zoneOffset'
import { type LoggerOptions, readLoggerFile } from './loggerFile'
import { MOST_READINGS, minute, minuteAt } from './readings'
import { writeLoggerFile } from './writeLoggerFile'

const utc = (text: string): number => minuteAt(Date.parse(`${text}Z`))
const OPTIONS: LoggerOptions = {
  unit: null,
  order: 'day-first',
  zone: 'Europe/Oslo',
  now: minute(utc('2026-11-28T12:00')),
  shiftMinutes: 0,
}
const read = (text: string, more: Partial<LoggerOptions> = {}) => {
  const reading = readLoggerFile(text, { ...OPTIONS, ...more })
  if (reading.kind === 'refused') throw new Error(reading.code)
  return reading
}
const told = (text: string, more: Partial<LoggerOptions> = {}) => {
  const { series } = read(text, more)
  return series.minutes.map((at, n) => [
    new Date(at * 60_000).toISOString().slice(0, 16),
    (series.hundredths[n] ?? 0) / 100,
  ])
}

const JULY = [
  ['2026-07-09T10:00', 21.5],
  ['2026-07-09T10:10', 22],
  ['2026-07-09T10:20', 22.25],
]

describe('a file of readings', () => {
  it.each([
    [
      'with a zone',
      'Time,Temperature (°C)\n2026-07-09T10:00:00Z,21.5\n2026-07-09T12:10:00+02:00,22\n2026-07-09T10:20:59.500Z,22.25\n',
    ],
    [
      'local, day first, semicolons, decimal commas, words above',
      'Logger 17;Garage\nSerial;0042\n\nDatum;Temp. °C;RH %\n09.07.2026 12:00;21,5;40\n09.07.2026 12:10;22,0;41\n09.07.2026 12:20;22,25;42\n',
    ],
    [
      'month first, because one line can be nothing else; Fahrenheit',
      'No,Date,Time,T (°F)\n1,7/9/2026,12:00:00 PM,70.7\n2,7/9/2026,12:10:00 PM,71.6\n3,7/9/2026,12:20:00 PM,72.05\n4,7/13/2026,1:00 AM,ERR\n',
    ],
    [
      'without headings, with units in the cells',
      '2026-07-09 12:00,21.5 °C\n2026-07-09 12:10,22C\n2026-07-09 12:20,72.05 F\n',
    ],
    [
      'in kelvin, tabs',
      'time\tT (K)\n2026-07-09 12:00\t294.65\n2026-07-09 12:10\t295.15\n2026-07-09 12:20\t295.4\n',
    ],
    ['in seconds since 1970', 'epoch,temp\n1783591200,21.5\n1783591800,22\n1783592400,22.25\n'],
    [
      'the newest first',
      'time;temp\n2026-07-09 12:20;22.25\n2026-07-09 12:10;22\n2026-07-09 12:00;21.5\n',
    ],
    [
      'quoted, doubled, with an empty line between',
      '"time","temp"\n"2026-07-09 12:00","21.5"\n"2026-07-09 12:00","21.5"\n\n"2026-07-09 12:10","22"\n"2026-07-09 12:20","22.25"\n',
    ],
  ])('%s', (_, text) => {
    expect(told(text, { now: minute(utc('2026-08-01T00:00')) })).toEqual(JULY)
  })

  it('takes the temperature, not what stands beside it', () => {
    const text =
      'Index,Battery %,Time,Humidity,Dew point °C,Temperature °C\n1,90,2026-07-09 12:00,44,9,21.5\n2,90,2026-07-09 12:10,44,9,22\n3,90,2026-07-09 12:20,44,9,22.25\n'
    expect(told(text)).toEqual(JULY)
    expect(read(text).report.columns).toEqual({ time: 'Time', temperature: 'Temperature °C' })
  })
  it('without a word about the unit it is what the values can be, and that is said', () => {
    const text = 'time,temp\n2026-07-09 12:00,70.7\n2026-07-09 12:10,71.6\n'
    expect(read(text).report).toMatchObject({ unit: 'F', isUnitGuessed: true })
    expect(told(text)).toEqual(JULY.slice(0, 2))
    expect(read(text, { unit: 'C' }).report).toMatchObject({ unit: 'C', isUnitGuessed: false })
  })
  it('an hour that comes twice in October is read in its order', () => {
    const hour = ['02:00', '02:30', '02:00', '02:30', '03:00']
    const lines = hour.map((at, n) => `2026-10-25 ${at},${10 + n}`)
    const expected = [
      ['2026-10-25T00:00', 10],
      ['2026-10-25T00:30', 11],
      ['2026-10-25T01:00', 12],
      ['2026-10-25T01:30', 13],
      ['2026-10-25T02:00', 14],
    ]
    expect(told(['time,temp', ...lines].join('\n'))).toEqual(expected)
    expect(told(['time,temp', ...lines.reverse()].join('\n'))).toEqual(expected)
  })
  it('a logger that never changed its clock in March goes on', () => {
    const lines = ['01:30', '02:30', '03:30'].map((at, n) => `2026-03-29 ${at},${n}`)
    const { series, report } = read(['time,temp', ...lines].join('\n'))
    expect(series.minutes.map((at) => at - utc('2026-03-29T00:30'))).toEqual([0, 60])
    // 02:30 did not exist: it is the same minute as 03:30, with another value.
    expect(report.differing).toBe(1)
  })
})

describe('a file that we write', () => {
  it('reads back as what it was', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.integer({ min: 1, max: 500 }), fc.integer({ min: -6000, max: 9000 })),
          {
            minLength: 2,
            maxLength: 60,
          },
        ),
        (steps) => {
          let at = utc('2026-01-01T00:00')
          const series = {
            minutes: steps.map(([step]) => (at += step)),
            hundredths: steps.map(([, value]) => value),
          }
          const back = read(writeLoggerFile(series))
          expect(back.series).toEqual(series)
          expect(back.report).toMatchObject({ refusedCount: 0, unit: 'C', isUnitGuessed: false })
        },
      ),
      { numRuns: 200 },
    )
  })
})

describe('what a file cannot mean', () => {
  it('is left out with its line and why, and the rest is read', () => {
    const { report, series } = read(
      [
        'time,temp °C',
        '2026-07-09 12:00,21.5',
        '2026-07-09 12:10,-273',
        '2026-07-09 12:20,3000',
        '2026-07-09 12:30,n/a',
        'battery low,',
        '2026-02-30 12:00,20',
        '2099-01-01 00:00,20',
        '2026-07-09 12:40,22',
      ].join('\n'),
    )
    expect(report.refused).toEqual([
      { line: 3, fault: 'impossible' },
      { line: 4, fault: 'impossible' },
      { line: 5, fault: 'no_temperature' },
      { line: 6, fault: 'no_time' },
      { line: 7, fault: 'no_time' },
      { line: 8, fault: 'future' },
    ])
    expect([report.refusedCount, series.minutes.length]).toEqual([6, 2])
  })
  it('reversed, doubled and contradicting lines are counted', () => {
    const { report, series } = read(
      'time,temp °C\n2026-07-09 12:00,21\n2026-07-09 12:20,22\n2026-07-09 12:10,23\n2026-07-09 12:20,22\n2026-07-09 12:20,40\n2026-07-09 12:30,21\n',
    )
    expect(report).toMatchObject({ reversed: 1, repeated: 1, differing: 1 })
    expect(series.hundredths).toEqual([2100, 2300, 2200, 2100])
  })
  it('gaps and a stuck sensor are reported', () => {
    const hours = Array.from(
      { length: 72 },
      (_, n) => `${new Date(Date.UTC(2026, 6, 1, n)).toISOString()},${n > 10 ? 21 : n}`,
    ).filter((_, n) => n < 2 || n > 6)
    const { report } = read(['time,temp °C', ...hours].join('\n'))
    expect(report.gaps).toHaveLength(1)
    expect(report.stuck).toHaveLength(1)
  })
  it('a clock that was wrong is set right for all', () => {
    const text =
      'time,temp °C\n2026-07-09 10:00,21.5\n2026-07-09 10:10,22\n2026-07-09 10:20,22.25\n'
    expect(told(text, { shiftMinutes: 120 })).toEqual(JULY)
  })
  it.each([
    ['', 'empty'],
    ['\n\n \n', 'empty'],
    ['only words\nand more words\n', 'no_time'],
    ['time,note\n2026-07-09 12:00,warm\n2026-07-09 12:10,cold\n', 'no_temperature'],
    ['21.5\n22\n23\n', 'no_time'],
  ] as const)('%j is refused: %s', (text, code) => {
    expect(readLoggerFile(text, OPTIONS)).toEqual({ kind: 'refused', code })
  })
  it('more than can be kept is refused', () => {
    const lines = Array.from(
      { length: MOST_READINGS + 1 },
      (_, n) => `${1_600_000_000 + n * 60},21`,
    )
    expect(readLoggerFile(lines.join('\n'), OPTIONS)).toEqual({ kind: 'refused', code: 'too_many' })
  })
})

describe('a time zone', () => {
  it.each([
    ['Europe/Oslo', '2026-07-01T00:00', 120],
    ['Europe/Oslo', '2026-12-01T00:00', 60],
    ['Europe/Oslo', '2026-03-29T00:59', 60],
    ['Europe/Oslo', '2026-03-29T01:00', 120],
    ['Asia/Kolkata', '2026-03-29T01:00', 330],
    ['UTC', '2026-03-29T01:00', 0],
  ])('%s at %s is %d minutes from UTC', (zone, at, offset) => {
    expect(zoneOffset(zone)(utc(at))).toBe(offset)
  })
  it('reads back every local minute of a year that exists once', () => {
    for (const zone of ['Europe/Oslo', 'America/New_York', 'Australia/Lord_Howe']) {
      const offset = zoneOffset(zone)
      const reader = localReader(zone)
      for (let at = utc('2026-01-01T00:00'); at < utc('2027-01-01T00:00'); at += 437) {
        const local = at + offset(at)
        expect(reader(local, at - 1)).toBe(at)
      }
    }
  })
})

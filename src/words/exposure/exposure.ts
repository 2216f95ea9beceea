/** English for heat and frost: verdicts, what is to come, loggers and their files. */
import { assertNever } from '../../core/brand'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { LoggerFileRefusal, RowFault, Unit } from '../../core/exposure/loggerFile'
import { degrees, harmText, lasting } from '../../core/exposure/reason'
import type { Harm, Told, Verdict } from '../../core/exposure/verdict'
import { capital, fullDay, list, numberWord, shortDay } from '../frame/format'

const things = (count: number): string =>
  count === 1 ? 'one thing' : `${numberWord(count)} things`
const days = (count: number): string => (count === 1 ? 'one day' : `${count} days`)

const UNKNOWN: Readonly<Record<Extract<Verdict, { kind: 'unknown' }>['because'], string>> = {
  class: 'Nobody has said how it is to be kept: look at its label.',
  heat: 'It was above 30 °C, and its label names no highest temperature. Ask before you rely on it.',
  unmeasured: 'Less than half of the time was measured: nobody knows.',
}

/** What a thing met, in a sentence; nothing where there is nothing to tell. */
export function verdictText(verdict: Verdict, told: readonly Told[] = []): string {
  switch (verdict.kind) {
    case 'beyond':
      return `${capital(list(verdict.harms.map(harmText)))}. Not to be used before somebody who knows has answered.`
    case 'excursion':
      return told.some(({ code }) => code === 'above_typed')
        ? 'It was warmer than it should be, and nobody knows for how long. Ask before you rely on it.'
        : 'It was warmer than it should be, but not for longer than its class allows.'
    case 'within':
      return 'Within what it is made for.'
    case 'unknown':
      return UNKNOWN[verdict.because]
    default:
      return assertNever(verdict)
  }
}

/** "froze at −6 °C and was above 30 °C for 52 hours", after "It" */
export const harmsSaid = (harms: readonly Harm[]): string => list(harms.map(harmSaid))

function harmSaid(harm: Harm): string {
  switch (harm.code) {
    case 'too_hot':
      return `met ${degrees(harm.hundredths)}`
    case 'too_long':
      return `was above ${degrees(harm.above)} for ${lasting(harm.minutes)}`
    case 'mean':
      return `had a mean kinetic temperature of ${degrees(harm.hundredths)}`
    case 'froze':
      return `froze at ${degrees(harm.hundredths)}`
    case 'may_have_frozen':
      return `may have frozen in ${lasting(harm.minutes)} at 0 °C or below`
    case 'frost_typed':
      return `may have frozen, because ${degrees(harm.hundredths)} was read`
    default:
      return assertNever(harm)
  }
}

export function toldText(told: Told): string {
  switch (told.code) {
    case 'above':
      return `${lasting(told.minutes)} above ${degrees(told.above)}`
    case 'above_typed':
      return `${degrees(told.hundredths)} was read, and nobody knows for how long`
    case 'below':
      return `below ${degrees(told.below)}, down to ${degrees(told.hundredths)}`
    default:
      return assertNever(told)
  }
}

const VERDICTS: Readonly<Record<Verdict['kind'], string>> = {
  beyond: 'beyond',
  excursion: 'an excursion',
  within: 'within',
  unknown: 'not known',
}

const ROW_FAULTS: Readonly<Record<RowFault, string>> = {
  no_time: 'no time that can be read',
  no_temperature: 'no temperature',
  impossible: 'colder or hotter than a household can be',
  future: 'a time that has not come yet',
}

const FILE_REFUSALS: Readonly<Record<LoggerFileRefusal, string>> = {
  empty: 'The file is empty.',
  no_time: 'No column with a day and a time of day was found. Save the file as CSV with both.',
  no_temperature: 'No column with temperatures was found.',
  too_many: 'There are more than 200,000 readings in it. Save the file a year at a time.',
}

const UNIT_NAMES: Readonly<Record<Unit, string>> = { C: '°C', F: '°F', K: 'kelvin' }

export const exposure = {
  title: 'Heat and frost',
  degrees,
  lasting,
  verdict: VERDICTS,
  harmed: (count: number): string =>
    `${capital(things(count))} met more heat or frost than ${count === 1 ? 'it is' : 'they are'} made for`,
  headline: (place: string, hot: number, frost: number): string =>
    hot > 0 && frost > 0
      ? `${place} was above 30 °C on ${days(hot)} of this year, and had frost on ${days(frost)}`
      : hot > 0
        ? `${place} was above 30 °C on ${days(hot)} of this year`
        : frost > 0
          ? `${place} had frost on ${days(frost)} of this year`
          : `${place} met neither frost nor more than 30 °C this year`,
  headlineModel: (place: string, hot: number, frost: number): string => {
    const what = [
      ...(hot > 0 ? [`above 30 °C on ${days(hot)}`] : []),
      ...(frost > 0 ? [`frost on ${days(frost)}`] : []),
    ]
    return `${place}, by the model: ${what.length === 0 ? 'neither frost nor more than 30 °C' : list(what)} in a year`
  },
  headlineNothing: (place: string): string => `Nobody has said how warm ${place} gets`,
  nothing: 'Add a place first: heat and frost are followed place by place.',
  under:
    'Heat never makes a date longer. What went beyond its range is set aside until somebody who knows has answered.',
  place: 'Place',
  spot: 'Measured where',
  year: {
    title: 'A year at one look',
    about: (isMeasured: boolean, hasModel: boolean): string =>
      isMeasured && hasModel
        ? 'A day from left to right, its hours from top to bottom. What nobody measured is by the model, drawn pale.'
        : isMeasured
          ? 'A day from left to right, its hours from top to bottom. What nobody measured stays blank.'
          : 'A day from left to right, its hours from top to bottom. All of it is by the model: rough, and no reason to throw anything away.',
    none: 'Nothing was measured here, and nobody has said how cold and how hot it gets. Import the file of a logger, or say it below.',
    month: 'Month',
    hottest: 'Hottest',
    coldest: 'Coldest',
    hotDays: 'Days above 30 °C',
    frostDays: 'Days with frost',
    measured: 'Measured',
    table: 'The same as a table',
    daysUnder:
      'The shaded band is 15 to 30 °C. Dashed lines are visits. What nobody measured is by the model, drawn pale.',
    hour: (day: PlainDate, hour: number): string => `${fullDay(day)}, ${hour}:00`,
    modelled: 'by the model',
    typed: 'between a lowest and a highest that were typed',
    nobody: 'not measured',
  },
  visit: 'visit',
  week: {
    title: 'One week',
    choose: 'Week',
    from: (day: PlainDate): string => `Week from ${fullDay(day)}`,
    band: 'The shaded band is 15 to 30 °C, within which most things may be for a while.',
  },
  lots: {
    title: 'What it did to the things',
    none: 'Nothing lies where anything was measured.',
    at: (pocket: string, kit: string): string => `${pocket}, ${kit}`,
    state: (kind: Verdict['kind'], isHeld: boolean): string =>
      kind === 'beyond' && isHeld ? 'on hold' : VERDICTS[kind],
    mean: (of: number, share: number): string =>
      `mean kinetic temperature ${of.toFixed(1)} °C${share < 0.95 ? `, measured ${Math.round(share * 100)} % of the time` : ''}`,
    range: (low: number, high: number): string => `${degrees(low)} to ${degrees(high)}`,
    say: 'What to say',
    /** @param what it did, after "It"; mean in °C, null where too little was measured */
    saying: (title: string, storage: string, what: string, mean: number | null): string =>
      `I have ${title}. To be kept: ${storage}. It ${what}.${mean === null ? '' : ` Its mean kinetic temperature is ${mean.toFixed(1)} °C.`} May it still be used?`,
    ask: 'Ask the pharmacist, for an animal the vet, or the maker. Note who answered when you take it off hold.',
    open: 'Open it in its kit',
    rest: (within: number, unknown: number): string =>
      [
        ...(unknown > 0 ? [`${capital(things(unknown))} not known`] : []),
        ...(within > 0 ? [`${unknown > 0 ? things(within) : capital(things(within))} within`] : []),
      ].join(', '),
    others: 'At the other places',
  },
  answer: {
    title: 'What was answered',
    under:
      'Only if somebody who knows said that it may be used: a pharmacist, a vet, the maker. An answer may shorten a date and never makes it longer. If it may not, throw it away.',
    who: 'Who answered, and what',
    until: 'Use it until (empty: as printed)',
    press: 'It may be used',
    noted: (who: string, on: PlainDate): string => `After heat or frost, ${fullDay(on)}: ${who}`,
    saved: (title: string): string => `${title} may be used again`,
    past: 'That day is past. If it may not be used any more, throw it away.',
    longer: 'That is later than its date. Heat never makes a date longer.',
  },
  way: {
    title: 'Where it was',
    open: 'Its heat and frost',
    print: 'Print this sheet',
    json: 'Save as JSON',
    days: 'Lowest and highest of each day',
    under:
      'The shaded band is what it may be in. What nobody measured is by the model, drawn pale, and never counts.',
    outside: (days: number): string =>
      days === 0
        ? 'No measured day outside its band'
        : `${days} measured ${days === 1 ? 'day' : 'days'} outside its band`,
    to: (where: string): string => `to ${where}`,
    span: (from: PlainDate, to: PlainDate | null): string =>
      to === null ? `since ${fullDay(from)}` : `${fullDay(from)} to ${fullDay(to)}`,
    figures: 'What it met',
    expiry: 'Good until',
    batch: 'Batch',
    since: 'Counted since',
    range: 'Coldest and hottest',
    above: (of: number): string => `Above ${degrees(of)}`,
    frost: 'At 0 °C or below',
    frosts: (times: number, minutes: number): string =>
      `${times === 1 ? 'once' : `${times} times`}, ${lasting(minutes)} in all`,
    none: 'never while it was measured',
    told: 'To know',
    mean: 'Mean kinetic temperature',
    meanOf: (celsius: number): string => `${celsius.toFixed(1)} °C`,
    tooLittle: 'too little was measured',
    share: 'Measured of the time',
    loggers: 'Measured by',
  },
  ahead: {
    title: 'What is coming, by the model',
    frost: (place: string, on: PlainDate, today: PlainDate, low: number): string =>
      `${place}: frost from ${on === today ? 'today' : shortDay(on, today)}, about ${degrees(low)}`,
    heat: (place: string, on: PlainDate, today: PlainDate, high: number): string =>
      `${place}: above 30 °C from ${on === today ? 'today' : shortDay(on, today)}, about ${degrees(high)}`,
    move: (things: readonly string[]): string => `Move out of harm’s way: ${list(things)}.`,
    where: 'Where it is warm and dry',
    choose: 'Choose a pocket',
    press: (count: number): string =>
      count === 1
        ? 'Move it there'
        : `Move ${count === 2 ? 'both' : `all ${numberWord(count)}`} there`,
    moved: (count: number, pocket: string): string =>
      `${capital(things(count))} moved to ${pocket}`,
    noShelter: 'Say of a place that it is heated, and they can be moved there with one press.',
    none: 'Nothing that comes within two months is known to harm the things here.',
    others: (count: number): string =>
      count === 1
        ? 'One more at another place'
        : `${capital(numberWord(count))} more at other places`,
    noYear: 'Say how cold and how hot it gets at a place to see what is coming.',
  },
  box: {
    title: 'What a cool box would change, by the model',
    hot: (now: number, boxed: number): string =>
      `Above 30 °C on ${days(boxed)} of a year instead of ${days(now)}.`,
    frost: (now: number, boxed: number): string =>
      `Frost on ${days(boxed)} instead of ${days(now)}.`,
    little: 'Little: it keeps out short peaks, and neither a cold winter nor a hot summer.',
  },
  model: {
    title: (place: string): string => `How cold and how hot it gets at ${place}`,
    under:
      'The usual mean of a month outdoors, in whole °C. Asked once; anything measured counts before it.',
    coldestMonth: 'Coldest month',
    coldest: 'Its mean in °C',
    hottestMonth: 'Hottest month',
    hottest: 'Its mean in °C',
    save: 'Save the year',
    saved: (place: string): string => `The year of ${place} noted`,
    noClimate: (place: string): string =>
      `Say under Household whether ${place} is heated, unheated or a closed car: without it nothing is reckoned.`,
    wrong: 'Give whole degrees from −60 to 60.',
    order: 'The hottest month is warmer than the coldest, and another month.',
  },
  logs: {
    title: 'Readings',
    bring: 'Import a logger’s file',
    bringUnder: 'CSV as loggers save it: any headings, order and unit.',
    type: 'Note a lowest and a highest',
    fetch: 'Fetch from the simulated loggers',
    fetchUnder:
      'Made up: they measure nothing. They show how radio loggers would tell; one of the two drifts.',
    battery: (name: string, share: number): string =>
      share <= 0
        ? `${name}: its battery is empty, and it tells nothing. Put in another.`
        : share < 0.15
          ? `${name}: battery at ${Math.round(share * 100)} %. Change it soon.`
          : `${name}: battery at ${Math.round(share * 100)} %.`,
    fetched: (added: number, held: number): string =>
      added === 0
        ? 'The simulated loggers have told nothing new'
        : `${added} simulated readings fetched${held > 0 ? `; ${things(held)} put on hold` : ''}`,
    none: 'No readings yet.',
    line: (name: string, where: string, readings: number): string =>
      `${name}, ${where}: ${readings} readings`,
    typed: (where: string): string => `Typed, ${where}`,
    simulated: 'simulated',
    span: (from: string, to: string): string => `${from} to ${to}`,
    takeAway: 'Remove',
    remove: (name: string): string => `Remove ${name}`,
    removed: (name: string): string => `${name} removed. What it put on hold stays on hold`,
    apart: (of: string): string =>
      `Two loggers here were 2 K apart or more for ${of}. Until somebody says which is wrong, the harsher one counts. Remove the wrong one.`,
    save: 'Save as CSV',
    saveLong: (name: string): string => `Save as CSV: ${name}`,
  },
  file: {
    title: 'A logger’s file',
    choose: 'Choose the file',
    name: 'Name of the logger',
    usualName: 'Logger',
    where: 'Where it is',
    unit: 'Unit',
    unitAsFile: (unit: Unit, isGuessed: boolean): string =>
      `${UNIT_NAMES[unit]}, ${isGuessed ? 'a guess' : 'from the file'}`,
    guessed: (unit: Unit): string =>
      `The file names no unit. It was read as ${UNIT_NAMES[unit]}, by its values: check it.`,
    unitName: (unit: Unit): string => UNIT_NAMES[unit],
    shift: 'Hours the logger’s clock was slow',
    shiftUnder: 'Leave it at 0 if it was right. Use a minus if it was fast.',
    reading: 'Reading the file …',
    refused: (code: LoggerFileRefusal): string => FILE_REFUSALS[code],
    notText: 'This is not a text file. Save it as CSV.',
    found: (readings: number, from: string, to: string): string =>
      `${readings} readings, ${from} to ${to}`,
    range: (low: string, high: string): string => `From ${low} to ${high}`,
    columns: (time: string, temperature: string): string =>
      time === '' && temperature === ''
        ? ''
        : `Time from “${time}”, temperature from “${temperature}”`,
    left: (count: number): string =>
      count === 1 ? 'One line was left out' : `${count} lines were left out`,
    line: (line: number, fault: RowFault): string => `Line ${line}: ${ROW_FAULTS[fault]}`,
    repeated: (count: number): string => `${count} doubled lines count once`,
    differing: (count: number): string =>
      `${count} times the same minute has two values; the first counts`,
    reversed: (count: number): string => `${count} lines were out of order and were put in order`,
    gaps: (count: number): string =>
      count === 1
        ? 'One gap, in which nothing is known'
        : `${count} gaps, in which nothing is known`,
    stuck: (from: string, to: string): string =>
      `One value from ${from} to ${to}: is the sensor stuck? Its readings count unless you leave the file out.`,
    old: 'These readings are more than a year old. Was the logger’s clock right?',
    save: 'Import these readings',
    saved: (added: number, differing: number, held: number): string =>
      added === 0
        ? 'Nothing new: these readings are known already'
        : [
            `${added} readings imported`,
            ...(differing > 0
              ? [`${differing} said something else than what was known and were left out`]
              : []),
            ...(held > 0 ? [`${things(held)} put on hold`] : []),
          ].join('; '),
    nothing: 'Choose a file with readings first.',
    missingName: 'Give the logger a name.',
    wrongShift: 'Give hours from −9000 to 9000.',
  },
  typed: {
    title: 'A lowest and a highest',
    under: 'As a thermometer keeps them. They give no mean: how long it was so warm nobody knows.',
    from: 'From',
    to: 'To',
    lowest: 'Lowest, °C',
    highest: 'Highest, °C',
    save: 'Note them',
    saved: (held: number): string => (held > 0 ? `Noted; ${things(held)} put on hold` : 'Noted'),
    wrong: 'Give degrees from −60 to 90.',
    order: 'The lowest is not above the highest.',
    missingDay: 'Choose a day.',
  },
} as const

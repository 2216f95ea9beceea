/** How long something keeps once it is open. */
import type { OpenedPeriod } from '../../core/shelf-life/openedRules'

/** "28 days", "until the end of the day" */
export const keepsFor = (period: OpenedPeriod): string => {
  switch (period.kind) {
    case 'days':
      return period.days === 1 ? 'one day' : `${period.days} days`
    case 'months':
      return period.months === 1 ? 'one month' : `${period.months} months`
    case 'hours':
      return `${period.hours} hours`
    case 'that_day':
      return 'until the end of the day'
    case 'at_once':
      return 'used up at once'
    case 'printed':
      return 'to the printed date'
    case 'course':
      return 'until the course ends'
  }
}

export const keeps = {
  label: 'Once opened it keeps, by its label',
  unit: 'Counted in',
  now: (rule: string): string => `until now: ${rule}`,
  wrong: 'Give a whole number',
  source: 'Label',
  kind: {
    days: 'days',
    months: 'months',
    hours: 'hours',
    course: 'until the course ends',
    at_once: 'used up at once',
    printed: 'to the printed date',
  },
} as const

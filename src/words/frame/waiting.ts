/** English for what waits on this device until there is a connection. */
import { several } from './format'

export const waiting = {
  label: 'Waiting to be sent',
  count: (count: number): string => `${several(count, 'answer waits', 'answers wait')} to be sent`,
  refused: (count: number): string => `${several(count, 'was', 'were')} not taken`,
  away: 'No connection',
  keptAt: (when: string): string => `No connection. You see what was kept ${when}.`,
  noConnection: 'No connection. What you do here is kept and sent later.',
  list: 'What waits on this device',
  none: 'Nothing waits. Everything you did is in the record.',
  full: 'This was not kept',
  notKept: (title: string): string => `“${title}” is not in the record.`,
  makeRoom:
    'This device is full, and the server does not answer. Note it on paper now. Make room on the device (photos, downloads), or find a connection, then press it again.',
  haveRead: 'I have it on paper',
  close: 'Close',
  sendNow: 'Send now',
  again: 'Try again',
  againOf: (title: string): string => `Try again: ${title}`,
  drop: 'Discard it',
  dropOf: (title: string): string => `Discard it: ${title}`,
  since: (when: string): string => `done ${when}`,
  kept: (title: string): string => `Kept on this device: ${title}`,
} as const

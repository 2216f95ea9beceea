/** English for the "?" beside a figure or a field that is not plain: what it asks about. */

export const explained = {
  ready: 'ready',
  targets: 'targets',
  check: 'must last to',
  load: 'weight, room and cost',
  sure: 'how sure',
  cell: 'a cell of the board',
  whatIf: 'what if',
  life: 'life-saving',
  cope: 'could the sitter cope',
  proposed: 'a proposed list',
  match: 'what a thing is',
  roles: 'what it can do',
  uses: 'uses in one',
  scored: 'score line',
  storage: 'how it is kept',
  amount: 'how much',
  strength: 'strength',
  weight: 'how old a weight is',
  normal: 'normal at rest',
  budget: 'may be spent',
  lookAhead: 'look ahead',
  thorough: 'what is good to have',
  range: 'the range',
  perYear: 'used in a year',
  minutesToHelp: 'minutes to help',
  signal: 'phone signal',
  climate: 'how warm it gets',
  rhythm: 'when somebody is there',
  usually: 'who is usually there',
  claimed: 'how sure the list is',
  recall: 'a recall',
} as const

export type ExplainedId = keyof typeof explained

/** On the "?", for who hears it. */
export const whatIs = (id: ExplainedId): string => `What does “${explained[id]}” mean?`

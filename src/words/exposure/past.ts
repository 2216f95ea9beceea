/** What was done about heat and frost, for lists of acts. */

export const exposurePast = {
  readings_added: 'imported readings of a logger',
  readings_typed: 'noted a lowest and a highest temperature',
  readings_fetched: 'fetched readings of a simulated logger',
  readings_removed: 'removed readings',
  year_told: 'said how warm the year is at a place',
}

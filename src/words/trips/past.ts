/** What was done about trips, for lists of acts: a screen of acts needs no more of it. */

export const tripsPast = {
  trip_added: 'planned a trip',
  trip_changed: 'changed a trip',
  trip_removed: 'removed a trip',
  trip_planned: 'worked out what to pack',
  trip_packed: 'packed for a trip',
  trip_unpacked: 'unpacked after a trip',
}

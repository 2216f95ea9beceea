export const restockText = {
  title: 'Restock',
}

/** What somebody did, after a name: "Ilse …". */
export const restockPast = {
  plan_set: 'changed the settings of the restocking plan',
  wish_added: 'changed a line of the restocking plan',
  wish_removed: 'let the plan decide about a line again',
  rate_set: 'said how much is used up in a year',
  offer_set: 'said what a shop charges',
  offer_removed: 'removed a shop’s price',
  list_made: 'made the shopping list',
  purchase_added: 'put a line on the shopping list',
  purchase_changed: 'changed a line of the shopping list',
  purchase_removed: 'removed a line of the shopping list',
  purchase_listed: 'removed a tick',
  purchase_in_bag: 'ticked a line as bought',
  purchase_not_there: 'noted that a shop had none',
  put_away: 'put away what was bought',
  prices_taken: 'used the prices of a shop',
  ordered: 'ordered from a shop',
  shop_asked: 'asked a shop how its orders stand',
  recall_taken: 'imported a recall',
  recall_written: 'wrote down a recall',
} as const

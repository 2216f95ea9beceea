export const restockText = {
  title: 'Restock',
}

/** What somebody did, after a name: "Ilse …". */
export const restockPast = {
  plan_set: 'changed what is asked of the restocking plan',
  wish_added: 'changed a line of the restocking plan',
  wish_removed: 'left a line of the restocking plan to the plan',
  rate_set: 'said how much is used up in a year',
  offer_set: 'said what a shop charges',
  offer_removed: 'took a shop’s price away',
  list_made: 'made the shopping list',
  purchase_added: 'put a line on the shopping list',
  purchase_changed: 'changed a line of the shopping list',
  purchase_removed: 'took a line off the shopping list',
  purchase_listed: 'took a tick off',
  purchase_in_bag: 'ticked a line as bought',
  purchase_not_there: 'noted that a shop had none',
  put_away: 'put away what was bought',
  prices_taken: 'took over the prices of a shop',
  ordered: 'ordered from a shop',
  shop_asked: 'asked a shop how its orders stand',
  recall_taken: 'took in a recall',
  recall_written: 'wrote down a recall',
} as const

/** The words by which our own pages are looked for: they come with the search, and with no screen. */

/** A page or a deed: what it is called, and what else people call it. */
export interface Said {
  readonly title: string
  readonly says: string
}

const said = (title: string, says: string): Said => ({ title, says })

export const pages = {
  watch: said('Today', 'start home errands to do what comes first'),
  kits: said('Kits', 'bags boxes mats places add a kit add a place'),
  stock: said('Stock', 'everything all things list lots batches table'),
  rounds: said('Rounds', 'check a kit count look through inspection due'),
  record: said('History', 'record acts who did what when past day undo'),
  cover: said('Ready', 'board cover what is missing problems'),
  if: said('If something happens', 'what would we do problem answer suits'),
  evenings: said('Evenings with a sitter', 'hand over code link page phone grandparents carer'),
  evening: said('Could the sitter cope?', 'babysitter evening grandparents sheet for the sitter'),
  lists: said('Proposed lists', 'what should be in a kit suggestions recommended'),
  items: said('What things are', 'match unmatched unknown things catalogue'),
  bench: said('Doses', 'how much medicine amount calculate syringe tablets'),
  cards: said('Dose cards', 'rules from the vet doctor prescriber label write down agreed'),
  mixes: said('Mixes', 'dilute antiseptic rehydration drink feed'),
  courses: said('Prescriptions', 'medicines courses regular daily repeat'),
  guide: said(
    'Cards for first aid',
    'step by step instructions guide emergency bleeding burn choking',
  ),
  incident: said('Something happened', 'emergency incident accident help now start'),
  incidents: said('Earlier incidents', 'log past accidents hand over'),
  labels: said('Labels', 'print stickers for pockets tubs bags roll sheet qr code on a pack'),
  wallet: said('Cards for the wallet', 'emergency card id allergy card purse person animal print'),
  roadside: said(
    'For a professional',
    'roadside accident ambulance paramedic doctor hand over phone supplies by role taken thank you',
  ),
  restock: said('Restock', 'shopping list buy order'),
  plan: said('Restocking plan', 'budget cheapest move between places optimise'),
  forecast: said('Forecast', 'when will it run out chart future waste'),
  recalls: said('Recalls', 'bulletin batch recalled withdrawn'),
  rates: said('How fast things are used', 'use by month rate consumption'),
  household: said('Household', 'people animals members family pets add a person add a guest weigh'),
  trips: said(
    'Going out',
    'trip travel holiday journey pack bag luggage split party flight unpack',
  ),
  exposure: said(
    'Heat and frost',
    'temperature logger thermometer hot cold freeze frozen fridge storage kinetic car summer winter',
  ),
  evacuation: said(
    'Leaving the house',
    'evacuation evacuate fire flood in a hurry ten minutes carriers neighbours rehearsal lost animal',
  ),
  evacuationSheet: said('Leaving the house on paper', 'print evacuation sheet two pages'),
  visits: said('Visits and places', 'cottage weekend trip when somebody is there calendar import'),
  undo: said('Undo something done lately', 'take back mistake wrong last act'),
  print: said('Print', 'lid sheet labels paper pdf wallet card sitter page'),
  errandsPaper: said('Errands on paper', 'print to do list'),
  bring: said('Import a list', 'bring in csv spreadsheet file paste upload'),
  export: said('Save the whole household', 'export download backup csv zip json file'),
  people: said(
    'Who comes in',
    'people role invite helper viewer guest share second adult family partner access',
  ),
  households: said('Switch household', 'your households other club several'),
  joining: said('Come into a household', 'code invitation join'),
  account: said('Account and devices', 'password sign out e-mail passkey security name'),
  leaving: said('Delete the household', 'leave close account erase'),
  settings: said('Settings', 'change country units date order currency time zone week metric us'),
  numbers: said('Numbers to call', 'emergency number poison line vet doctor phone'),
  look: said('Look: light, dark, torch', 'night mode theme colours large type'),
  feeds: said('Calendar addresses', 'subscribe ics feed outlook phone calendar'),
  schools: said('Where experts disagree', 'schools wounds peroxide tourniquet leftovers habits'),
  helpWatch: said('Help', 'how does this work explain manual question errands remind later'),
  helpKits: said('Help: Kits', 'how does this work tags shapes mat use add check'),
  helpCover: said('Help: Ready', 'how does this work board cell what if left out'),
  helpBench: said('Help: Doses', 'how does this work why no amount given vet advice'),
  helpRestock: said('Help: Restock', 'how does this work shopping list plan put away'),
  helpHousehold: said('Help: Household', 'how does this work guest allergies places data'),
  keys: said('Keys', 'keyboard shortcuts hotkeys help'),
  begin: said('First steps', 'begin set up start tour introduction new'),
} as const satisfies Record<string, Said>

export type PageId = keyof typeof pages

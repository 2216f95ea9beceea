/**
 * What things can be used as. A need asks for roles, a thing plays them; so that a lead can
 * muzzle and saline can rinse an eye or a wound, but not both with the same mouthful.
 */

/** `spent`: goes with the use. `worn`: stays on one patient. `shared`: one serves everybody in turn. */
export type RoleKind = 'spent' | 'worn' | 'shared'

interface RoleFacts {
  readonly name: string
  readonly kind: RoleKind
}
const spent = (name: string): RoleFacts => ({ name, kind: 'spent' })
const worn = (name: string): RoleFacts => ({ name, kind: 'worn' })
const shared = (name: string): RoleFacts => ({ name, kind: 'shared' })

export const ROLES = {
  // bleeding and wounds
  'stop-bleed': spent('Pressure on a bleed'),
  windlass: worn('Windlass tourniquet'),
  'elastic-strap': worn('Elastic tourniquet strap'),
  'pack-wound': spent('Gauze to pack a wound'),
  'chest-seal': worn('Chest seal'),
  'rinse-wound': spent('Rinse for a wound'),
  'clean-skin': spent('Wipe or soap for the skin around'),
  'dilute-antiseptic': spent('Dilute antiseptic'),
  'harsh-antiseptic': spent('Peroxide or spirit'),
  'cover-wound': spent('Sterile cover'),
  'non-stick': spent('Non-stick pad'),
  'large-dressing': spent('Large pad for a large body'),
  'fix-dressing': spent('Tape or wrap to hold a dressing'),
  padding: spent('Padding under a wrap'),
  'close-cut': spent('Closure strips'),
  'glue-cut': spent('Tissue adhesive'),
  'staple-cut': spent('Skin staples'),
  'remove-staple': shared('Staple remover'),
  plaster: spent('Plaster'),
  blister: spent('Blister cover'),
  'burn-cover': spent('Cover for a burn'),
  'cool-burn': spent('Water or gel to cool a burn'),
  gloves: spent('Gloves for the helper'),
  'hand-clean': spent('Hand cleaning'),
  cutting: shared('Scissors'),
  'cut-clothes': shared('Clothing shears'),
  tweezers: shared('Fine tweezers'),
  'tick-remove': shared('Tick remover'),
  'bag-waste': spent('Bag for waste or a tick'),
  // bones and joints
  splint: worn('Splint'),
  sling: worn('Sling'),
  'elastic-wrap': worn('Elastic wrap'),
  cold: spent('Cold pack'),
  cloth: shared('Cloth between skin and cold'),
  // eyes, ears, nose
  'rinse-eye': spent('Eye rinse'),
  'eye-lubricant': spent('Eye lubricant'),
  'eye-cover': worn('Eye cover'),
  'rinse-ear': spent('Ear rinse'),
  'dry-ear': spent('Drying pads'),
  'rinse-nose': spent('Nose rinse'),
  'ease-nose': spent('Nose drops against stuffiness'),
  // measuring and seeing
  thermometer: shared('Thermometer for people'),
  'pet-thermometer': shared('Thermometer for animals'),
  'probe-cover': spent('Probe cover'),
  lubricant: spent('Lubricant'),
  'button-cells': spent('Button cells'),
  'lamp-cells': spent('Lamp cells'),
  lamp: shared('Lamp'),
  magnifier: shared('Reading glass or magnifier'),
  'glucose-meter': shared('Glucose meter'),
  'test-strip': spent('Test strip'),
  'pressure-cuff': shared('Blood pressure cuff'),
  pen: shared('Pen and card'),
  guide: shared('First aid guide'),
  numbers: shared('Numbers to call, on paper'),
  directions: shared('Directions of the medicine'),
  // breathing
  barrier: worn('Breathing barrier'),
  reliever: spent('Reliever inhaler'),
  spacer: shared('Spacer'),
  // medicines by what they are for
  'pain-fever': spent('Pain and fever medicine'),
  'allergy-tablet': spent('Antihistamine'),
  adrenaline: spent('Adrenaline auto-injector'),
  rehydrate: spent('Rehydration salts'),
  'stop-runs': spent('Medicine against diarrhoea'),
  'stomach-ease': spent('Medicine for an upset stomach'),
  constipation: spent('Medicine against constipation'),
  'travel-sick': spent('Medicine against travel sickness'),
  'sick-bag': spent('Sick bag'),
  'sugar-fast': spent('Fast sugar'),
  'chew-aspirin': spent('Aspirin to chew'),
  'itch-cream': spent('Cream against itch'),
  'throat-ease': spent('Something for a sore throat'),
  'cough-ease': spent('Something for a cough'),
  'skin-barrier': spent('Barrier cream'),
  'antibiotic-ointment': spent('Antibiotic ointment'),
  'numb-gel': spent('Numbing gel'),
  antifungal: spent('Antifungal cream'),
  'bring-up': spent('Peroxide to bring up a poison'),
  'bind-poison': spent('Activated charcoal'),
  'dose-syringe': shared('Oral syringe or spoon'),
  'tablet-cutter': shared('Tablet cutter'),
  'own-medicine': spent('Own regular medicine'),
  // weather and roads
  warm: worn('Blanket against cold'),
  'hand-warm': spent('Hand warmer'),
  shade: shared('Shade or cover against sun'),
  sunscreen: spent('Sunscreen'),
  repellent: spent('Insect repellent'),
  'ice-grip': worn('Ice grips'),
  'road-sign': shared('Warning triangle'),
  'road-vest': worn('High-visibility vest'),
  'cut-belt': shared('Belt cutter'),
  whistle: shared('Whistle'),
  'fire-cover': shared('Fire blanket or extinguisher'),
  'phone-power': shared('Power for the phone'),
  float: shared('Throw line or float'),
  'ice-rescue': shared('Ice picks'),
  'leech-salt': spent('Salt against leeches'),
  // food, water, shelter
  water: spent('Drinking water, litres'),
  'clean-water': spent('Water cleaning'),
  food: spent('Food for a day'),
  'pet-food': spent('Animal food for a day'),
  shelter: shared('Shelter'),
  fire: shared('Means to light a fire'),
  mask: spent('Mask'),
  'baby-food': spent('Baby food or formula for a day'),
  nappy: spent('Nappies for a day'),
  'period-care': spent('Pads or tampons'),
  papers: shared('Copies of papers'),
  radio: shared('Radio'),
  // animals
  muzzle: worn('Muzzle'),
  leash: worn('Lead'),
  'wrap-animal': worn('Towel or wrap to hold'),
  'lick-guard': worn('Collar, sock or cover against licking'),
  carrier: worn('Carrier or sling for transport'),
  styptic: spent('Styptic'),
  starch: spent('Starch to stop a nail'),
  'nail-clip': shared('Nail clipper'),
  'recovery-food': spent('Recovery food'),
  'feed-syringe': shared('Wide feeding syringe'),
  'hide-tablet': spent('Something to hide a tablet in'),
  'coat-wash': spent('Wash for the coat'),
  comb: shared('Comb'),
  probiotic: spent('Probiotic for animals'),
  'tick-guard': spent('Tick protection from the vet'),
  halter: worn('Halter'),
  weigh: shared('Scales'),
  shave: shared('Clipper or razor for the coat'),
  'gas-drops': spent('Gas drops for small animals'),
  'vitamin-c': spent('Vitamin C for guinea pigs'),
  'soak-salt': spent('Salt to soak a hoof or foot in'),
  needle: spent('Needle'),
  irrigate: shared('Syringe to rinse a wound with'),
  // not cover, whatever they are called
  comfort: spent('Comfort'),
  'suction-device': shared('Suction device'),
} as const satisfies Record<string, RoleFacts>

export type RoleId = keyof typeof ROLES
export const ROLE_IDS = Object.keys(ROLES) as readonly RoleId[]
export const isRoleId = (text: string): text is RoleId => Object.hasOwn(ROLES, text)
export const roleName = (role: RoleId): string => ROLES[role].name

/** Carried if somebody likes; never counts as cover. */
export const NEVER_COVER: readonly RoleId[] = ['comfort', 'suction-device']

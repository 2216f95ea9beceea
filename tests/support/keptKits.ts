/** Twelve kits as careful keepers laid them out: what a computed layout is held against. */
import { catalogue } from '../../src/core/catalogue/catalogue'
import type { Millimetres } from '../../src/core/household/pocket'
import type { Species } from '../../src/core/household/species'
import { volumeOf } from '../../src/core/layout/fill'
import type { Bay, LayoutProblem, Thing } from '../../src/core/layout/problem'
import { type Named, purposeOf } from '../../src/core/layout/purpose'
import { goodsOfEntry } from './layout'

interface KeptPocket {
  readonly name: string
  readonly reach: number
  readonly inner: Millimetres
  readonly sort?: Bay['sort']
  readonly spot?: Bay['spot']
  /** Ids of the catalogue, with how many where it is not one; `!` before what is on hold, `@` before whose it is. */
  readonly holds: string
}

export interface KeptKit {
  readonly name: string
  readonly members: readonly Named[]
  readonly pockets: readonly KeptPocket[]
}

const member = (name: string, species: Species): Named => ({ id: name, name, species })

export const KEPT_KITS: readonly KeptKit[] = [
  {
    name: 'a tray box for a family',
    members: [],
    pockets: [
      {
        name: 'Lid',
        reach: 3,
        inner: [380, 240, 60],
        holds: 'tourniquet-windlass pen-card pressure-dressing gloves-m:2 breathing-barrier',
      },
      {
        name: 'Upper tray · small wounds',
        reach: 5,
        inner: [380, 200, 90],
        holds: 'plasters closure-strips gauze:6 non-stick-pad:4 tape-fabric cleansing-wipes:6',
      },
      {
        name: 'Lower tray · fever, pain, stomach',
        reach: 8,
        inner: [380, 200, 90],
        holds: 'acetaminophen-500 ibuprofen-200 thermometer probe-covers rehydration-sachets:4',
      },
      {
        name: 'Bottom · bandages',
        reach: 18,
        inner: [400, 260, 140],
        holds:
          'elastic-bandage triangular-bandage:2 splint-foldable cold-pack-instant:2 thin-cloth',
      },
    ],
  },
  {
    name: 'a bathroom cabinet with children',
    members: [],
    pockets: [
      {
        name: 'Top shelf · grown-ups',
        reach: 15,
        inner: [380, 180, 200],
        holds: 'acetaminophen-500 ibuprofen-200 loperamide-2 cetirizine-10 naproxen-220',
      },
      {
        name: 'Middle shelf · children',
        reach: 10,
        inner: [380, 180, 200],
        holds: 'acetaminophen-liquid ibuprofen-liquid oral-syringe-5 cetirizine-syrup',
      },
      {
        name: 'Bottom shelf · creams',
        reach: 8,
        inner: [380, 180, 200],
        holds: 'hydrocortisone-1 zinc-ointment itch-gel antifungal-cream',
      },
      {
        name: 'Waiting for an answer',
        reach: 25,
        inner: [300, 180, 200],
        holds: '!diphenhydramine-25',
      },
    ],
  },
  {
    name: 'a tote for a dog and a cat',
    members: [member('Bramble', 'dog'), member('Nettle', 'cat')],
    pockets: [
      {
        name: 'Front flap',
        reach: 4,
        sort: 'outside',
        inner: [320, 220, 80],
        holds: 'muzzle slip-lead gloves-m',
      },
      {
        name: 'Bramble',
        reach: 8,
        inner: [280, 200, 150],
        holds: 'paw-sock recovery-collar styptic-powder nail-clipper cohesive-wrap',
      },
      {
        name: 'Nettle',
        reach: 8,
        inner: [300, 220, 200],
        holds: 'cat-muzzle towel-wrap hide-treat',
      },
      {
        name: 'Main',
        reach: 15,
        inner: [360, 230, 190],
        holds: 'gauze:6 saline-pods:8 pet-thermometer lubricant-gel tick-tweezers padding-roll',
      },
    ],
  },
  {
    name: 'an asthmatic’s bag',
    members: [member('Yarrow', 'person')],
    pockets: [
      {
        name: 'Front pocket · breathing',
        reach: 4,
        sort: 'outside',
        inner: [240, 160, 90],
        holds: 'reliever-inhaler spacer',
      },
      {
        name: 'Side · wounds',
        reach: 6,
        inner: [240, 160, 90],
        holds: 'plasters gauze:4 tape-fabric antiseptic-wipes:4 gloves-s',
      },
      {
        name: 'Main',
        reach: 12,
        inner: [320, 220, 160],
        holds: 'foil-blanket water-bottle energy-bars:2 head-lamp lamp-cells',
      },
    ],
  },
  {
    name: 'a case in the car boot',
    members: [],
    pockets: [
      {
        name: 'Outside net',
        reach: 4,
        sort: 'outside',
        inner: [360, 240, 80],
        holds: 'tourniquet-windlass pressure-dressing:2 gloves-l:3 pen-card shears',
      },
      {
        name: 'Left half · wounds',
        reach: 9,
        inner: [260, 200, 120],
        holds: 'gauze:8 non-stick-pad:4 cohesive-wrap-latex:2 saline-pods:6 plasters tape-fabric',
      },
      {
        name: 'Right half · burns, eyes',
        reach: 9,
        inner: [260, 200, 120],
        holds: 'burn-gel:4 eye-rinse-vials:6 blister-plasters',
      },
      {
        name: 'Roadside',
        reach: 12,
        inner: [480, 300, 150],
        holds: 'warning-triangle vest:2 foil-blanket:2 head-lamp lamp-cells belt-cutter',
      },
    ],
  },
  {
    name: 'a pouch on the belt',
    members: [],
    pockets: [
      {
        name: 'Front',
        reach: 3,
        sort: 'outside',
        inner: [180, 120, 60],
        holds: 'tourniquet-windlass gloves-m',
      },
      {
        name: 'Inside',
        reach: 6,
        inner: [190, 140, 80],
        holds: 'pressure-dressing plasters cleansing-wipes:3 pen-card',
      },
    ],
  },
  {
    name: 'a roll at the cottage',
    members: [],
    pockets: [
      {
        name: 'Outer flap',
        reach: 3,
        sort: 'outside',
        inner: [280, 160, 70],
        holds: 'pressure-dressing tourniquet-windlass pen-card',
      },
      {
        name: 'Pouch A · wounds',
        reach: 8,
        inner: [280, 180, 70],
        holds: 'gauze:5 non-stick-pad:4 closure-strips plasters saline-pods:6 tape-fabric',
      },
      {
        name: 'Pouch B · fever, pain',
        reach: 8,
        inner: [280, 180, 70],
        holds: 'acetaminophen-500 acetaminophen-liquid oral-syringe-5 thermometer probe-covers',
      },
      {
        name: 'Pouch C · allergy, bites',
        reach: 8,
        inner: [280, 180, 80],
        holds: 'adrenaline-03:2 cetirizine-10 hydrocortisone-1 tick-tweezers',
      },
      {
        name: 'Foot · animals',
        reach: 15,
        inner: [300, 200, 120],
        holds: 'cohesive-wrap muzzle styptic-powder gloves-l gauze-roll',
      },
    ],
  },
  {
    name: 'a drawer stack with a fridge part',
    members: [member('Sorrel', 'person'), member('Juniper', 'dog')],
    pockets: [
      {
        name: 'Top',
        reach: 3,
        sort: 'outside',
        inner: [380, 280, 60],
        holds: 'plasters gloves-m gloves-s cleansing-wipes:6',
      },
      {
        name: 'Drawer 1 · Sorrel',
        reach: 6,
        inner: [370, 270, 80],
        holds: 'glucose-sweets:2@Sorrel glucose-meter@Sorrel glucose-strips@Sorrel',
      },
      {
        name: 'Drawer 2 · Juniper',
        reach: 8,
        inner: [370, 270, 90],
        holds:
          'pet-thermometer lubricant-gel paw-sock@Juniper tick-tweezers ear-rinse-animal@Juniper drying-pads',
      },
      {
        name: 'Drawer 3 · bandages',
        reach: 12,
        inner: [370, 270, 140],
        holds: 'elastic-bandage triangular-bandage gauze:6 tape-fabric pressure-dressing',
      },
      {
        name: 'Fridge door',
        reach: 45,
        sort: 'elsewhere',
        spot: 'fridge',
        inner: [300, 120, 100],
        holds: 'insulin:2@Sorrel',
      },
    ],
  },
  {
    name: 'a soft bag for walks',
    members: [],
    pockets: [
      {
        name: 'Front pocket',
        reach: 4,
        sort: 'outside',
        inner: [280, 180, 70],
        holds: 'plasters blister-plasters gloves-s cleansing-wipes:4',
      },
      {
        name: 'Left side',
        reach: 6,
        sort: 'outside',
        inner: [220, 120, 100],
        holds: 'water-bottle',
      },
      {
        name: 'Lid net',
        reach: 6,
        inner: [300, 180, 40],
        holds: 'tick-tweezers whistle numbers-card',
      },
      {
        name: 'Main room',
        reach: 15,
        inner: [340, 210, 180],
        holds:
          'elastic-bandage triangular-bandage foil-blanket head-lamp lamp-cells gauze:3 tape-fabric',
      },
    ],
  },
  {
    name: 'a stable box',
    members: [member('Teasel', 'horse')],
    pockets: [
      {
        name: 'Lid',
        reach: 3,
        inner: [400, 260, 60],
        holds: 'gloves-l:2 shears pen-card',
      },
      {
        name: 'Tray · horses',
        reach: 6,
        inner: [400, 260, 140],
        holds: 'horse-dressing horse-bandage:2 leg-padding cohesive-wrap-wide hoof-pick',
      },
      {
        name: 'Bottom · riders',
        reach: 14,
        inner: [420, 260, 160],
        holds: 'triangular-bandage cold-pack-instant thin-cloth elastic-bandage plasters',
      },
    ],
  },
  {
    name: 'a baby’s corner',
    members: [],
    pockets: [
      {
        name: 'Basket · baby',
        reach: 5,
        inner: [300, 220, 150],
        holds: 'nappies zinc-ointment acetaminophen-liquid oral-syringe-1 thermometer-ear',
      },
      {
        name: 'Shelf · grown-ups',
        reach: 12,
        inner: [300, 220, 150],
        holds: 'ibuprofen-200 acetaminophen-500 throat-lozenges',
      },
      {
        name: 'Hook',
        reach: 8,
        sort: 'elsewhere',
        spot: 'shelf',
        inner: [400, 300, 200],
        holds: '!carry-sling',
      },
    ],
  },
  {
    name: 'drawers without labels',
    members: [],
    pockets: [
      {
        name: 'Drawer 1',
        reach: 4,
        inner: [370, 270, 90],
        holds: 'plasters gauze:6 non-stick-pad:4 tape-fabric saline-pods:6 closure-strips',
      },
      {
        name: 'Drawer 2',
        reach: 7,
        inner: [370, 270, 90],
        holds: 'acetaminophen-500 ibuprofen-200 aspirin-325 throat-lozenges',
      },
      {
        name: 'Drawer 3',
        reach: 9,
        inner: [370, 270, 120],
        holds: 'elastic-bandage triangular-bandage splint-foldable',
      },
    ],
  },
]

/** @param atOf where each thing lies; its keeper's own pocket unless said otherwise */
export function problemOfKept(
  { pockets, members }: KeptKit,
  atOf: (index: number, kept: number) => number = (_, kept) => kept,
): { readonly problem: LayoutProblem; readonly kept: readonly number[] } {
  const bays = pockets.map(
    ({ name, reach, inner, sort = 'inside', spot = null }): Bay => ({
      id: name,
      name,
      purpose: purposeOf(name, members),
      sort,
      spot,
      reachSeconds: reach,
      inner,
      clear: false,
      dry: true,
      upright: true,
    }),
  )
  const all = pockets.flatMap(({ holds }, at) =>
    holds.split(' ').map((written) => ({ written, at })),
  )
  const things = all.map(({ written, at }, index): Thing => {
    const [id = '', count = '1', whose = ''] =
      /^!?([^:@]+)(?::(\d+))?(?:@(.+))?$/.exec(written)?.slice(1) ?? []
    const entry = catalogue().get(id)
    if (!entry) throw new Error(`The catalogue has no ${id}`)
    const goods = goodsOfEntry(entry)
    const pinned = written.startsWith('!')
    return {
      key: id,
      title: entry.name,
      goods,
      whose: whose === '' ? [] : [whose],
      volume: volumeOf(entry.size.mm) * Number(count),
      stiff: goods.soft ? null : entry.size.mm,
      at: pinned ? at : atOf(index, at),
      pinned,
    }
  })
  return { problem: { bays, things }, kept: all.map(({ at }) => at) }
}

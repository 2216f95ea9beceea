/** What the demo's kits are kept in, and how their pockets are made. Measures are made up. */
import type { Container } from '../core/household/container'
import type { PocketFacts } from '../core/household/pocket'

interface DemoContainer {
  readonly container: Container
  /** By the pocket's name. */
  readonly pockets: Readonly<Record<string, Partial<PocketFacts>>>
}

const clear = { clear: true } as const
const upright = { upright: true } as const

export const DEMO_CONTAINERS: Readonly<Record<string, DemoContainer>> = {
  hall: {
    container: { shape: 'drawer_stack', outer: [420, 320, 400], grams: 4600, carryGrams: null },
    pockets: {
      Lid: { inner: [390, 290, 45] },
      'Tray 1 · small wounds': { inner: [390, 290, 70], ...clear },
      'Tray 2 · tools': { inner: [390, 290, 60] },
      'Tray 3 · bandages': { inner: [390, 290, 80] },
      'Bottom · big things': { inner: [400, 300, 140], ...upright },
    },
  },
  bath: {
    container: { shape: 'cabinet', outer: [600, 400, 160], grams: 7200, carryGrams: null },
    pockets: {
      'Top shelf · grown-ups': { inner: [280, 150, 140], ...upright },
      'Top shelf · children': { inner: [300, 170, 160], ...upright },
      'Drops and creams': { inner: [320, 160, 150], ...upright },
      'Waiting for an answer': { inner: [220, 160, 150], ...upright },
      'Fridge door': { inner: [320, 180, 120], spot: 'fridge', ...upright },
    },
  },
  animals: {
    container: { shape: 'soft_bag', outer: [440, 320, 280], grams: 820, carryGrams: 7000 },
    pockets: {
      'Front flap': { inner: [300, 190, 50] },
      Bracken: { inner: [280, 170, 120], ...upright },
      'Moth and Pip': { inner: [280, 170, 120], ...upright },
      'Beside the tote': { inner: [600, 420, 400], spot: 'shelf' },
      Main: { inner: [360, 230, 190] },
    },
  },
  boot: {
    container: { shape: 'soft_bag', outer: [500, 320, 280], grams: 910, carryGrams: 8000 },
    pockets: {
      'Outer pocket': { inner: [320, 200, 50] },
      Wounds: { inner: [340, 220, 90], ...clear },
      Roadside: { inner: [480, 260, 130] },
      Comfort: { inner: [300, 200, 80], ...clear },
    },
  },
  glove: {
    container: { shape: 'pouch', outer: [210, 160, 120], grams: 150, carryGrams: 1200 },
    pockets: { Front: { inner: [190, 140, 50] }, Back: { inner: [190, 140, 60] } },
  },
  pannier: {
    container: { shape: 'pouch', outer: [240, 170, 100], grams: 260, carryGrams: 1500 },
    pockets: {
      'Outside net': { inner: [210, 140, 25], ...clear, dry: false },
      Roll: { inner: [220, 150, 70], ...clear },
    },
  },
  pantry: {
    container: { shape: 'roll', outer: [420, 240, 200], grams: 540, carryGrams: 4500 },
    pockets: {
      'Outer flap': { inner: [280, 150, 50] },
      'Pouch A · wounds': { inner: [300, 180, 60], ...clear },
      'Tall sleeve': { inner: [380, 110, 50] },
      'Pouch B · fever, pain': { inner: [240, 170, 60], ...clear },
      'Pouch C · allergy, bites': { inner: [240, 170, 60], ...clear },
      'Pouch D · stomach': { inner: [240, 170, 60], ...clear },
      'Foot · animals': { inner: [280, 180, 80] },
      'Cellar shelf, 6 °C': { inner: [600, 320, 250], spot: 'shelf', ...upright },
    },
  },
  shed: {
    container: { shape: 'hard_case', outer: [420, 320, 160], grams: 1450, carryGrams: 5000 },
    pockets: { Lid: { inner: [380, 280, 50], ...clear }, Tray: { inner: [390, 290, 100] } },
  },
}

/** People's words lead to their entry, or to a question; never to something stronger, other or less safe. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '../catalogue/catalogue'
import { vetoes } from './differences'
import { proposeEntry } from './proposeEntry'

const proposed = (name: string, strength = '', unit = '') => proposeEntry({ name, strength, unit })
const sure = (name: string, strength = '', unit = '') => {
  const found = proposed(name, strength, unit)
  return found.kind === 'sure' ? found.entry.id : null
}
/** Everything that could be taken with one press. */
const offered = (name: string, strength = ''): readonly string[] => {
  const found = proposed(name, strength)
  if (found.kind === 'sure') return [found.entry.id]
  return found.kind === 'asked' ? found.candidates.map(({ entry }) => entry.id) : []
}

describe('a name that says what decides is sure', () => {
  it.each([
    ['Paracetamol', '500 mg', 'acetaminophen-500'],
    ['paracetmol tablets', '500mg', 'acetaminophen-500'],
    ['Ibuprophen liquid', '100 mg/5 mL', 'ibuprofen-liquid'],
    ['Gloves, nitrile', 'L', 'gloves-l'],
    ['sissors blunt', '', 'scissors-blunt'],
    ['Gauze pads, sterile', '7.5 cm', 'gauze'],
    ['Sterile gauze pads 3x3 in', '', 'gauze'],
    ['Oral rehydration salts', '', 'rehydration-sachets'],
    ['Tick remover', '', 'tick-tweezers'],
    ['epinephrine auto-injector', '0.3 mg', 'adrenaline-03'],
    ['Emergency blanket', '', 'foil-blanket'],
    ['headlamp', '', 'head-lamp'],
    ['E-collar', 'M', 'recovery-collar'],
    ['Gloves latex-free, nitrile M', '', 'gloves-m'],
    ['Pet thermometer', '', 'pet-thermometer'],
    ['Hydrocortisone cream 1% 15 g', '', 'hydrocortisone-1'],
    ['Loperamide 2mg caps', '', 'loperamide-2-capsule'],
  ])('%s %s is %s', (name, strength, id) => {
    expect(sure(name, strength)).toBe(id)
  })
  it('nearly every entry is sure by its own title, and none is another', () => {
    const found = CATALOGUE.map(({ id, name, strength }) => [id, sure(name, strength)] as const)
    expect(found.filter(([id, by]) => by !== null && by !== id)).toEqual([])
    expect(found.filter(([id, by]) => by === id).length / found.length).toBeGreaterThan(0.94)
  })
  it('the form may stand in the unit', () => {
    expect(sure('Cetirizine 10 mg', '', 'tablet')).toBe('cetirizine-10')
    expect(sure('Cetirizine 10 mg', '', 'capsule')).toBe('cetirizine-10-capsule')
  })
  it('one slip in a long word leads to the same thing or to a question', () => {
    const long = CATALOGUE.filter(({ name }) => /^[A-Za-z]{9,}$/.test(name))
    fc.assert(
      fc.property(fc.constantFrom(...long), fc.nat(), (entry, at) => {
        const cut = 1 + (at % (entry.name.length - 2))
        const slip = entry.name.slice(0, cut) + entry.name.slice(cut + 1)
        // Where a slip lies between two words it is neither.
        expect(sure(slip, entry.strength) ?? entry.id).toBe(entry.id)
      }),
    )
  })
})

describe('another strength is another thing', () => {
  it.each([
    ['Fever syrup with paracetamol 250 mg/5 mL', 'acetaminophen-liquid'],
    ['Paracetamol oral suspension 250mg/5mls', 'acetaminophen-liquid'],
    ['Hydrogen peroxide 35 %', 'peroxide'],
    ['Povidone iodine 7.5 percent', 'povidone-1'],
    ['Povidone iodine 10%', 'povidone-1'],
    ['Aspirin 81mg', 'aspirin-325'],
    ['Ibuprofen tablets 400 mg', 'ibuprofen-200'],
    ['Ibuprofen tablets 800 mg', 'ibuprofen-200'],
    ['Ibuprofen liquid 200 mg / 5 mL', 'ibuprofen-liquid'],
    ['Adrenaline auto-injector 0.3 mg', 'adrenaline-015'],
  ])('%s is not offered as %s', (name, id) => {
    expect(offered(name)).not.toContain(id)
  })
  it('also where it stands in a column of its own', () => {
    expect(offered('Povidone iodine', '10 %')).not.toContain('povidone-1')
    expect(offered('Paracetamol liquid', '250 mg/5 ml')).not.toContain('acetaminophen-liquid')
  })
  it('the same strength in other words is the same', () => {
    expect(sure('Paracetamol liquid', '32 mg/mL')).toBe('acetaminophen-liquid')
    expect(sure('Paracetamol', '0.5 g')).toBe('acetaminophen-500')
  })
  it.each([
    'Ibuprofen',
    'Paracetamol tablets',
    'Hydrogen peroxide',
    'Aspirin',
    'Ibuprofen 400',
    'Saline pods',
    'Nitrile gloves',
  ])('%s: what is missing is asked, never assumed', (name) => {
    const found = proposed(name)
    expect(found.kind).toBe('asked')
    if (found.kind !== 'asked') return
    expect(found.candidates[0]?.open.map(({ code }) => code)).toEqual(
      expect.arrayContaining([expect.stringMatching(/missing|says_less/)]),
    )
  })
})

describe('two ingredients in a name are two ingredients', () => {
  it.each([
    'Ibuprofen PM 200 mg',
    'Paracetamol PM 500 mg',
    'Paracetamol & caffeine 500 mg',
    'Paracetamol 500/30 mg codeine',
    'Paracetamol + codeine tablets 500 mg',
    'Ibuprofen 200 mg + paracetamol 500 mg',
    'Ibuprofen 200 mg and famotidine tablets',
    'Aspirin 325 mg with caffeine',
    'Aspirin forte 325 mg',
    'Ibuprofen retard 200 mg',
    'Paracetamol cold and flu 500 mg',
  ])('%s is not offered as the first', (name) => {
    expect(offered(name)).not.toEqual(
      expect.arrayContaining([
        expect.stringMatching(/^(?:acetaminophen|ibuprofen|aspirin)-(?:500|200|325)$/),
      ]),
    )
    expect(sure(name)).toBeNull()
  })
})

describe('way of use and form', () => {
  it.each([
    ['Antibiotic eye ointment', 'antibiotic-ointment'],
    ['Eye lubricant gel', 'lubricant-gel'],
    ['Cream against itch', 'diphenhydramine-25'],
    ['Anti-itch cream', 'cetirizine-10'],
    ['Children’s paracetamol tablets 120 mg', 'acetaminophen-120-in-5-liquid'],
    ['Bottled eye rinse 500 mL', 'eye-rinse-vials'],
    ['Ibuprofen gel 5 %', 'ibuprofen-200'],
    ['Hydrocortisone ear drops', 'hydrocortisone-1'],
    ['Hydrocortisone ointment 1 %', 'hydrocortisone-1'],
  ])('%s is not offered as %s', (name, id) => {
    expect(offered(name)).not.toContain(id)
  })
})

describe('whom it is made for', () => {
  it.each([
    ['Thermometer for dogs', 'thermometer'],
    ['Vet thermometer', 'thermometer'],
    ['Paracetamol for dogs 500 mg', 'acetaminophen-500'],
    ['Cetirizine for pets 10 mg', 'cetirizine-10'],
    ['Junior aspirin 325 mg', 'aspirin-325'],
    ['Ibuprofen for children 200 mg', 'ibuprofen-200'],
  ])('%s is not offered as %s', (name, id) => {
    expect(offered(name)).not.toContain(id)
  })
})

describe('what it is without', () => {
  it.each([
    'latex-free gloves M',
    'gloves no latex M',
    'non-latex gloves M',
    'Gloves without latex',
  ])('%s are no latex gloves', (name) => {
    expect(offered(name)).not.toContain('gloves-latex')
  })
  it.each([
    ['Energy bars, nut-free', 'energy-bars'],
    ['Alcohol-free wipes', 'alcohol-wipes'],
    ['Sugar-free cough syrup 100 mL', 'cough-syrup'],
    ['Plasters without adhesive', 'plasters'],
    ['Non-sterile gauze pads 10 cm', 'gauze-large'],
  ])('%s is not %s', (name, id) => {
    expect(offered(name)).not.toContain(id)
  })
  it('what is sold with latex and without is asked about', () => {
    for (const name of [
      'Self-sticking wrap 5 cm',
      'Self-adhesive bandage',
      'Exam gloves M',
      'Elastic bandage 8 cm',
    ])
      expect([name, sure(name)]).toEqual([name, null])
    expect(sure('Cohesive bandage 5 cm, latex free')).toBe('cohesive-wrap')
    expect(sure('Self-adhesive bandage with latex 5 cm')).toBe('cohesive-wrap-latex')
  })
})

describe('words that only look alike', () => {
  it.each([
    ['Baby powder', 'baby-formula'],
    ['Louse powder', 'magnifier'],
    ['Louse powder', 'styptic-powder'],
    ['Strips for closing wounds', 'glucose-strips'],
    ['Pain reliever tablets', 'reliever-inhaler'],
    ['Sliver tweezers', 'silver-cream'],
  ])('%s is not %s', (name, id) => {
    expect(offered(name)).not.toContain(id)
    expect(sure(name)).not.toBe(id)
  })
  it('a tourniquet that does not say which is asked about', () => {
    expect(proposed('Tourniquet').kind).toBe('asked')
  })
})

describe('remedies without evidence', () => {
  it.each([
    'Arnica globules C30',
    'Homeopathic fever drops',
    'Flower essence drops',
    'Belladonna globules D6',
    'Herbal cough syrup',
    'Lavender essential oil',
  ])('%s is no medicine', (name) => {
    for (const id of offered(name)) {
      const entry = CATALOGUE.find((one) => one.id === id)
      expect([name, entry?.roles]).toEqual([name, ['comfort']])
    }
  })
})

describe('doubt', () => {
  it.each([
    ['white tablets, no label', 'unidentified'],
    ['unlabelled bottle', 'unidentified'],
    ['mystery pills', 'unidentified'],
    ['left-over antibiotic of Pip', 'left_over'],
    ['Ibuprofen 200 mg from Grandma', 'left_over'],
    ['Paracetamol 500 mg expired', 'worn_out'],
    ['Cough syrup half used', 'worn_out'],
    ['Adrenaline auto-injector 0.3 mg trainer', 'not_real'],
  ] as const)('%s: %s, and nothing is sure', (name, doubt) => {
    const found = proposed(name)
    expect([...found.name.doubts]).toContain(doubt)
    expect(found.kind).not.toBe('sure')
  })
  it('the trainer of an auto-injector is a trainer', () => {
    expect(offered('Adrenaline auto-injector 0.3 mg trainer')).not.toContain('adrenaline-03')
    expect(sure('Auto-injector trainer')).toBe('adrenaline-trainer')
  })
})

describe('what is set aside', () => {
  it('is named with what decides', () => {
    const found = proposed('Ibuprofen liquid 50 mg/5 mL')
    expect(found.kind).toBe('unknown')
    if (found.kind !== 'unknown') return
    expect(found.setAside?.entry.ingredients[0]?.substance).toBe('ibuprofen')
    expect(found.setAside && vetoes(found.setAside.because)).toBe(true)
  })
  it.each(['', '???', 'Grandfather’s box', 'blue thing', 'xyzzy'])('"%s" is nothing', (name) => {
    expect(proposed(name).kind).toBe('unknown')
  })
})

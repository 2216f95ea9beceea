import { describe, expect, it } from 'vitest'
import { ALWAYS, anItem, onDay, onePocket, surveyed } from '../../../tests/support/household'
import { keepingOfItem } from '../exposure/storage'
import { sheetContent } from './lidSheet'
import { withoutNames } from './withoutNames'

describe('the lid sheet', () => {
  it('lists what is good with its soonest date, and what belongs and lacks', () => {
    const stock = onePocket(
      ALWAYS,
      6,
      [
        { units: 1, expiry: onDay('2026-11-01') },
        { units: 2, expiry: onDay('2028-03-31'), note: 'from Ned’s drawer', unitPriceMinor: 490 },
        { units: 1, expiry: onDay('2027-03-31') },
      ],
      anItem(1, {
        name: 'Gauze',
        strength: '7.5 cm',
        purpose: 'For Ned: cover a wound',
        forWhom: 'Ned',
      }),
    )
    const [kit] = stock.kits
    if (!kit) throw new Error('made above')
    const sheet = sheetContent(surveyed(stock), kit, {
      household: 'Marrow & Quill',
      numbers: { emergency: '112', poison: null },
      memberNames: ['Ned', 'Ilse Marrow'],
      lidCode: null,
      keepingOf: (item) => keepingOfItem(item, new Map()),
    })
    expect(sheet.pockets[0]?.lines).toEqual([
      {
        title: 'Gauze 7.5 cm',
        unit: '',
        purpose: 'For …: cover a wound',
        good: 3000,
        par: 6000,
        expiry: { kind: 'day', day: '2027-03-31' },
        opened: false,
        keeping: { storage: null, source: null, frostHarms: false, millilitres: null },
      },
    ])
    expect(JSON.stringify(sheet.pockets)).not.toMatch(/Ned|490|drawer/)
  })
  it('hides whole names only, whatever their case', () => {
    const hide = withoutNames(['Ned', 'Åse'])
    expect(hide('NED’s inhaler')).toBe('… inhaler')
    expect(hide('needle')).toBe('needle')
    expect(hide('åse: spare')).toBe('Spare')
    expect(withoutNames([])('Ned')).toBe('Ned')
  })
})

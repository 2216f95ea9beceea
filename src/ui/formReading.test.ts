import { describe, expect, it } from 'vitest'
import { addPocket } from '../contract/kits'
import { act, againstContract, asking, errorsByField, faultsIn, missing } from './formReading'

const KIT = '11111111-1111-4111-8111-111111111111'

describe('what is wrong with a form', () => {
  it('is nothing where no field has a fault', () => {
    expect(faultsIn<{ name: string }>({ name: undefined })).toBeNull()
    expect(faultsIn<{ name: string }>({ name: 'too long' })).toEqual({
      kind: 'faults',
      faults: { name: 'too long' },
    })
  })
  it('spaces are nothing', () => {
    expect([missing(''), missing('  '), missing(null)]).toEqual(
      Array(3).fill('This is still missing.'),
    )
    expect(missing(' x ')).toBeUndefined()
  })
})

describe('what the server does not take', () => {
  it('stands at the deepest field of its path', () => {
    expect(
      errorsByField(
        [
          { path: 'item.new.name', message: 'too long' },
          { path: 'weighings.0', message: 'heavy' },
          { path: '', message: 'all of it' },
        ],
        { name: '', item: '' },
      ),
    ).toEqual({ name: 'too long', '': 'heavy' })
  })
  it('is found before it is sent, by the same schema', () => {
    const asked = (name: string) => asking(addPocket, { params: { kitId: KIT }, body: { name } })
    expect(againstContract(asked('Side pocket'))).toEqual([])
    expect(againstContract(asked(''))).toEqual([{ path: 'name', message: 'Give a name' }])
    expect(againstContract(asked('x'.repeat(121)))[0]?.message).toBe(
      'Keep the name under 120 characters',
    )
  })
  it('an act is its endpoint with what it is asked', () => {
    const asked = { params: { kitId: KIT }, body: { name: 'Lid' } }
    expect(act(addPocket, asked)).toEqual({ kind: 'act', act: { endpoint: addPocket, asked } })
  })
})

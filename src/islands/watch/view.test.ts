import { describe, expect, it } from 'vitest'
import { withPar } from '../kits/mat/view'
import { type Watch, withDone } from './view'

const errand = (key: string) => ({ key }) as Watch['gravest'][number]
const view = {
  gravest: [errand('a')],
  groups: [
    { total: 9, errands: [errand('a'), errand('b')] },
    { total: 1, errands: [errand('c')] },
  ],
  putOff: [{ errand: errand('d'), until: '2026-12-01' }],
} as unknown as Watch

describe('a screen that shows an act before it is confirmed', () => {
  it('marks an errand wherever it stands, and moves nothing', () => {
    const after = withDone('a')(view)
    expect(after.gravest).toEqual([{ key: 'a', isDone: true }])
    expect(after.groups).toEqual([
      { total: 9, errands: [{ key: 'a', isDone: true }, { key: 'b' }] },
      { total: 1, errands: [{ key: 'c' }] },
    ])
    expect(withDone('d')(view).putOff).toEqual([
      { errand: { key: 'd', isDone: true }, until: '2026-12-01' },
    ])
  })
  it('is the same where nobody has that errand', () => {
    expect(withDone('x')(view)).toEqual(view)
  })
  it('sets a target in its pocket and in no other', () => {
    const line = (id: string, par: number) => ({ item: { id }, par })
    const kit = {
      pockets: [
        { id: 'lid', lines: [line('gauze', 1000), line('tape', 2000)] },
        { id: 'tray', lines: [line('gauze', 3000)] },
      ],
    } as unknown as Parameters<ReturnType<typeof withPar>>[0]
    const after = withPar('lid', 'gauze', 4000 as never)(kit)
    expect(after.pockets.map(({ lines }) => lines.map(({ par }) => par))).toEqual([
      [4000, 2000],
      [3000],
    ])
  })
})

/** Parts that come after the screen: when the page is idle, at once when they are wanted, again after no answer. */
import { act, cleanup, render, screen } from '@testing-library/react'
import type { ComponentType } from 'react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { useLater } from '../../src/ui/useLater'

const Part = ({ name }: { readonly name: string }) => <p>{name}</p>
const Screen = ({
  load,
  wanted,
}: {
  readonly load: () => Promise<ComponentType<{ name: string }>>
  readonly wanted: boolean
}) => {
  const Later = useLater(load, wanted)
  return Later ? <Later name="Here" /> : <p>Not yet</p>
}

beforeEach(() => vi.useFakeTimers())
afterEach(() => {
  cleanup()
  vi.useRealTimers()
})
const settled = () => act(async () => vi.advanceTimersByTimeAsync(0))

it('is not asked for while the page has something to do, and then is', async () => {
  const load = vi.fn(async () => Part)
  render(<Screen load={load} wanted={false} />)
  await settled()
  expect(load).not.toHaveBeenCalled()
  await act(async () => vi.advanceTimersByTimeAsync(3000))
  expect(screen.getByText('Here')).toBeTruthy()
})
it('is asked for at once when it is wanted', async () => {
  render(<Screen load={async () => Part} wanted />)
  await settled()
  expect(screen.getByText('Here')).toBeTruthy()
})
it('is asked for again when it is wanted next, where nothing came', async () => {
  const load = vi.fn<() => Promise<ComponentType<{ name: string }>>>()
  load.mockRejectedValueOnce(new Error('no connection')).mockResolvedValue(Part)
  const { rerender } = render(<Screen load={load} wanted />)
  await settled()
  expect(screen.getByText('Not yet')).toBeTruthy()
  rerender(<Screen load={load} wanted={false} />)
  rerender(<Screen load={load} wanted />)
  await settled()
  expect(screen.getByText('Here')).toBeTruthy()
})
async function unreachable(): Promise<ComponentType<{ name: string }>> {
  throw new Error('no connection')
}
function Asking({ wanted, onMissed }: { readonly wanted: boolean; readonly onMissed: () => void }) {
  useLater(unreachable, wanted, onMissed)
  return null
}
it('says that it did not come, so that nobody waits for it', async () => {
  const missed = vi.fn()
  const { rerender } = render(<Asking wanted={false} onMissed={missed} />)
  await act(async () => vi.advanceTimersByTimeAsync(3000))
  expect(missed).not.toHaveBeenCalled()
  rerender(<Asking wanted onMissed={missed} />)
  await settled()
  expect(missed).toHaveBeenCalledOnce()
})

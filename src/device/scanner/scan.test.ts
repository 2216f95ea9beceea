import { describe, expect, it } from 'vitest'
import type { FrameSource } from './frames'
import { firstCode, type ReadPicture } from './scan'

/** Gives so many pictures in which nothing is seen, then one with a code. */
function source(empty: number): FrameSource & { readonly state: { stopped: boolean } } {
  const state = { stopped: false }
  let given = 0
  return {
    state,
    next: async () => {
      given += 1
      return given > empty ? new Blob(['code']) : new Blob([''])
    },
    stop: () => {
      state.stopped = true
    },
  }
}
const read: ReadPicture = async (picture) =>
  picture instanceof Blob && picture.size > 0 ? [']d210A7'] : []

describe('looking for a code', () => {
  it('goes on from picture to picture, and lets the camera go', async () => {
    const camera = source(2)
    expect(await firstCode(camera, read, new AbortController().signal)).toBe(']d210A7')
    expect(camera.state.stopped).toBe(true)
  })
  it('gives up where it was told how often to look', async () => {
    expect(await firstCode(source(5), read, new AbortController().signal, 2)).toBeNull()
  })
  it('ends when it is stopped, also while a picture is being read', async () => {
    const stop = new AbortController()
    const camera = source(0)
    const slow: ReadPicture = async (picture) => {
      stop.abort()
      return read(picture)
    }
    expect(await firstCode(camera, slow, stop.signal)).toBeNull()
    expect(camera.state.stopped).toBe(true)
  })
})

/** Where pictures of codes come from: a camera, or whatever stands in for one. */

/** Gives pictures until it is stopped. */
export interface FrameSource {
  /** The next picture; null while there is none yet. */
  next(): Promise<ImageData | Blob | null>
  stop(): void
}

/** Why no camera can be used: there is none, or it may not be used. */
export class NoCameraError extends Error {
  override readonly name = 'NoCameraError'
}

/**
 * The camera on the back of the device, shown in a video element.
 * @throws {NoCameraError}
 */
export async function cameraFrames(video: HTMLVideoElement): Promise<FrameSource> {
  if (!navigator.mediaDevices?.getUserMedia) throw new NoCameraError('No camera')
  const stream = await navigator.mediaDevices
    .getUserMedia({ video: { facingMode: 'environment' }, audio: false })
    .catch(() => {
      throw new NoCameraError('The camera may not be used')
    })
  video.srcObject = stream
  await video.play().catch(() => undefined)
  const canvas = document.createElement('canvas')
  return {
    async next() {
      const { videoWidth: width, videoHeight: height } = video
      if (width === 0) return null
      canvas.width = width
      canvas.height = height
      const context = canvas.getContext('2d', { willReadFrequently: true })
      context?.drawImage(video, 0, 0)
      return context?.getImageData(0, 0, width, height) ?? null
    },
    stop() {
      for (const track of stream.getTracks()) track.stop()
      video.srcObject = null
    },
  }
}

/** One picture, again and again: a label held still. */
export const stillFrames = (picture: Blob): FrameSource => ({
  next: async () => picture,
  stop: () => undefined,
})

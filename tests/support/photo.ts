/** A photo as a browser sends it: one pixel. */
const PIXEL =
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='
export const A_PHOTO = `data:image/png;base64,${PIXEL}`

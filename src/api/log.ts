/**
 * What is written down of a fault: which, and where in the code. Never its message: messages and
 * the details of a database error carry what people typed.
 */
export function logFault(error: unknown): void {
  console.error(JSON.stringify({ level: 50, time: Date.now(), ...faultOf(error) }))
}

export interface Fault {
  readonly fault: string
  /** PostgreSQL's or the system's own code. */
  readonly code?: string
  readonly constraint?: string
  readonly at: readonly string[]
  readonly cause?: Fault
}

/** The lines of a stack that name places in the code. */
const FRAME = /^\s+at /
const MOST_FRAMES = 12
const MOST_CAUSES = 4

export function faultOf(error: unknown, depth = 0): Fault {
  if (!(error instanceof Error)) return { fault: `a thrown ${typeof error}`, at: [] }
  const { code, constraint } = error as { code?: unknown; constraint?: unknown }
  return {
    fault: error.name,
    ...(typeof code === 'string' && { code }),
    ...(typeof constraint === 'string' && { constraint }),
    at: (error.stack ?? '')
      .split('\n')
      .filter((line) => FRAME.test(line))
      .slice(0, MOST_FRAMES)
      .map((line) => line.trim()),
    ...(error.cause !== undefined &&
      depth < MOST_CAUSES && { cause: faultOf(error.cause, depth + 1) }),
  }
}

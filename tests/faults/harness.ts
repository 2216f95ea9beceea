/**
 * Four devices on one household, over a network and on servers that fail: requests are dropped
 * before and after they arrive, sent twice, held back until others have gone ahead; servers are
 * killed. A device does what the product's devices do: it keeps an act under one key and sends it
 * until it is answered. Afterwards the record is held against what was acknowledged.
 */
import { type ChildProcess, spawn } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { createServer } from 'node:net'
import pg from 'pg'
import { unbalanced } from '../../scripts/backup'

export interface Setting {
  readonly seed: number
  readonly acts: number
  /** Of the application's role, into a migrated database of the harness's own. */
  readonly appUrl: string
  /** The same database for the administrator, who sees every household. */
  readonly adminUrl: string
  readonly servers: number
  /** How often, in acts, a server is killed; and what cuts the database off, how often. */
  readonly killEvery: number
  readonly cutEvery: number
  readonly cut: () => Promise<void>
  readonly report?: (done: number) => void
}

export interface Outcome {
  readonly acknowledged: number
  readonly refused: number
  readonly sent: number
  readonly dropped: number
  readonly doubled: number
  readonly kills: number
  readonly cuts: number
  /** Acknowledged, and not in the record. */
  readonly lost: number
  /** In the record more than once, or under a key that nobody used. */
  readonly twice: number
  /** Acknowledged with another answer than at first. */
  readonly answeredOtherwise: number
  /** Pockets in which the ledger does not add up to what lies there. */
  readonly unbalanced: number
  /** Lots in which what lies there is not what the acknowledged acts come to. */
  readonly miscounted: number
  /** Screens that a server which saw it all answers otherwise than one that was just started. */
  readonly differing: readonly string[]
}

/** A generator of numbers from 0 to 1 that a seed makes repeatable (mulberry32). */
function randomFrom(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

const freePort = (): Promise<number> =>
  new Promise((resolve, reject) => {
    const server = createServer()
    server.on('error', reject)
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address() as { port: number }
      server.close(() => resolve(port))
    })
  })

/** A server that can be killed and started again on its port. */
class Server {
  private child: ChildProcess | null = null
  private constructor(
    readonly port: number,
    private readonly appUrl: string,
  ) {}
  static async start(appUrl: string): Promise<Server> {
    const server = new Server(await freePort(), appUrl)
    await server.start()
    return server
  }
  get address(): string {
    return `http://127.0.0.1:${this.port}`
  }
  async start(): Promise<void> {
    this.child = spawn(process.execPath, ['server/main.mjs'], {
      stdio: 'ignore',
      env: {
        PATH: process.env.PATH,
        NODE_ENV: 'production',
        PORT: String(this.port),
        DATABASE_URL: this.appUrl,
        SATCHEL_SECRET: 'a secret for faults that is long enough',
        SATCHEL_TODAY: '2026-11-26',
      },
    })
    for (;;) {
      const live = await fetch(`${this.address}/api/health/live`).catch(() => null)
      if (live?.ok) return
      await sleep(50)
    }
  }
  kill(): Promise<void> {
    const { child } = this
    if (!child) return Promise.resolve()
    return new Promise((resolve) => {
      child.once('exit', () => resolve())
      child.kill('SIGKILL')
    })
  }
}

const sleep = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds))

interface Answered {
  readonly status: number
  readonly body: Record<string, unknown> & { readonly facts?: { readonly version?: number } }
}

/** An act as a device keeps it until it is answered. */
interface Kept {
  readonly key: string
  readonly method: string
  path: string
  body: Record<string, unknown>
  /** What it does to the lot's whole amount when it is done. */
  readonly effect: number
}

export async function runFaults(setting: Setting): Promise<Outcome> {
  const random = randomFrom(setting.seed)
  const servers = await Promise.all(
    Array.from({ length: setting.servers }, () => Server.start(setting.appUrl)),
  )
  const tally = { acknowledged: 0, refused: 0, sent: 0, dropped: 0, doubled: 0, kills: 0, cuts: 0 }
  const answers = new Map<string, unknown>()
  let answeredOtherwise = 0
  let cookie = ''

  const once = async (
    method: string,
    path: string,
    body?: object,
    key?: string,
  ): Promise<Answered | null> => {
    const server = servers[Math.floor(random() * servers.length)] as Server
    tally.sent += 1
    const response = await fetch(server.address + path, {
      method,
      headers: {
        cookie,
        ...(body && { 'content-type': 'application/json' }),
        ...(key && { 'idempotency-key': key }),
      },
      ...(body && { body: JSON.stringify(body) }),
    }).catch(() => null)
    if (!response) return null
    const set = response.headers.getSetCookie()
    if (set.length > 0 && cookie === '') cookie = set.map((one) => one.split(';')[0]).join('; ')
    const said = await response.json().catch(() => null)
    return said === null ? null : { status: response.status, body: said }
  }
  /** The network between a device and the servers; null when nothing came back. */
  const net = async ({ method, path, body, key }: Kept): Promise<Answered | null> => {
    const fate = random()
    if (random() < 0.15) await sleep(random() * 40)
    if (fate < 0.08) {
      tally.dropped += 1
      return null
    }
    if (fate < 0.16) {
      tally.doubled += 1
      const [first, second] = await Promise.all([
        once(method, path, body, key),
        once(method, path, body, key),
      ])
      return random() < 0.5 ? first : second
    }
    const answer = await once(method, path, body, key)
    if (fate < 0.24) {
      tally.dropped += 1
      return null
    }
    return answer
  }
  const mustAsk = async (
    method: string,
    path: string,
    body?: object,
  ): Promise<Record<string, unknown>> => {
    for (;;) {
      const answer = await once(method, path, body, body && randomUUID())
      if (answer && answer.status === 200) return answer.body
      if (answer && answer.status < 500)
        throw new Error(`${method} ${path}: ${JSON.stringify(answer)}`)
      await sleep(50)
    }
  }

  await once('POST', '/api/account/sign-up', {
    name: 'Ilse',
    email: `${randomUUID()}@example.invalid`,
    password: 'wet socks on the line',
  })
  const { placeId } = await mustAsk('POST', '/api/places', {
    name: 'House',
    rhythm: { kind: 'always' },
  })
  const { kitId } = await mustAsk('POST', '/api/kits', {
    placeId,
    name: 'Box',
    pockets: ['Lid', 'Tray', 'Bag'],
  })
  const kit = (await mustAsk('GET', `/api/kits/${kitId}`)) as { pockets: { id: string }[] }
  const pockets = kit.pockets.map(({ id }) => id)
  const wanted = new Map<string, number>()
  const lots: { readonly id: string; readonly pocketId: string; version: number }[] = []
  for (let n = 0; n < 8; n++) {
    const pocketId = pockets[n % pockets.length] as string
    const { lotId } = await mustAsk('POST', `/api/pockets/${pocketId}/lots`, {
      item: { new: { name: `Thing ${n}`, strength: '', unit: '', purpose: '', forWhom: '' } },
      amount: 50_000_000,
      expiry: { kind: 'none' },
    })
    lots.push({ id: lotId as string, pocketId, version: 1 })
    wanted.set(lotId as string, 50_000_000)
  }

  let begun = 0
  const undoable: { readonly actId: string; readonly lotId: string; readonly effect: number }[] = []
  /** What a device does next: mostly takes some, also puts more, moves within the lot, takes back. */
  const next = (): Kept & { readonly lot: (typeof lots)[number]; readonly undoes: boolean } => {
    const lot = lots[Math.floor(random() * lots.length)] as (typeof lots)[number]
    const key = randomUUID()
    const amount = 1000 * (1 + Math.floor(random() * 5))
    const seen = { pocketId: lot.pocketId, amount, seenVersion: lot.version }
    const dice = random()
    const back =
      dice > 0.9 ? undoable.splice(Math.floor(random() * undoable.length), 1)[0] : undefined
    if (back) {
      const of = lots.find(({ id }) => id === back.lotId) as (typeof lots)[number]
      return {
        key,
        method: 'POST',
        path: `/api/acts/${back.actId}/undo`,
        body: {},
        effect: -back.effect,
        lot: of,
        undoes: true,
      }
    }
    return dice < 0.6
      ? {
          key,
          method: 'POST',
          path: `/api/lots/${lot.id}/use`,
          body: seen,
          effect: -amount,
          lot,
          undoes: false,
        }
      : {
          key,
          method: 'POST',
          path: `/api/lots/${lot.id}/discard`,
          body: seen,
          effect: -amount,
          lot,
          undoes: false,
        }
  }

  async function device(): Promise<void> {
    while (begun < setting.acts) {
      begun += 1
      if (begun % 500 === 0) setting.report?.(begun)
      if (begun % setting.killEvery === 0) void killOne()
      if (begun % setting.cutEvery === 0) {
        tally.cuts += 1
        await setting.cut()
      }
      await until(next())
    }
  }
  /** Sends an act until it is answered, as the outbox does. */
  async function until(act: ReturnType<typeof next>): Promise<void> {
    for (;;) {
      const answer = await net(act)
      if (!answer || answer.status >= 500) {
        await sleep(20 + random() * 60)
        continue
      }
      const { status, body } = answer
      if (
        status === 409 &&
        body.code === 'changed_meanwhile' &&
        body.facts?.version !== undefined
      ) {
        act.lot.version = body.facts.version
        act.body = { ...act.body, seenVersion: body.facts.version }
        continue
      }
      if (status !== 200) {
        tally.refused += 1
        return
      }
      tally.acknowledged += 1
      const said = JSON.stringify(body)
      answers.set(act.key, said)
      wanted.set(act.lot.id, (wanted.get(act.lot.id) ?? 0) + act.effect)
      act.lot.version += 1
      if (!act.undoes && random() < 0.3)
        undoable.push({ actId: String(body.actId), lotId: act.lot.id, effect: act.effect })
      // Asked once more, late: the same answer.
      if (random() < 0.05) {
        const again = await once(act.method, act.path, act.body, act.key)
        if (again?.status === 200 && JSON.stringify(again.body) !== said) answeredOtherwise += 1
      }
      return
    }
  }
  let restarting: Promise<void> = Promise.resolve()
  function killOne(): Promise<void> {
    restarting = restarting.then(async () => {
      const server = servers[Math.floor(random() * servers.length)] as Server
      tally.kills += 1
      await server.kill()
      await server.start()
    })
    return restarting
  }

  try {
    await Promise.all([device(), device(), device(), device()])
    await restarting
    const differing = await screensDiffer()
    return { ...tally, answeredOtherwise, differing, ...(await recordAgainst()) }
  } finally {
    await Promise.all(servers.map((server) => server.kill()))
  }

  /** Every screen's answer, by the servers that lived through it and by one that was just started. */
  async function screensDiffer(): Promise<string[]> {
    const fresh = await Server.start(setting.appUrl)
    const differ: string[] = []
    for (const path of [
      '/api/watch',
      '/api/kits',
      `/api/kits/${kitId}`,
      '/api/stock',
      '/api/record',
      '/api/review',
      '/api/shopping',
      '/api/places',
      ...lots.map(({ id }) => `/api/lots/${id}`),
    ]) {
      const texts = new Set<string>()
      for (const { address } of [...servers, fresh]) {
        const answer = await fetch(address + path, { headers: { cookie } })
        texts.add(`${answer.status} ${await answer.text()}`)
      }
      if (texts.size > 1) differ.push(path)
    }
    await fresh.kill()
    return differ
  }

  async function recordAgainst() {
    const client = new pg.Client({ connectionString: setting.adminUrl })
    await client.connect()
    try {
      const { rows } = await client.query<{ key: string; n: number }>(
        'select idempotency_key as key, count(*)::int as n from act group by 1',
      )
      const recorded = new Map(rows.map(({ key, n }) => [key, n]))
      const { rows: there } = await client.query<{ lot_id: string; amount: string }>(
        'select lot_id, sum(amount) as amount from balance group by 1',
      )
      const lies = new Map(there.map(({ lot_id, amount }) => [lot_id, Number(amount)]))
      return {
        lost: [...answers.keys()].filter((key) => !recorded.has(key)).length,
        twice: rows.filter(({ n }) => n > 1).length,
        unbalanced: await unbalanced(client),
        miscounted: [...wanted].filter(([id, amount]) => (lies.get(id) ?? 0) !== amount).length,
      }
    } finally {
      await client.end()
    }
  }
}

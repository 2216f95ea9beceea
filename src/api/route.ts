/** From the address of a request to what answers it. */
import { addRoute, createRouter, findRoute } from 'rou3'
import { askedOf, isFile, NOUNS } from '../contract'
import type { Endpoint, FileEndpoint } from '../contract/endpoint'
import type { AccountHandler, FileHandler, HouseholdHandler } from './handler'
import { handlers } from './handlers'
import { problem, problemOf } from './problem'
import { type Incoming, serveAccount, serveFile, serveHousehold } from './serve'

type Serve = (incoming: Incoming) => Promise<Response>

/** The table of handlers is checked name by name; here each is only what its endpoint says. */
function serving(endpoint: Endpoint | FileEndpoint, handle: unknown): Serve {
  if (isFile(endpoint))
    return (incoming) => serveFile(endpoint, handle as FileHandler<FileEndpoint>, incoming)
  return endpoint.door === 'household'
    ? (incoming) => serveHousehold(endpoint, handle as HouseholdHandler<Endpoint>, incoming)
    : (incoming) => serveAccount(endpoint, handle as AccountHandler<Endpoint>, incoming)
}

const router = createRouter<Serve>()
const methods = new Set<string>()
for (const noun of NOUNS)
  for (const [name, endpoint] of askedOf(noun)) {
    const handle = (handlers[noun] as Record<string, unknown>)[name]
    addRoute(
      router,
      endpoint.method,
      endpoint.path.replace(/\{(\w+)\}/g, ':$1'),
      serving(endpoint, handle),
    )
    methods.add(endpoint.method)
  }

/** Answers a request of the interface, whatever it is and whatever happens. */
export async function route(
  request: Request,
  url: URL,
  caller: Incoming['caller'],
): Promise<Response> {
  // Whoever asks only for the head is answered like one who asks for all; the server cuts it.
  const method = request.method === 'HEAD' ? 'GET' : request.method
  const found = findRoute(router, method, url.pathname)
  if (!found) return unserved(url.pathname, request.method)
  try {
    const inPath = decoded(found.params ?? {})
    return inPath
      ? await found.data({ request, url, inPath, caller })
      : unserved(url.pathname, request.method)
  } catch (error) {
    return problemOf(error)
  }
}

/** Null where a parameter is no text. */
function decoded(params: Readonly<Record<string, string>>): Record<string, string> | null {
  try {
    return Object.fromEntries(
      Object.entries(params).map(([name, written]) => [name, decodeURIComponent(written)]),
    )
  } catch {
    return null
  }
}

/** No page and no endpoint is there, or none that knows this method. */
export function unserved(pathname: string, method: string): Response {
  const known = [...methods].filter((one) => findRoute(router, one, pathname)).sort()
  if (known.length > 0 && !known.includes(method)) {
    const answer = problem(
      405,
      'method_not_known',
      'This cannot be done here',
      `Ask with ${known.join(' or ')}; ${method} means nothing here.`,
    )
    answer.headers.set('allow', known.join(', '))
    return answer
  }
  return problem(
    404,
    'not_found',
    'This is not here',
    'Check the address; /api/openapi.json lists them all.',
  )
}

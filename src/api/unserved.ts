/** What no endpoint answers, in the form that every refusal of the interface has. */
import { allEndpoints } from './openapi'
import { problem } from './problem'

/** Addresses of the interface as patterns, with the methods that each knows. */
let known:
  | readonly { readonly pattern: RegExp; readonly methods: ReadonlySet<string> }[]
  | undefined

function methodsOf(pathname: string): readonly string[] {
  if (!known) {
    const methods = new Map<string, Set<string>>()
    for (const [, { path, method }] of allEndpoints)
      methods.set(path, (methods.get(path) ?? new Set()).add(method))
    known = [...methods].map(([path, all]) => ({
      pattern: new RegExp(`^${path.replace(/\{\w+\}/g, '[^/]+')}$`),
      methods: all,
    }))
  }
  return known
    .filter(({ pattern }) => pattern.test(pathname))
    .flatMap(({ methods }) => [...methods])
}

/** No page and no endpoint is there, or none that knows this method. */
export function unserved(pathname: string, method: string): Response {
  const methods = [...new Set(methodsOf(pathname))].sort()
  if (methods.length > 0 && !methods.includes(method)) {
    const answer = problem(
      405,
      'method_not_known',
      'This cannot be done here',
      `Ask with ${methods.join(' or ')}; ${method} means nothing here.`,
    )
    answer.headers.set('allow', methods.join(', '))
    return answer
  }
  return problem(
    404,
    'not_found',
    'This is not here',
    'Check the address; /api/openapi.json lists them all.',
  )
}

/** Which pages can be opened without a connection. */
import { KEPT_PAGES } from './kept'

export interface KeptPage {
  readonly href: string
  readonly title: string
}

/** In the order in which they were kept, by the title that each bears. */
export async function keptPages(): Promise<readonly KeptPage[]> {
  if (!(await caches.has(KEPT_PAGES))) return []
  const cache = await caches.open(KEPT_PAGES)
  const pages = await Promise.all(
    (await cache.keys()).map(async (request): Promise<KeptPage> => {
      const { pathname, search } = new URL(request.url)
      const html = (await (await cache.match(request))?.text()) ?? ''
      const { title } = new DOMParser().parseFromString(html, 'text/html')
      const [name = pathname] = title.split(' · ')
      return { href: pathname + search, title: name }
    }),
  )
  return pages
}

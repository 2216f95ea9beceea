/** No connection, and this page is not kept: what is, to go on with. */
import { useEffect, useState } from 'react'
import { type KeptPage, keptPages } from '../../device/keptPages'
import { words } from '../../words'
import classes from './away.module.css'

const w = words.rounds.away

export function AwayScreen() {
  const [pages, setPages] = useState<readonly KeptPage[] | null>(null)
  useEffect(() => {
    void keptPages().then(setPages)
    const again = () => location.reload()
    addEventListener('online', again)
    return () => removeEventListener('online', again)
  }, [])
  return (
    <main className={classes.page}>
      <h1>{w.title}</h1>
      {pages && <p>{pages.length > 0 ? w.lead : w.nothing}</p>}
      <ul>
        {pages?.map(({ href, title }) => (
          <li key={href}>
            <a href={href}>{title}</a>
          </li>
        ))}
      </ul>
      <button type="button" onClick={() => location.reload()}>
        {w.retry}
      </button>
    </main>
  )
}

/** Beside the mat while nothing is picked: what lies where it should not, rule by rule. */
import { POINTER_CODES } from '../../../core/layout/pointers'
import { words } from '../../../words'
import classes from './mat.module.css'
import type { Kit } from './view'

const pointersWords = words.kits.pointers

export function Minding({ kit }: { readonly kit: Kit }) {
  const name = (pocketId: string): string =>
    kit.pockets.find(({ id }) => id === pocketId)?.name ?? ''
  const rules = POINTER_CODES.map((code) => ({
    code,
    at: kit.pointers.filter((pointer) => pointer.code === code),
  })).filter(({ at }) => at.length > 0)
  return (
    <aside className={`${classes.hint} no-print`} aria-label={pointersWords.title}>
      <p>{words.kits.mat.pickOne}</p>
      <h2>{pointersWords.title}</h2>
      {rules.length === 0 ? (
        <p>{pointersWords.none}</p>
      ) : (
        <ul className={classes.minding}>
          {rules.map(({ code, at }) => (
            <li key={code}>
              <b title={pointersWords.source(code)}>{pointersWords.rule(code)}</b>
              <ul>
                {at.map(({ pocketId, things, seconds }) => (
                  <li key={pocketId}>
                    {things.join(', ')}{' '}
                    <small>
                      {name(pocketId)}
                      {seconds === null ? '' : `, ${words.kits.mat.reach(seconds)}`}
                    </small>
                  </li>
                ))}
              </ul>
            </li>
          ))}
        </ul>
      )}
    </aside>
  )
}

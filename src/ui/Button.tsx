/** What is pressed: one look for each kind of press, on a button or on a link that acts as one. */
import type { Icon } from '@tabler/icons-react'
import type { ComponentPropsWithRef, JSX } from 'react'
import { may, type Right } from '../core/people/role'
import classes from './Button.module.css'
import { useRole } from './role'

/**
 * What a press is for.
 * - `main`: the one thing to do next; large.
 * - `strong`: ends a form.
 * - `firm`: an act on what is looked at.
 * - `plain`: done now and then, beside what is looked at.
 * - `quiet`: looks like text; `link` likewise, in full ink.
 * - `chip`: of these, one or some are chosen; the chosen are said with `aria-pressed`.
 * - `tile`: one of a few large choices.
 * - `row`: a whole line, with its words on the left.
 * - `step`: one more, one fewer.
 * - `close`: puts away what is looked at.
 * - `bare`: what is inside carries the look.
 */
export type ButtonKind =
  | 'main'
  | 'strong'
  | 'firm'
  | 'plain'
  | 'quiet'
  | 'link'
  | 'chip'
  | 'tile'
  | 'row'
  | 'step'
  | 'close'
  | 'bare'

interface Look {
  readonly kind?: ButtonKind
  /** It is being done: nothing more can be pressed here until it is. */
  readonly busy?: boolean
  /** Drawn beside the words; alone, the press says what it does in `aria-label`. */
  readonly icon?: Icon
  /** As wide as what it stands in; a press in a grid is so anyway, `snug` is not. */
  readonly width?: 'wide' | 'snug'
  /** Not drawn for whoever may not. */
  readonly needs?: Right
}
type ButtonProps = Look & Omit<ComponentPropsWithRef<'button'>, keyof Look>
type LinkProps = Look & Omit<ComponentPropsWithRef<'a'>, keyof Look> & { readonly href: string }

const named = ({ kind = 'firm', width, className }: Look & { className?: string }): string =>
  [classes.button, classes[kind], width && classes[width], className].filter(Boolean).join(' ')

export function Button({
  kind,
  width,
  icon: Drawn,
  busy = false,
  disabled = false,
  type = 'button',
  className,
  children,
  onKeyDown,
  needs,
  ...rest
}: ButtonProps): JSX.Element | null {
  const role = useRole()
  if (needs && !may(role, needs)) return null
  return (
    <button
      {...rest}
      type={type}
      className={named({ kind, width, className })}
      disabled={disabled || busy}
      aria-busy={busy || undefined}
      onKeyDown={(event) => {
        // A key that is held is one press: what has the focus next is not pressed by it. Counting goes on.
        if (event.repeat && /^(?:Enter| )$/.test(event.key) && kind !== 'step')
          event.preventDefault()
        onKeyDown?.(event)
      }}
    >
      {Drawn && <Drawn aria-hidden className={classes.icon} />}
      {children}
      {busy && <i className={classes.busy} aria-hidden />}
    </button>
  )
}

/** A link that looks like a press, for what opens another page. */
export function ButtonLink({
  kind,
  width,
  icon: Drawn,
  busy,
  needs,
  className,
  children,
  ...rest
}: LinkProps): JSX.Element | null {
  const role = useRole()
  if (needs && !may(role, needs)) return null
  return (
    <a {...rest} className={named({ kind, width, className })} aria-busy={busy || undefined}>
      {Drawn && <Drawn aria-hidden className={classes.icon} />}
      {children}
    </a>
  )
}

/** One of a few answers; `pressed` where several stand side by side and some are chosen. */
export const Chip = ({
  pressed,
  ...rest
}: Omit<ButtonProps, 'kind'> & { readonly pressed?: boolean }): JSX.Element => (
  <Button kind="chip" aria-pressed={pressed} {...rest} />
)

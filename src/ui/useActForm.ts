/**
 * A form that is one act: it is saved or not, and taken back as one.
 *
 * It is read anew with every stroke by a pure function. What cannot be read is marked when somebody
 * goes on to the next field, what is missing when somebody sends it; a refusal of the server stands
 * beside the field that it is about.
 */
import { useForm } from '@mantine/form'
import { useRef, useState } from 'react'
import type { z } from 'zod'
import type { Endpoint } from '../contract/endpoint'
import type { ProblemError } from '../device/call'
import { useActing } from './acting'
import { afterPress } from './afterPress'
import { againstContract, errorsByField, type FormReading } from './formReading'
import { useStay } from './useStay'

type Values = Record<string, unknown>
/** The names of fields that hold a text. */
type TextName<V> = { [Name in keyof V]: V[Name] extends string ? Name : never }[keyof V] & string
type YesName<V> = { [Name in keyof V]: V[Name] extends boolean ? Name : never }[keyof V] & string

export interface ActFormOptions<V extends Values, E extends Endpoint> {
  readonly initial: V
  readonly read: (values: V) => FormReading<V, E>
  /** What is said when it is done. */
  readonly said: string | ((values: V, result: z.output<E['result']>) => string)
  /** What it is, in words, where it may wait on this device for a connection. */
  readonly about?: (values: V) => string
  /** Refusals that are about one field, by their code. */
  readonly refusals?: Readonly<Record<string, keyof V & string>>
  /** It is saved; `null` where there was nothing to change. */
  readonly onSaved: (result: z.output<E['result']> | null) => void
  /** It was sent and not saved; why has been said. */
  readonly onRefused?: () => void
}

export interface ActForm<V extends Values> {
  readonly values: V
  readonly set: (patch: Partial<V>) => void
  /** What a field for text takes. */
  readonly text: (name: TextName<V>) => {
    readonly value: string
    readonly onChange: (event: { readonly currentTarget: { readonly value: string } }) => void
    readonly onBlur: () => void
    readonly error: string | undefined
  }
  /** What a list of choices, a day, or any part that hands over its value takes. */
  readonly choice: <Name extends keyof V & string>(
    name: Name,
  ) => {
    readonly value: V[Name]
    readonly onChange: (value: unknown) => void
    readonly onBlur: () => void
    readonly error: string | undefined
  }
  /** What a box to tick takes. */
  readonly tick: (name: YesName<V>) => {
    readonly checked: boolean
    readonly onChange: (event: { readonly currentTarget: { readonly checked: boolean } }) => void
  }
  readonly errorOf: (name: keyof V & string) => string | undefined
  /** A refusal that belongs to no field of it, or to one that does not say so itself. */
  readonly error: string | undefined
  /** Somebody has sent it, and something is still wrong with it. */
  readonly held: boolean
  /** A field of it is marked, or will be where it comes into sight. */
  readonly marked: boolean
  readonly busy: boolean
  /** Something in it is not what it began with, and not saved. */
  readonly isWritten: boolean
  readonly submit: () => Promise<void>
  /** Begins again, with these in place of what it began with. */
  readonly restart: (values?: Partial<V>) => void
  readonly element: React.RefObject<HTMLFormElement | null>
}

const isWritten = (value: unknown): boolean =>
  typeof value === 'string' ? value.trim() !== '' : Array.isArray(value) && value.length > 0

export function useActForm<V extends Values, E extends Endpoint>({
  initial,
  read,
  said,
  about,
  refusals = {},
  onSaved,
  onRefused,
}: ActFormOptions<V, E>): ActForm<V> {
  const { run, busy } = useActing()
  const form = useForm<V>({ initialValues: initial })
  const [tried, setTried] = useState(false)
  /** Fields that somebody has been in and left. */
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set())
  const element = useRef<HTMLFormElement>(null)
  const { values, isDirty } = form
  useStay(isDirty(), isDirty)
  const reading = read(values)
  const faults: Readonly<Record<string, string | undefined>> =
    reading.kind === 'faults' ? reading.faults : {}
  /** Fields that are asked what is wrong with them: they say it themselves. */
  const drawn = new Set<string>()
  const errorOf = (name: string): string | undefined => {
    drawn.add(name)
    return (
      (form.errors[name] as string | undefined) ??
      (tried || (left.has(name) && isWritten(values[name])) ? faults[name] : undefined)
    )
  }
  const leave = (name: string) => () => afterPress(() => setLeft((all) => new Set(all).add(name)))
  const set = (patch: Partial<V>): void => {
    for (const name of Object.keys(patch)) form.clearFieldError(name)
    form.clearFieldError('')
    form.setValues(patch)
  }
  const pointAtFault = (): void => {
    // After the marks are drawn; a fault whose field is out of sight is scrolled to by the focus.
    requestAnimationFrame(() =>
      element.current?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus(),
    )
  }
  const mark = (errors: Readonly<Record<string, string>>): void => {
    form.setErrors(errors)
    pointAtFault()
  }
  const shows = ({ code, message, errors, status }: ProblemError): boolean => {
    const field = refusals[code]
    if (field) mark({ [field]: message })
    else if (status === 422 && errors.length > 0) mark(errorsByField(errors, values))
    else return false
    return true
  }
  const submit = async (): Promise<void> => {
    setTried(true)
    if (reading.kind === 'faults') return pointAtFault()
    if (reading.kind === 'unchanged') return onSaved(null)
    const { endpoint, asked } = reading.act
    const untaken = againstContract(reading.act)
    if (untaken.length > 0) return mark(errorsByField(untaken, values))
    const result = await run(
      endpoint,
      asked,
      typeof said === 'string' ? said : (answer) => said(values, answer),
      { about: about?.(values), shows },
    )
    if (!result) return onRefused?.()
    // Before whoever waits for it leaves the page.
    form.resetDirty(values)
    onSaved(result)
  }
  return {
    values,
    set,
    text: (name) => ({
      value: values[name] as string,
      onChange: ({ currentTarget: { value } }) => set({ [name]: value } as Partial<V>),
      onBlur: leave(name),
      error: errorOf(name),
    }),
    choice: (name) => ({
      value: values[name],
      onChange: (value) => set({ [name]: value } as Partial<V>),
      onBlur: leave(name),
      error: errorOf(name),
    }),
    tick: (name) => ({
      checked: values[name] as boolean,
      onChange: ({ currentTarget: { checked } }) => set({ [name]: checked } as Partial<V>),
    }),
    errorOf,
    // Read when the form itself is drawn, after its fields.
    get error() {
      const [, unsaid] = Object.entries(form.errors).find(([name]) => !drawn.has(name)) ?? []
      return unsaid as string | undefined
    },
    marked: tried && [...Object.values(faults), ...Object.values(form.errors)].some(Boolean),
    held: tried && (reading.kind === 'faults' || Object.keys(form.errors).length > 0),
    busy,
    isWritten: isDirty(),
    submit,
    restart: (more) => {
      const anew = { ...initial, ...more }
      form.setValues(anew)
      form.resetDirty(anew)
      form.clearErrors()
      setTried(false)
      setLeft(new Set())
    },
    element,
  }
}

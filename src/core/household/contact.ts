/** Somebody to call: a doctor, a parent, a clinic. */
export interface Contact {
  readonly name: string
  readonly phone: string
}

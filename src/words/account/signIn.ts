/** English for coming in. */

export const signIn = {
  title: 'Vivid Satchel',
  lead: 'First aid kits at home, in the car, at the cottage and in your bag: what is where, what expires, and what to do about it.',
  demo: 'Open the demo household',
  demoHint: 'Made-up people and animals; change what you like.',
  or: 'or your own household',
  email: 'E-mail',
  password: 'Password',
  name: 'Your name',
  signIn: 'Sign in',
  signUp: 'Make an account',
  toSignUp: 'New here? Make an account',
  toSignIn: 'Have an account? Sign in',
  failed: 'That did not work just now. Try again in a moment.',
  signOut: 'Sign out',
}

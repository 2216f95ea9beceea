declare namespace App {
  interface Locals {
    caller: import('./app/world').Caller | null
  }
}

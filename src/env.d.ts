declare namespace App {
  interface Locals {
    caller: import('./app/frame/world').Caller | null
  }
}

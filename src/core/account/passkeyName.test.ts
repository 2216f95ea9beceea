import { expect, it } from 'vitest'
import { passkeyName } from './passkeyName'

it.each([
  ['https://kits.example.org', { kind: 'name', name: 'kits.example.org' }],
  ['http://localhost:4321', { kind: 'name', name: 'localhost' }],
  ['http://127.0.0.1:4321', { kind: 'number', open: 'http://localhost:4321' }],
  ['http://127.0.0.1', { kind: 'number', open: 'http://localhost' }],
  ['http://[::1]:4321', { kind: 'number', open: 'http://localhost:4321' }],
  ['https://1and2.example.org', { kind: 'name', name: '1and2.example.org' }],
])('%s', (origin, name) => expect(passkeyName(origin)).toEqual(name))

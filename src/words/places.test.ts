import { describe, expect, it } from 'vitest'
import { CLIMATES, SIGNALS } from '../core/household/places'
import { calendar, importText, places } from './places'

const NOTHING_SAID = { minutesToHelp: null, minutesToVet: null, signal: null, climate: null }

describe('an entry of the calendar', () => {
  it.each([
    [{ kind: 'visit', place: 'Cottage', label: '' }, 'Cottage', ''],
    [{ kind: 'visit', place: 'Cottage', label: 'Advent' }, 'Cottage: Advent', ''],
    [{ kind: 'turns', place: 'Cottage', titles: ['Gauze'] }, 'Gauze expires, Cottage', 'Gauze'],
    [
      { kind: 'turns', place: 'Cottage', titles: ['Gauze', 'Tape'] },
      '2 things expire, Cottage',
      'Gauze, Tape',
    ],
    [{ kind: 'course', title: 'Drops', member: 'Moth' }, 'Drops: last day for Moth', ''],
    [
      { kind: 'weather', what: 'frost', place: 'Cottage', titles: ['Saline', 'Drops'] },
      'First frost by the model, Cottage',
      'Take indoors before: Saline, Drops',
    ],
    [
      { kind: 'weather', what: 'heat', place: 'Car', titles: ['Cream'] },
      'Above 30 °C by the model, Car',
      'Take indoors before: Cream',
    ],
  ])('%j', (entry, summary, description) => {
    expect(calendar.entry(entry as never)).toEqual({ summary, description })
  })
  it('a check says what and why', () => {
    const entry = { kind: 'check', kit: 'Box', place: 'Cottage', why: 'season', pockets: ['Lid'] }
    const { summary, description } = calendar.entry(entry as never)
    expect(summary).toBe('Look through Box, Cottage')
    expect(description).toMatch(/^[A-Z].*: Lid$/)
  })
})

describe('what is known of a place', () => {
  it('is said; what nobody has said is left out', () => {
    expect(places.summary(NOTHING_SAID)).toBe('')
    expect(places.summary({ ...NOTHING_SAID, minutesToHelp: 0 })).toBe('0 min to a clinic')
    expect(
      places.summary({ minutesToHelp: 45, minutesToVet: 60, signal: 'none', climate: 'car' }),
    ).toBe('45 min to a clinic · 60 min to a vet · signal none · a car: hot and cold')
  })
  it.each(SIGNALS)('signal %s has a word', (signal) => {
    expect(places.signalWord(signal)).toMatch(/^[a-z]+$/)
  })
  it.each(CLIMATES)('climate %s has a word', (climate) => {
    expect(places.climateWord(climate)).toMatch(/^[a-z: ]+$/)
  })
  it('a season is its days and months', () => {
    expect(places.seasonal({ kind: 'season', days: [6, 7], fromMonth: 5, toMonth: 9 })).toBe(
      'Sat, Sun from May to September',
    )
  })
})

describe('a calendar that is read', () => {
  it.each([
    [1, 'One visit to come', 'Add this visit'],
    [3, '3 visits to come', 'Add 3 visits'],
  ])('%i', (count, found, take) => {
    expect([importText.found(count), importText.take(count)]).toEqual([found, take])
  })
  it.each([
    [0, 0, ''],
    [2, 0, '2 past'],
    [0, 1, '1 without a day that can be read'],
    [2, 1, '2 past, 1 without a day that can be read'],
  ])('%i past and %i unreadable are left out', (past, unreadable, said) => {
    expect(importText.leftOut(past, unreadable)).toBe(said)
  })
  it.each([
    [3, 0, 0, '3 added'],
    [3, 1, 0, '3 added, 1 brought up to date'],
    [0, 0, 2, '0 added, 2 there already'],
    [1, 1, 1, '1 added, 1 brought up to date, 1 there already'],
  ])('%i added, %i changed, %i there', (added, changed, already, said) => {
    expect(importText.did(added, changed, already)).toBe(said)
  })
  it('says what to do where it cannot be read', () => {
    for (const said of Object.values(importText.refused)) expect(said).toMatch(/\. \w|: /)
  })
})

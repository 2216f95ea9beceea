/** What is said when the house has to be left: every gap, every question, every step. */
import { describe, expect, it } from 'vitest'
import type { EvacuationQuestion } from '../../core/evacuation/party'
import type { EvacuationGap } from '../../core/evacuation/plan'
import { USUAL_SECONDS } from '../../core/evacuation/tasks'
import type { MemberId } from '../../core/ids'
import { clock, evacuation } from './evacuation'

const memberId = '00000000-0000-4000-8006-000000000001' as MemberId
const GAPS: Readonly<Record<EvacuationGap['kind'], EvacuationGap>> = {
  no_hands: { kind: 'no_hands' },
  too_long: { kind: 'too_long', seconds: 840 },
  no_driver: { kind: 'no_driver' },
  no_seat: { kind: 'no_seat', names: ['Arlo'] },
  no_room: { kind: 'no_room', names: ['Moth', 'Pip'] },
  few_hands: { kind: 'few_hands', have: 2, need: 3 },
  led_away: { kind: 'led_away', names: ['Juniper'] },
  nowhere: { kind: 'nowhere' },
  nowhere_for_animals: { kind: 'nowhere_for_animals' },
}
const QUESTIONS: Readonly<Record<EvacuationQuestion['kind'], EvacuationQuestion>> = {
  drives: { kind: 'drives', memberId, name: 'Tove' },
  help: { kind: 'help', memberId, name: 'Grete' },
  hides: { kind: 'hides', memberId, name: 'Moth' },
  seats: { kind: 'seats', placeId: 'p', name: 'Estate car' },
  go_to: { kind: 'go_to' },
  animals_there: { kind: 'animals_there', name: 'Valley school' },
  tell: { kind: 'tell' },
  papers: { kind: 'papers' },
  photo: { kind: 'photo', memberId, name: 'Moth' },
}

describe('leaving the house', () => {
  it('every gap says what to do', () => {
    expect(Object.values(GAPS).map(evacuation.gap)).toMatchInlineSnapshot(`
      [
        "Nobody at home can fetch and carry. Agree with a neighbour who comes, and put them first on whom to tell.",
        "With people alone it takes 14 minutes. Leave everything else, and ask a neighbour to come over.",
        "Nobody at home is known to drive. Plan it on foot, or say who fetches you.",
        "No seat for Arlo. Say who fetches them, or go twice.",
        "No room in the car for Moth and Pip. Say who fetches them.",
        "On foot it takes three hands, and there are two. A sling or a carrier on the back frees one.",
        "Juniper: led away on foot, or fetched with a trailer. Agree with somebody who has one.",
        "Nobody has said where to go. Write down up to three places, one that takes animals.",
        "None of the places takes animals. Find one that does.",
      ]
    `)
  })
  it('every question names whom it is about', () => {
    expect(Object.values(QUESTIONS).map(evacuation.question)).toMatchInlineSnapshot(`
      [
        "Does Tove drive?",
        "How does Grete get out?",
        "Does Moth hide when there is noise?",
        "How many seats, and how much room for animals: Estate car?",
        "Where do you go?",
        "May animals come to Valley school?",
        "Whom do you tell that you have left?",
        "Where are the papers?",
        "There is no photo of Moth to show if it gets lost. Best is one with you in it: it shows whose it is.",
      ]
    `)
  })
  it('every step is a thing to do', () => {
    const kinds = Object.keys(USUAL_SECONDS) as (keyof typeof USUAL_SECONDS)[]
    expect(kinds.map((kind) => evacuation.task({ kind }, 'Moth', ''))).toMatchInlineSnapshot(`
      [
        "Find Moth and shut the door",
        "Shoes, jacket, phone, keys",
        "Shoes and jacket, then to the door",
        "Shoes and jacket for Moth; stay together",
        "Wrap up Moth and carry them",
        "Moth into the carrier",
        "Moth on the lead, with a tag",
        "Halter on, lead out: Moth",
        "Regular medicines and their papers",
        "First aid kit",
        "Papers",
        "Water",
        "Food",
        "Blankets and warm clothes",
        "Beds, bowls and covers for the animals",
        "Leave the house as planned, lock the door",
        "Everybody in; count heads",
      ]
    `)
    expect(evacuation.task({ kind: 'shut_in' }, 'Moth', 'behind the bath')).toBe(
      'Shut Moth in: behind the bath',
    )
  })
  it.each([
    [0, '0:00'],
    [59, '0:59'],
    [600, '10:00'],
  ])('%i seconds are %s', (seconds, said) => expect(clock(seconds)).toBe(said))
  it('the headline counts who leaves and says where not everything comes along', () => {
    expect(evacuation.headline(5, 3, 541, 0)).toBe(
      'Five people and three animals can be away in 10 minutes',
    )
    expect(evacuation.headline(1, 0, 200, 2)).toBe(
      'One person can be away in four minutes, and not everything comes along',
    )
    expect(evacuation.headline(0, 0, 0, 0)).toBe('Nobody is at home')
    expect(evacuation.headline(1, 1, 120, 9, ['no_hands'])).toBe('Nobody at home can do this alone')
    expect(evacuation.headline(2, 0, 300, 0, ['no_driver'])).toContain('nobody is known to drive')
    expect(evacuation.headline(6, 0, 300, 0, ['no_seat'])).toContain('too few seats')
  })
  it('what is missing is counted in what it is', () => {
    expect(evacuation.lacks({ need: 'hold-out-water', missing: 5.04, uses: 24 })).toBe(
      '5 of 24 L missing',
    )
    expect(evacuation.lacks({ need: 'leave-carried', missing: 1, uses: 2 })).toBe('1 of 2 missing')
  })
  it('the text that is sent names no address', () => {
    expect(evacuation.lost.text('Moth', 'cat, grey', 'White paw', '555-0101')).toBe(
      'Lost: Moth, cat, grey. White paw If you see it, call 555-0101. Do not chase it.',
    )
    expect(evacuation.lost.text('Moth', 'cat', '', '')).toBe('Lost: Moth, cat.')
  })
})

/** Cards for animals, and those that hold for everybody. */
import { ANIMALS, SPECIES, type Species } from '../household/species'
import { ANIMAL_AID, FIRST_AID, guide, step, VET } from './define'

const FURRY: readonly Species[] = ANIMALS.filter((one) => one !== 'bird')
const DOG_CAT: readonly Species[] = ['dog', 'cat']
const SMALL_EATERS: readonly Species[] = ['rabbit', 'guinea pig', 'hamster']

/** An animal in pain bites. */
const HELD =
  'Held by a second person: muzzled or wrapped. Never a muzzle on one that vomits or cannot breathe.'
const hold = step('Muzzle or wrap first; it bites when it hurts.', {
  takes: ['muzzle', 'wrap-animal'],
  skill: 'animal-handling',
})

export const ANIMAL_CARDS = [
  guide({
    id: 'bleed-animal',
    name: 'Bleeding, animal',
    species: FURRY,
    life: true,
    call: VET,
    stop: ['Pale gums, cold, weak: go now, pressing.'],
    before: [HELD],
    steps: [
      hold,
      step('Press with a pad for five minutes without looking.', {
        takes: ['stop-bleed', 'non-stick'],
        after: [5, 'Five minutes of pressure: has it stopped?'],
      }),
      step('Light padded wrap for the way; pre-stretch what is elastic.', {
        takes: ['padding', 'fix-dressing'],
      }),
    ],
    later: [{ days: 1, what: 'Dressing: toes warm, dry, not slipped?' }],
    handover: 'Where, how much, how long it was pressed, what colour the gums have.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'nail',
    name: 'Nail torn or cut too short',
    species: DOG_CAT,
    call: 'Vet: torn at the base, or does not stop in twenty minutes.',
    stop: ['Hanging nail: do not pull. Vet.'],
    before: [HELD],
    steps: [
      hold,
      step('Styptic powder, pressed on for a minute; cornstarch where there is none.', {
        takes: ['styptic'],
        after: [5, 'Nail: has it stopped?'],
      }),
      step('Clean sock or light cover against licking.', { takes: ['lick-guard'] }),
    ],
    later: [{ days: 2, what: 'Nail: swollen, licked, lame? The vet' }],
    handover: 'Which nail, when, how long it bled.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'eye-animal',
    name: 'Eye, animal',
    species: FURRY,
    call: `${VET} An eye is never left overnight where it is shut, cloudy or bulging.`,
    stop: [
      'Something sticks in it: leave it, keep from rubbing, go.',
      'No ointment with cortisone unless the vet has looked.',
    ],
    before: [HELD],
    steps: [
      step('Rinse with saline, from the nose outwards.', { takes: ['rinse-eye'] }),
      step('Debris gone: eye lubricant, in a dog.', { takes: ['eye-lubricant'] }),
      step('Sticky: wipe with wet gauze, one for each eye.', { takes: ['rinse-eye'] }),
      step('Collar on, so that it does not rub.', { takes: ['lick-guard'] }),
    ],
    later: [{ days: 2, what: 'Eye: not better? To the vet' }],
    handover: 'Since when, what was rinsed out, open or shut, colour.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'ear',
    name: 'Ear: rinse and dry',
    species: DOG_CAT,
    call: 'Vet: head held askew, pain, blood, smell, or a grass seed deep in it.',
    stop: ['Cries out or loses balance: stop. Nothing goes in deep, no cotton bud.'],
    before: ['The eardrum is whole, as far as the vet has said.', HELD],
    steps: [
      step('Fill with ear rinse, massage the base.', { takes: ['rinse-ear'] }),
      step('Let it shake. Dry what is reached with pads.', { takes: ['dry-ear'] }),
    ],
    later: [{ days: 3, what: 'Ear: smells, scratches? To the vet' }],
    handover: 'Which ear, what came out.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'sting-animal',
    name: 'Sting or bite with swelling, animal',
    species: FURRY,
    call: `${VET} At once: in the mouth, swollen throat, trouble breathing, wobbles, vomits, pale gums.`,
    stop: [
      'Breathing is noisy or hard: go now. No muzzle.',
      'No medicine for people unless its vet has written a rule.',
    ],
    before: ['Breathing freely.', 'Held; no muzzle on a swollen face.'],
    steps: [
      step('Sting seen: scrape it out.', { takes: ['tweezers'] }),
      step('Cold cloth on the place, ten minutes; nothing cold on bare skin.', {
        takes: ['cold', 'cloth'],
        after: [10, 'Swelling: one side or both? Breathing?'],
      }),
      step('Photo of the swelling, from the front.', { note: 'photo' }),
      step('Telephone the vet; only what the vet has agreed to, by its card.'),
      step('Count breaths. Look at gums.', {
        note: 'breathing',
        after: [15, 'Breaths, gums, swelling: look again'],
      }),
    ],
    later: [{ days: 1, what: 'Sting: swelling gone?' }],
    handover: 'Where, when, one side or both, breaths, what was given on whose word and when.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'tick-animal',
    name: 'Tick, animal',
    species: FURRY,
    call: 'Vet: fever, lame, tired or dark urine in the weeks after.',
    stop: ['No oil, no glue, no flame. Nothing with permethrin near a cat.'],
    steps: [
      step('Tick remover or fine tweezers, close to the skin, straight out.', {
        takes: ['tweezers', 'tick-remove'],
      }),
      step('Tick into a bag with the date; note the place.', { takes: ['bag-waste'] }),
    ],
    later: [{ days: 14, what: 'Tick: tired, lame, fever? To the vet' }],
    handover: 'Where on the body, the day.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'overheated-animal',
    name: 'Overheated animal',
    species: FURRY,
    life: true,
    call: VET,
    stop: [
      'Collapsed, vomits, wobbles, dark red or pale gums: cool and go at once.',
      '40.5 °C or more that has not fallen after five minutes is an emergency.',
    ],
    steps: [
      step(
        'Out of the heat. Wet down to the skin with cool water, fan. No ice, no wet towel left on.',
        {
          after: [5, 'Read again: has it fallen?'],
        },
      ),
      step('Read the temperature: probe cover and lubricant.', {
        note: 'temperature',
        takes: ['pet-thermometer', 'probe-cover', 'lubricant'],
      }),
      step('Awake: water to lap, small amounts.'),
      step('Read again five minutes later. Stop cooling when it nears normal.', {
        note: 'temperature',
      }),
    ],
    handover: 'How long in the heat, readings with times, how it was cooled, gums.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'poison-animal',
    name: 'Poison swallowed, animal',
    species: ANIMALS,
    life: true,
    call: 'Vet or poison line at once. Keep the pack.',
    stop: [
      'Nothing is brought up without the word of the vet or the line, and never by a rabbit, rodent or horse: they cannot.',
      'Seizes, drowsy, cannot breathe: go.',
    ],
    steps: [
      step('What, how much, when, species, weight: tell them.'),
      step('Keep it from licking; wipe paws and mouth.', { takes: ['lick-guard'] }),
      step('Only what they say, and note it.', {
        after: [10, 'Awake, breathing? Call again if anything changes'],
      }),
    ],
    handover: 'What, how much, when, weight; what was said and by whom; the pack.',
    guideline: 'Veterinary poison information: call first',
  }),
  guide({
    id: 'not-eating',
    name: 'Animal does not eat, gut slows down',
    species: SMALL_EATERS,
    life: true,
    call: `${VET} A rabbit or guinea pig that has not eaten for twelve hours is an emergency.`,
    stop: [
      'Hard round belly, cold ears, teeth grinding, limp: go now. No feeding of a bloated belly.',
    ],
    before: ['Swallows, sits upright, belly soft, and the vet agrees to feeding.'],
    steps: [
      step('Warm place, hay, the greens it likes best.'),
      step('Droppings: count and note.', { after: [120, 'Droppings since? Eaten anything?'] }),
      step(
        'Feed with the wide syringe, from the side, by the feeding mix; small amounts, time to chew.',
        {
          takes: ['recovery-food', 'feed-syringe'],
        },
      ),
    ],
    handover: 'Last eaten, last droppings, what was fed and when, weight.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'give-medicine',
    name: 'Giving medicine to one that resists',
    species: FURRY,
    call: 'Vet: cannot be given twice running, or it was vomited.',
    stop: ['Struggles for breath, or bites: stop, try later, ask.'],
    before: ['The dose stands on its card, by its vet. With or without food, as written.'],
    steps: [
      step('Hide it in a small treat, after one without and before another.', {
        takes: ['hide-tablet'],
      }),
      step('Else wrap, head free.', { takes: ['wrap-animal'] }),
      step(
        'Tablet far back on the tongue, stroke the throat, water after it. Liquid into the cheek, slowly.',
        {
          takes: ['dose-syringe'],
        },
      ),
      step('Note the time. Spat out: ask, do not repeat.'),
    ],
    handover: 'What went in, when, what came out.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'quills',
    name: 'Quills, thorns, hooks',
    species: SPECIES,
    call: 'Doctor or vet: in the face, mouth, chest or a joint, many, or deep.',
    stop: [
      'Near an eye, or a quill that has broken off: leave it, go.',
      'A hook with its barb under the skin: not pulled back.',
    ],
    before: ['Held, calm.'],
    steps: [
      step('Few and shallow: grip at the skin, pull straight out.', {
        takes: ['tweezers', 'magnifier'],
      }),
      step('Rinse. Cover, so that nobody licks.', { takes: ['rinse-wound', 'lick-guard'] }),
    ],
    later: [{ days: 3, what: 'Where it stuck: swollen, hot?' }],
    handover: 'How many, where, how many came out whole.',
    guideline: FIRST_AID,
  }),
  guide({
    id: 'trap',
    name: 'Caught in a trap or snare',
    species: FURRY,
    call: VET,
    stop: ['Not breathing: off the neck first, whatever it takes.'],
    before: ['Muzzle or jacket over the head: it will bite.'],
    steps: [
      step('Hold still, take the pull off the wire, then cut or open.', {
        takes: ['cutting', 'muzzle'],
      }),
      step('Bleeding: press. Foot: padded wrap for the way.', {
        takes: ['stop-bleed', 'fix-dressing'],
      }),
      step('To the vet even when it walks: damage shows later.', {
        after: [15, 'Foot or neck: swelling, warm, breathing?'],
      }),
    ],
    handover: 'How long it was caught, where, what it can move.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'coat',
    name: 'Skunk, tar or glue in the coat',
    species: DOG_CAT,
    call: 'Vet: in the eyes, or it has licked much of it.',
    stop: ['No petrol, no thinner. Nothing scented on a cat.'],
    before: ['Outdoors, gloves on, eyes kept free.'],
    steps: [
      step('Eyes first: saline.', { takes: ['rinse-eye', 'gloves'] }),
      step('Tar or glue: plain cooking oil, work it in, wipe, then wash.', {
        takes: ['coat-wash', 'comb'],
      }),
      step('Stink: wash for animals, twice, rinse well. Collar until dry.', {
        takes: ['coat-wash', 'lick-guard'],
      }),
    ],
    handover: 'What it was, how much was licked.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'dressing-check',
    name: 'Dressing check',
    species: SPECIES,
    call: 'Doctor or vet: cold, blue, swollen or numb beyond it, smell, soaked.',
    stop: ['Toes apart or swollen, or it is chewed: off with it, then ask.'],
    steps: [
      step('Fingers, toes: warm, normal colour, feel, move?'),
      step('Dry, not slipped, no smell?', { after: [720, 'Dressing again: toes, swelling, dry?'] }),
      step('Wet or dirty: a new one, as it was.', { takes: ['cover-wound', 'fix-dressing'] }),
    ],
    handover: 'When it was put on, when looked at, what was seen.',
    guideline: FIRST_AID,
  }),
  guide({
    id: 'stop-watching',
    name: 'When to stop watching and go',
    species: SPECIES,
    call: 'When in doubt, call and describe it. That is what they are there for.',
    stop: [
      'Breathing hard, fast or noisy; blue or pale; cannot be woken; seizes: emergency number, or the vet.',
      'Gets worse instead of better; pain that nothing eases; you are afraid.',
    ],
    steps: [
      step('Breaths, pulse, temperature: note them now.', { note: 'breathing' }),
      step('Say aloud what would make you go, and by when.', {
        after: [30, 'Better, the same or worse? Worse or the same: go'],
      }),
      step('The handover page is ready: take it along.'),
    ],
    handover: 'What changed since it began.',
    guideline: FIRST_AID,
  }),
] as const

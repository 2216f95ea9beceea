/** Cards for animals, and those that hold for everybody. */
import { ANIMALS, BIRDS, GUT_SENSITIVE, SPECIES, type Species } from '../household/species'
import { ANIMAL_AID, FIRST_AID, guide, step, VET } from './define'

const DOG_CAT: readonly Species[] = ['dog', 'cat']
const SMALL_EATERS: readonly Species[] = GUT_SENSITIVE
/** Muzzled or wrapped, and bandaged as one learns it on a dog. */
const HELD_BY_HAND: readonly Species[] = ['dog', 'cat', 'ferret', 'other']
const TOWELLED: readonly Species[] = [...GUT_SENSITIVE, ...BIRDS, 'tortoise']
const FURRY: readonly Species[] = [...HELD_BY_HAND, ...GUT_SENSITIVE, 'horse']

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
    species: HELD_BY_HAND,
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
    species: [...DOG_CAT, ...SMALL_EATERS, 'ferret', ...BIRDS],
    call: 'Vet: torn at the base, or does not stop in twenty minutes.',
    stop: ['Hanging nail: do not pull. Vet.'],
    before: [
      'Held by a second person: a dog muzzled, a cat or a small animal in a towel, a bird with its chest free.',
    ],
    steps: [
      step('Hold it first: muzzle, or towel. It bites or kicks when it hurts.', {
        takes: ['muzzle', 'wrap-animal'],
      }),
      step('Styptic powder, pressed on for a minute; starch or flour where there is none.', {
        takes: ['styptic', 'starch'],
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
    species: [...HELD_BY_HAND, ...TOWELLED],
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
    species: ANIMALS,
    life: true,
    call: VET,
    stop: [
      'Collapsed, vomits, wobbles, dark red or pale gums: cool and go at once.',
      'A reading that has not fallen after five minutes is an emergency.',
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
    species: [...HELD_BY_HAND, ...SMALL_EATERS],
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
    id: 'bleed-small',
    name: 'Bleeding, small animal or bird',
    species: TOWELLED,
    life: true,
    call: `${VET} A teaspoon of blood is much for a small body.`,
    stop: ['Limp, cold or pale: go now, pressing.', 'A bird with a bleeding new feather: the vet.'],
    before: ['In a towel, head free. A bird’s chest must move: never pressed.'],
    steps: [
      step('In a towel, on a table, one hand over it.', { takes: ['wrap-animal'] }),
      step('Press with a pad or a fingertip for five minutes.', {
        takes: ['non-stick', 'cover-wound'],
        after: [5, 'Five minutes of pressure: has it stopped?'],
      }),
      step('A nail, beak or claw: styptic powder or starch, pressed on.', {
        takes: ['styptic', 'starch'],
      }),
      step('Warm, dark and quiet on the way. No ointment that it can lick off.'),
    ],
    handover: 'Where, how much blood, how long it was pressed.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'bleed-horse',
    name: 'Wound or bleeding, horse',
    species: ['horse'],
    life: true,
    call: `${VET} Near a joint or tendon, on the hoof, deep, or spurting: at once.`,
    stop: [
      'Something sticks in it: leave it, pad around it.',
      'It will not be held: stay clear, wait for help.',
    ],
    before: ['A halter, and a second person at the head, both on the same side. No muzzle.'],
    steps: [
      step('Halter on; the helper keeps its head up and talks to it.', { takes: ['halter'] }),
      step(
        'Bleeding: pads, and press by hand for ten minutes. Name the leg: near or off, fore or hind.',
        {
          takes: ['large-dressing', 'cover-wound'],
          after: [10, 'Ten minutes of pressure: has it stopped?'],
        },
      ),
      step('Not bleeding hard: rinse with saline or clean water, a large syringe at a time.', {
        takes: ['rinse-wound', 'irrigate'],
      }),
      step('Large pad, a roll of padding, a wrap over all, not tighter below than above.', {
        takes: ['padding', 'fix-dressing'],
      }),
      step('Breaths, pulse, colour of the gums.', {
        note: 'breathing',
        after: [15, 'Dressing: soaked, slipped? Breaths and pulse'],
      }),
    ],
    later: [{ days: 1, what: 'Leg: swollen above or below, dressing slipped? The vet' }],
    handover: 'Which leg, how deep, near which joint; last tetanus protection; what was put on.',
    guideline: 'First aid for horses as veterinary bodies teach it; the vet wins',
  }),
  guide({
    id: 'wound-animal',
    name: 'Wound, animal',
    species: [...HELD_BY_HAND, ...SMALL_EATERS, 'tortoise'],
    call: `${VET} A bite, a puncture, or a wound that gapes: today.`,
    stop: [
      'Something sticks in it: leave it, pad around it, go.',
      'Gapes: covered moist, not glued or stapled. The vet closes it within hours.',
    ],
    before: ['Held: a dog muzzled, the others in a towel.'],
    steps: [
      step('Rinse with saline or clean water.', { takes: ['rinse-wound'] }),
      step('A pad that does not stick.', { takes: ['non-stick'] }),
      step(
        'Light padded wrap, two fingers fit under it. Not on rabbits and rodents: a cover, and go.',
        {
          takes: ['padding', 'fix-dressing'],
        },
      ),
      step('Kept from licking: collar, sock, suit.', { takes: ['lick-guard'] }),
    ],
    later: [{ days: 1, what: 'Dressing: toes warm, dry, not slipped?' }],
    handover: 'With what, when, how it was rinsed, what was put on.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'eye-horse',
    name: 'Eye, horse',
    species: ['horse'],
    call: `${VET} Shut, cloudy, weeping or swollen: the same day.`,
    stop: [
      'Something sticks in it: leave it. No ointment with cortisone unless the vet has looked.',
    ],
    before: ['Halter, a second person at the head, out of the sun.'],
    steps: [
      step('Rinse with saline from the corner at the nose.', { takes: ['rinse-eye'] }),
      step('Dark stable, fly mask if it has one. Keep it from rubbing.'),
      step('Photo for the vet.', { note: 'photo' }),
    ],
    handover: 'Since when, open or shut, colour, what was rinsed out.',
    guideline: 'First aid for horses as veterinary bodies teach it; the vet wins',
  }),
  guide({
    id: 'colic',
    name: 'Colic, horse',
    species: ['horse'],
    life: true,
    call: 'Call the vet at once. Say: colic, since when, what you see.',
    stop: [
      'Rolls, sweats, gums dark or pale: stay clear of its legs, keep calling.',
      'Nothing by mouth: a horse cannot vomit.',
    ],
    before: ['Halter, helmet, gloves; a second person.'],
    steps: [
      step('Take the feed away. Water stays.'),
      step('Pulse, breaths, gums, droppings: note them.', {
        note: 'pulse',
        after: [15, 'Pulse, gums, rolling: tell the vet if it is worse'],
      }),
      step('Its temperature, with the string tied to the tail.', {
        note: 'temperature',
        takes: ['pet-thermometer', 'lubricant'],
      }),
      step('Walk it gently if it wants to roll, not for hours.'),
      step('Only what the vet says on the telephone, by its card.'),
    ],
    handover:
      'Since when, pulse and times, droppings, gut sounds, feed and changes, what was given.',
    guideline: 'First aid for horses as veterinary bodies teach it; the vet wins',
  }),
  guide({
    id: 'hoof',
    name: 'Nail or abscess in a hoof',
    species: ['horse'],
    call: `${VET} A nail in the sole: before it is pulled. Lame at a walk: today.`,
    stop: ['A nail is not pulled before the vet has seen where it goes.'],
    before: ['Halter, a second person, firm ground.'],
    steps: [
      step('Pick the hoof clean around it. Photo of where it sits.', { note: 'photo' }),
      step('Pad so that it does not tread it deeper: padding, wrap over the hoof.', {
        takes: ['padding', 'fix-dressing'],
      }),
      step('Stand it still. Heat in the hoof, pulse above it: note.', { note: 'pulse' }),
    ],
    handover: 'Which hoof, where, since when, how lame, last tetanus protection.',
    guideline: 'First aid for horses as veterinary bodies teach it; the vet wins',
  }),
  guide({
    id: 'bloat',
    name: 'Swollen belly, dog',
    species: ['dog'],
    life: true,
    call: 'Call the clinic now, and go: minutes count.',
    stop: [
      'Retches and brings nothing up, belly hard and wide, restless: a twisted stomach. Go.',
      'Nothing by mouth, nothing to make it vomit.',
    ],
    steps: [
      step('Food and water away. Lead on, walk it to the car, do not press the belly.', {
        takes: ['leash'],
      }),
      step('Gums and breaths on the way.', {
        note: 'breathing',
        after: [10, 'Gums, breaths: call the clinic if it gets worse'],
      }),
    ],
    handover: 'Last fed, since when, retching, size of the belly, breed and weight.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'gut',
    name: 'Bloated, gut stands still',
    species: SMALL_EATERS,
    life: true,
    call: `${VET} At once: a hard round belly kills within hours.`,
    stop: [
      'Hard round belly, teeth grinding, cold ears, limp: go now. No feeding, no massage.',
      'They cannot vomit: nothing is brought up.',
    ],
    steps: [
      step('Warm it: a towel, a warm bottle in a cloth beside it.', {
        takes: ['warm', 'wrap-animal'],
      }),
      step('Its temperature, if somebody was taught. Cold ears say as much.', {
        note: 'temperature',
        takes: ['pet-thermometer'],
      }),
      step('Gas drops and pain relief only as its vet wrote, by the card.'),
      step('In the carrier, padded, and go.', { takes: ['carrier'] }),
    ],
    handover: 'Last eaten, last droppings, belly soft or hard, temperature, what was given.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'weak-bird',
    name: 'Weak or breathless bird, fluffed up',
    species: BIRDS,
    life: true,
    call: `${VET} A bird that shows it is ill has been ill for days.`,
    stop: [
      'Open beak, tail pumping, lies on the floor: go now.',
      'Smoke, hot pans, sprays: out into fresh air at once.',
    ],
    before: ['Handled as little as can be; the chest never pressed.'],
    steps: [
      step('Fresh air, then a warm dark box with holes, about 30 °C.', {
        takes: ['carrier', 'warm'],
      }),
      step('Breaths: open beak, noise, how the tail moves.', {
        note: 'breathing',
        after: [15, 'Breathing, posture: the same, better, worse?'],
      }),
      step('Water within reach, nothing by force.'),
    ],
    handover: 'Since when, eating, droppings, breathing, fumes in the house, others ill?',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'chilled-animal',
    name: 'Chilled animal',
    species: ANIMALS,
    life: true,
    call: VET,
    stop: [
      'Limp, cannot be woken, breathes slowly: wrap and go.',
      'Nothing hot straight on the skin. Nothing by mouth before it is warm and awake.',
    ],
    steps: [
      step('Dry it. Out of wind and wet, towel and blanket around it.', {
        takes: ['warm', 'wrap-animal'],
      }),
      step('Warm bottles or packs in a cloth beside it, never on bare skin.', { takes: ['cloth'] }),
      step('Its temperature, but not of a bird.', {
        note: 'temperature',
        takes: ['pet-thermometer', 'lubricant'],
        after: [30, 'Temperature again: does it rise?'],
      }),
      step('Warmth before food: small ones are fed only when they are warm.'),
    ],
    handover: 'How long, wet or dry, readings with times, how it was warmed.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'burn-animal',
    name: 'Burn or scald, animal',
    species: ANIMALS,
    call: VET,
    stop: ['Smoke breathed in, mouth or paws burnt, or more than a palm: go.'],
    before: ['Held as it is used to; it bites when it hurts.'],
    steps: [
      step('Cool running water on the place, ten to twenty minutes, the rest kept warm.', {
        takes: ['cool-burn'],
        after: [15, 'Cooling: enough? Keep the rest warm'],
      }),
      step('Cover loosely with a pad that does not stick. No ointment, no butter.', {
        takes: ['burn-cover', 'non-stick'],
      }),
    ],
    handover: 'With what, when, how large, how long it was cooled.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'dry-animal',
    name: 'Vomits, loose stool, dry',
    species: ['dog', 'cat', 'ferret', 'horse', 'other'],
    call: `${VET} Blood, dull, a young one, swollen belly, or nothing stays in: now.`,
    stop: [
      'Retches and brings nothing up, belly hard: the card for a swollen belly, and go.',
      'A horse that seems to vomit: the vet at once. They cannot.',
    ],
    steps: [
      step('Food away for some hours, not for a small or young one: ask.'),
      step(
        'Water, a few laps every half hour. Lift the skin of the neck: does it fall back at once?',
        {
          takes: ['water'],
          after: [30, 'Stays in? Dull? Gums wet?'],
        },
      ),
      step('Rehydration and medicine only as the vet says.'),
    ],
    later: [{ days: 1, what: 'Stomach: eats, drinks, better? Else the vet' }],
    handover: 'Since when, how often, what it looks like, what it may have eaten, water kept down.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'low-sugar-animal',
    name: 'Low sugar: wobbly, weak, seizes',
    species: ['dog', 'cat', 'ferret', 'other'],
    life: true,
    call: VET,
    stop: ['Seizes or cannot be woken: nothing into the mouth; wrap, go.'],
    before: ['Has diabetes and had insulin, or has worked hard without food, or is very small.'],
    steps: [
      step('Awake: honey or sugar water on the gums, a little, again after five minutes.', {
        takes: ['sugar-fast'],
        after: [10, 'Ten minutes since the sugar: better? Call either way'],
      }),
      step('Better: a small meal. No more insulin before the vet has been asked.'),
    ],
    handover: 'Insulin last given and how much, last meal, when it began, sugar given.',
    guideline: ANIMAL_AID,
  }),
  guide({
    id: 'alone',
    name: 'One pair of hands',
    species: SPECIES,
    life: true,
    call: 'Phone on loudspeaker first, beside you. Unlock the door.',
    stop: ['You feel faint, or it gets worse: say so to the line. Sit down before you fall.'],
    steps: [
      step('Press with your own weight: a knee, a forearm; keep a hand free for the phone.'),
      step('Shout for somebody. A child can open the door, fetch the kit, hold the lamp.'),
      step('Do one thing at a time, the first one first: breathing, bleeding, warmth.', {
        after: [5, 'Breathing, bleeding: look again'],
      }),
      step('Alone with an animal: shut it in a small room or box, then call.'),
    ],
    handover: 'That you were alone, since when, what could not be done.',
    guideline: FIRST_AID,
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
    species: [...HELD_BY_HAND, ...GUT_SENSITIVE],
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

/** Cards for people. */
import { PEOPLE } from '../catalogue/define'
import { EMERGENCY, FIRST_AID, guide, RESUSCITATION, step } from './define'

export const PEOPLE_CARDS = [
  guide({
    id: 'bleed-limb',
    name: 'Severe bleeding of an arm or leg',
    species: PEOPLE,
    life: true,
    call: EMERGENCY,
    stop: ['Pale, cold, confused or drowsy: lay flat, keep warm, tell the line.'],
    before: ['Your own gloves on, if they are at hand. Do not wait for them.'],
    steps: [
      step('Press hard on the place with a dressing or cloth. Do not lift it to look.', {
        takes: ['gloves', 'stop-bleed'],
      }),
      step('Soaked through: a second dressing on top, press on.', { takes: ['stop-bleed'] }),
      step(
        'Still running: windlass tourniquet a hand above the wound, not on a joint. Turn until it stops.',
        {
          takes: ['windlass'],
          skill: 'tourniquet',
          note: 'tourniquet',
          after: [10, 'Tourniquet: still tight? Tell the line how long'],
        },
      ),
      step('Write the time on the card and on the skin. Do not loosen it.', { takes: ['pen'] }),
      step('Lay flat, cover, stay and talk.', {
        takes: ['warm'],
        after: [5, 'Look again: bleeding, colour, awake?'],
      }),
    ],
    handover: 'Where it bled, how much, when pressure began, when the tourniquet went on.',
    guideline: RESUSCITATION,
  }),
  guide({
    id: 'wound-gaping',
    name: 'Gaping or deep wound',
    species: PEOPLE,
    call: 'A doctor today. Emergency number if it does not stop, or on the chest, neck or belly.',
    stop: [
      'Does not stop after ten minutes of pressure: call.',
      'Something sticks in it: leave it, pad around it, go.',
      'Cannot feel or move what lies beyond it: go.',
    ],
    before: ['Gloves on.'],
    steps: [
      step('Press with a sterile dressing for ten minutes, without looking.', {
        takes: ['gloves', 'stop-bleed'],
        after: [10, 'Ten minutes of pressure: has it stopped?'],
      }),
      step('Runs on and it is deep, on arm, leg or groin: pack with gauze and press.', {
        takes: ['pack-wound'],
        skill: 'wound-packing',
      }),
      step('Cover, hold with a wrap. Do not close it yourself when it is dirty, bitten or deep.', {
        takes: ['cover-wound', 'fix-dressing'],
      }),
      step('Check that fingers or toes beyond it are warm and pink.', {
        after: [15, 'Beyond the wrap: warm, pink, feels?'],
      }),
    ],
    later: [
      { days: 3, what: 'Wound: red, hot, swollen, pus?' },
      { days: 10, what: 'Stitches or staples: out, by a professional' },
    ],
    handover: 'How it happened, with what, when; tetanus protection; what was put on.',
    guideline: FIRST_AID,
  }),
  guide({
    id: 'close-cut',
    name: 'Strip, glue or staple: what closes a cut',
    species: PEOPLE,
    call: 'A doctor: face, hand, joint, groin, deep or wide, a bite, dirty, older than six hours.',
    stop: [
      'Dirty, bitten, punctured, or you see fat, sinew or bone: rinse, cover, go. Nothing closes it here.',
      'Never near an eye, and no glue into a wound.',
    ],
    before: ['Rinsed clean, dry around it, bleeding stopped.'],
    steps: [
      step('Shallow and shorter than 3 cm, edges meet by themselves: strips across, 3 mm apart.', {
        takes: ['close-cut'],
      }),
      step(
        'Shallow, straight, shorter than 3 cm, not over a joint: glue on top, edges held for a minute.',
        {
          takes: ['glue-cut'],
        },
      ),
      step('Scalp, arm, leg, longer or wider: staples, by who was taught, after rinsing long.', {
        takes: ['rinse-wound', 'staple-cut'],
        skill: 'staples',
      }),
      step('A dressing over it, and keep it dry for a day.', {
        takes: ['cover-wound', 'fix-dressing'],
      }),
    ],
    later: [
      { days: 3, what: 'Cut: red, hot, swollen, pus? The doctor' },
      { days: 10, what: 'Stitches or staples: out, by a professional' },
    ],
    handover: 'With what, how long and deep, how it was rinsed and closed, tetanus protection.',
    guideline: FIRST_AID,
  }),
  guide({
    id: 'rash',
    name: 'Rash: which kind',
    species: PEOPLE,
    call: 'Emergency number: does not fade under a glass, with fever or drowsy; or swollen face, trouble breathing.',
    stop: [
      'Spots that do not fade when a glass is pressed on them, with fever: emergency number, now.',
      'Hives all over with hoarse voice, vomiting or faint: the card for severe allergy.',
    ],
    steps: [
      step('Press a clear glass on it: does it fade? Photo, with the time.', { note: 'photo' }),
      step('Read the temperature.', { note: 'temperature', takes: ['thermometer'] }),
      step(
        'Hives that itch and move: an antihistamine by its card. What was new: food, plant, medicine?',
        {
          after: [30, 'Rash: spreads? Breathing, face, fever?'],
        },
      ),
      step('Blisters, or a rash after a new medicine: no more of it, a doctor today.'),
      step('A growing red ring after a tick: photo, doctor.'),
    ],
    later: [{ days: 2, what: 'Rash: still there, or fever? The doctor' }],
    handover: 'Since when, fades or not, fever, what was new, medicines taken.',
    guideline: FIRST_AID,
  }),
  guide({
    id: 'wound-small',
    name: 'Small wound or graze',
    species: PEOPLE,
    call: 'Nobody, unless a line below is true.',
    stop: [
      'A bite, a puncture by something dirty, or grit that does not come out: doctor.',
      'No tetanus protection, or nobody knows: doctor within a day.',
    ],
    before: ['Hands clean, gloves on.'],
    steps: [
      step('Rinse with saline or clean running water until it is clean.', {
        takes: ['gloves', 'rinse-wound'],
      }),
      step('Dilute antiseptic second, if you use one. No peroxide, no spirit in the wound.', {
        takes: ['dilute-antiseptic'],
      }),
      step('Cover with something that does not stick.', { takes: ['plaster', 'cover-wound'] }),
    ],
    later: [{ days: 3, what: 'Wound: red, hot, swollen, pus? Then the doctor' }],
    handover: 'What it was, when, how it was rinsed.',
    guideline: FIRST_AID,
  }),
  guide({
    id: 'eye',
    name: 'Something in an eye',
    species: PEOPLE,
    call: 'Chemical: poison line while you rinse. Emergency number where sight is gone.',
    stop: [
      'Something sticks in it: do not touch or rinse; cover both eyes loosely, go.',
      'Sees less, light hurts badly, or blood in the eye: go.',
    ],
    before: ['Hands clean. Contact lenses out, unless they stick.'],
    steps: [
      step('Rinse from the nose outwards with saline or clean water.', { takes: ['rinse-eye'] }),
      step('A chemical: rinse for 20 minutes, lids open. Alkali longer, on the way too.', {
        after: [20, 'Twenty minutes of rinsing: go on until somebody says stop'],
      }),
      step('Do not rub. Cover if light hurts.', { takes: ['eye-cover'] }),
    ],
    later: [{ days: 2, what: 'Eye: not better? To the doctor' }],
    handover: 'What got in, when, how long it was rinsed, what is seen.',
    guideline: FIRST_AID,
  }),
  guide({
    id: 'burn',
    name: 'Burn or scald',
    species: PEOPLE,
    call: 'Emergency number: larger than the hand of the burnt one, face, hands, joints, groin, a baby, electricity.',
    stop: ['White, black or without feeling: deep. Go.', 'Hoarse, soot in nose or mouth: call.'],
    steps: [
      step('Cool with running cool water for 20 minutes. No ice.', {
        takes: ['cool-burn'],
        after: [20, 'Twenty minutes of cooling are over'],
      }),
      step('Rings, clothes off meanwhile; what sticks stays.', { takes: ['cut-clothes'] }),
      step('Keep the rest warm: the burn is cold, not the child.', { takes: ['warm'] }),
      step(
        'Cover loosely with film or a pad that does not stick. No butter, no powder. Leave blisters.',
        {
          takes: ['burn-cover', 'non-stick'],
        },
      ),
    ],
    later: [{ days: 2, what: 'Burn: wet, smelly, redder? To the doctor' }],
    handover: 'With what, when, how large in hands, how long it was cooled.',
    guideline: FIRST_AID,
  }),
  guide({
    id: 'blister',
    name: 'Blister',
    species: PEOPLE,
    call: 'Nobody, unless it is infected or the person has diabetes: doctor.',
    stop: ['Red streaks, pus, fever: doctor.'],
    steps: [
      step('Clean around it. Leave the roof whole where you can.', { takes: ['clean-skin'] }),
      step('Blister cover, or a pad with a hole so that nothing presses.', { takes: ['blister'] }),
    ],
    later: [{ days: 3, what: 'Blister: dry, clean?' }],
    handover: 'Where, since when.',
    guideline: FIRST_AID,
  }),
  guide({
    id: 'sprain',
    name: 'Sprain, or perhaps broken',
    species: PEOPLE,
    call: 'Emergency number: bent wrong, bone seen, no feeling or cold beyond it, back, neck, hip.',
    stop: ['Pale, cold or numb beyond it after a wrap: loosen at once. Not better: go.'],
    before: ['Shoe stays on where the ankle might be broken and the way is long.'],
    steps: [
      step('Rest it and raise it.'),
      step('Cold pack in a cloth, at most 20 minutes. Nothing cold on bare skin.', {
        takes: ['cold', 'cloth'],
        after: [20, 'Cold pack off'],
      }),
      step('Elastic wrap, from the toes or fingers upwards, not tight.', {
        takes: ['elastic-wrap'],
      }),
      step('Looks broken: splint it as you find it, joint above and below.', {
        takes: ['splint', 'sling'],
        skill: 'splinting',
      }),
      step('Fingers or toes: warm, pink, feel?', {
        after: [15, 'Beyond the wrap: warm, pink, feels?'],
      }),
    ],
    later: [{ days: 3, what: 'Cannot stand on it yet? To the doctor' }],
    handover: 'How it happened, what moves and feels, when it was wrapped.',
    guideline: FIRST_AID,
  }),
  guide({
    id: 'sting',
    name: 'Bite or sting with swelling',
    species: PEOPLE,
    call: 'Emergency number: in the mouth, trouble breathing, swollen face or tongue, faint, rash all over.',
    stop: [
      'Hoarse, wheezing, faint, vomiting after a sting: anaphylaxis. Turn to that card.',
      'A bite by an animal or a person that broke the skin: doctor today.',
    ],
    steps: [
      step('Sting: scrape it out at once. Rings off.', { takes: ['tweezers'] }),
      step('Wash. Cold pack in a cloth, ten minutes at a time.', {
        takes: ['cold', 'cloth'],
        after: [10, 'Look: does the swelling spread? Breathing?'],
      }),
      step('Swollen on both sides, or beyond the place: watch breathing for an hour.', {
        after: [15, 'Swelling, voice, breathing: look again'],
      }),
      step('Itch: cream, or an antihistamine by its card.', { takes: ['itch-cream'] }),
    ],
    later: [{ days: 3, what: 'Sting or bite: red streaks, hot, fever? To the doctor' }],
    handover: 'What stung or bit, where, when; swelling since; what was given and when.',
    guideline: FIRST_AID,
  }),
  guide({
    id: 'anaphylaxis',
    name: 'Known anaphylaxis',
    species: PEOPLE,
    life: true,
    call: `${EMERGENCY} Say: anaphylaxis.`,
    stop: ['Not breathing normally: compressions, and the line tells you how.'],
    before: ['The signed plan wins. Fetch it with the injector.'],
    steps: [
      step(
        'Auto-injector into the outer thigh, through clothes. Hold it as the plan and its print say.',
        {
          takes: ['adrenaline'],
          skill: 'auto-injector',
          after: [5, 'Five minutes since the injector: not better? The second one'],
        },
      ),
      step(
        'Lay flat, legs up. Hard to breathe: sitting. Pregnant: on the left side. Do not let them stand.',
      ),
      step('No better after five minutes: the second injector, other thigh.', {
        takes: ['adrenaline'],
        skill: 'auto-injector',
      }),
      step('Asthma as well: reliever after the injector, not instead.', {
        takes: ['reliever', 'spacer'],
      }),
      step('To hospital even when it is better: it can come back.'),
    ],
    handover: 'What set it off, when each injector was given; take the used ones along.',
    guideline:
      'Anaphylaxis guidelines of allergy and resuscitation bodies; the prescriber’s plan wins',
  }),
  guide({
    id: 'asthma',
    name: 'Asthma attack',
    species: PEOPLE,
    life: true,
    call: 'Emergency number: cannot speak in sentences, blue, exhausted, or no better after the plan’s puffs.',
    stop: ['Drowsy or silent chest: call now.'],
    before: ['The signed plan wins.'],
    steps: [
      step('Sit up, calm, loosen clothes.'),
      step('Reliever with the spacer, one puff at a time, as the signed plan says.', {
        takes: ['reliever', 'spacer'],
        after: [10, 'Breathing: better, or call?'],
      }),
      step('Count breaths.', { note: 'breathing' }),
    ],
    handover: 'When it began, puffs and times, breaths a minute, what set it off.',
    guideline: 'Asthma first aid as asthma bodies teach it; the prescriber’s plan wins',
  }),
  guide({
    id: 'fever',
    name: 'Fever',
    species: PEOPLE,
    call: 'Under three months with 38 °C or more: doctor at once, day or night.',
    stop: [
      'Hard to wake, stiff neck, a rash that does not fade under a glass, a seizure, trouble breathing: emergency number.',
      'Hardly drinks, no wet nappy for eight hours, fever over three days: doctor.',
    ],
    steps: [
      step('Read the temperature; note where.', { note: 'temperature', takes: ['thermometer'] }),
      step('Drink, little and often. Light clothes. No cold bath.'),
      step(
        'Fever itself needs no medicine. Miserable or in pain: one medicine, by its dose card, noted with the time.',
      ),
      step('Read again.', {
        note: 'temperature',
        after: [60, 'Temperature again; has it been drunk?'],
      }),
    ],
    later: [{ days: 3, what: 'Fever on the third day: the doctor' }],
    handover: 'Readings with times and place of measuring, what was given when, drinking, nappies.',
    guideline: 'National guidance on fever in children; labels for medicines',
  }),
  guide({
    id: 'stomach',
    name: 'Vomiting and diarrhoea',
    species: PEOPLE,
    call: 'Doctor: a baby, an elder, blood, strong pain in one place, or nothing stays in for a day.',
    stop: [
      'Sunken eyes, no tears, no water passed for eight hours, drowsy: doctor now.',
      'Green or black vomit, a hard belly: emergency number.',
    ],
    steps: [
      step('Rehydration drink in small sips: a spoon every few minutes.', {
        takes: ['rehydrate'],
        after: [15, 'Sips: do they stay in?'],
      }),
      step(
        'Food when it is wanted. No medicine against diarrhoea for children, or with fever or blood.',
      ),
      step('Wash hands; own towel, own toilet if there is one.', { takes: ['hand-clean'] }),
    ],
    later: [{ days: 2, what: 'Stomach: not better? The doctor' }],
    handover: 'Since when, how often, what stays in, when water was last passed.',
    guideline: 'World Health Organization, treatment of diarrhoea; first aid teaching',
  }),
  guide({
    id: 'chest-pain',
    name: 'Chest pain',
    species: PEOPLE,
    life: true,
    call: EMERGENCY,
    stop: ['Collapses and does not breathe normally: compressions. Send for a defibrillator.'],
    steps: [
      step('Sit, half upright, knees bent. Let them do nothing.'),
      step('Their own spray or tablets, as prescribed.', { takes: ['own-medicine'] }),
      step(
        'Aspirin to chew only if the line says so, and only without allergy, ulcer or blood thinner.',
        {
          takes: ['chew-aspirin'],
        },
      ),
      step('Stay. Note pulse.', { note: 'pulse', after: [5, 'Awake, colour, breathing, pulse'] }),
    ],
    handover: 'When it began, where it spreads, what was taken and when, what they take every day.',
    guideline: RESUSCITATION,
  }),
  guide({
    id: 'choking',
    name: 'Choking, or not breathing',
    species: PEOPLE,
    life: true,
    call: `${EMERGENCY} Phone on loudspeaker beside you.`,
    stop: [
      'Does not respond and does not breathe normally: compressions at once, 100 to 120 a minute.',
    ],
    steps: [
      step(
        'Coughs: let cough. Cannot cough: five blows between the shoulder blades, leaning forward.',
      ),
      step(
        'Still stuck: five thrusts to the belly. A baby: five chest thrusts, head low; never the belly.',
      ),
      step('Blows and thrusts in turn until it is out or they go limp.'),
      step(
        'Limp: 30 compressions. Taught: two breaths through the barrier. On until help is there.',
        {
          takes: ['barrier'],
          skill: 'rescue-breaths',
        },
      ),
    ],
    handover: 'What it was, when it went limp, how long compressions went on.',
    guideline: RESUSCITATION,
  }),
  guide({
    id: 'low-sugar',
    name: 'Low blood sugar',
    species: PEOPLE,
    life: true,
    call: 'Emergency number: seizes, unconscious, cannot swallow.',
    stop: ['Never anything into the mouth of one who seizes or is unconscious.'],
    before: ['Awake, and can swallow.'],
    steps: [
      step('Sugar that works fast: glucose, juice, sweets.', {
        takes: ['sugar-fast'],
        after: [15, 'Fifteen minutes since the sugar: better? Measure again'],
      }),
      step('Measure, if there is a meter.', { takes: ['glucose-meter', 'test-strip'] }),
      step('Better: something to eat that lasts.'),
    ],
    handover: 'Readings and times, sugar given, insulin last taken.',
    guideline: FIRST_AID,
  }),
  guide({
    id: 'overheated',
    name: 'Overheated',
    species: PEOPLE,
    life: true,
    call: 'Emergency number: confused, seizes, faint, or hot and no longer sweating.',
    stop: ['Not clear in the head: heat stroke. Cool while you call.'],
    steps: [
      step('Shade, lie down, clothes off.', { takes: ['shade'] }),
      step('Cool at once: water on the skin and fanning; cool bath where it is safe.', {
        after: [5, 'Five minutes of cooling: read again'],
      }),
      step('Read the temperature.', { note: 'temperature', takes: ['thermometer'] }),
      step('Awake and can swallow: drink.', { takes: ['water'] }),
    ],
    handover: 'How long in the heat, readings with times, how it was cooled.',
    guideline: RESUSCITATION,
  }),
  guide({
    id: 'chilled',
    name: 'Chilled through',
    species: PEOPLE,
    life: true,
    call: 'Emergency number: no longer shivers, drowsy, confused.',
    stop: ['Move gently: a cold heart stumbles. No rubbing, no alcohol, no hot bath.'],
    steps: [
      step('Out of wind and wet. Wet clothes off, dry layers, foil and blanket, head too.', {
        takes: ['warm'],
      }),
      step('Warm packs in cloth to chest and armpits, never on bare skin.', {
        takes: ['hand-warm', 'cloth'],
      }),
      step('Wide awake: warm sweet drink.', { after: [10, 'Shivering, awake, colour?'] }),
    ],
    handover: 'How long, wet or dry, shivering or not, readings.',
    guideline: RESUSCITATION,
  }),
  guide({
    id: 'poison',
    name: 'Poison swallowed',
    species: PEOPLE,
    life: true,
    call: 'Poison line at once, before anything else. Emergency number: drowsy, seizes, trouble breathing.',
    stop: [
      'Nothing is brought up without the word of the line.',
      'No milk, no salt water, no charcoal unless they say so.',
    ],
    before: ['Keep the pack or plant, and what was vomited.'],
    steps: [
      step('What, how much, when, how old, how heavy: tell the line.'),
      step('Wipe out the mouth. On skin or in eyes: rinse.', { takes: ['rinse-eye'] }),
      step('Do what the line says, and note it.', {
        after: [10, 'Awake, breathing? Call again if anything changes'],
      }),
    ],
    handover: 'What, how much, when; what the line said and when; the pack.',
    guideline: 'Poison information services: call first',
  }),
  guide({
    id: 'tick',
    name: 'Tick',
    species: PEOPLE,
    call: 'Doctor: a growing red ring, fever, or a face that droops in the weeks after.',
    stop: ['No oil, no glue, no flame.'],
    steps: [
      step('Fine tweezers or tick remover, close to the skin, pull straight and slowly.', {
        takes: ['tweezers', 'tick-remove'],
      }),
      step('Wash. Tick into a bag with the date.', { takes: ['clean-skin', 'bag-waste'] }),
      step('Photo of the place; note where on the body.', { note: 'photo' }),
    ],
    later: [
      { days: 10, what: 'Tick bite: a red ring? Photo, doctor' },
      { days: 28, what: 'Tick bite: fever, ring, joints? The last look' },
    ],
    handover: 'Where on the body, the day, the tick in its bag.',
    guideline: 'Public health guidance on tick bites',
  }),
] as const

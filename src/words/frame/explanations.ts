/** English for what stands behind each "?": fetched when somebody presses one. */
import type { ExplainedId } from './explained'

export const explanations: Readonly<Record<ExplainedId, string>> = {
  ready:
    'We look at each life-saving and urgent problem of the people and animals who are expected there. It counts when something usable is there that suits every one of them. Press the figure to see what is missing.',
  targets:
    'A target is how many of a thing you want to have in a pocket. It is met when so many are there, and stay usable for as long as they must last.',
  check:
    'Nothing in the kit may expire or run out before that day. It follows from when somebody is there the next times, and from how many days ahead you asked to be warned.',
  load: 'Added up from what the things weigh and measure. What has no size or no price in our list is not in the sum, and is counted beside it. Its cost a year is what the things are worth, spread over how long they last.',
  sure: 'How likely the count still holds. It is 100 % on the day of a count and falls with time and with each use. It is 0 % for what came with a list and was never counted.',
  cell: 'It answers for one problem and one person or animal: what you would use, where it is, what comes next if that is gone, or why nothing suits. Press it to read the whole answer.',
  whatIf:
    'Take a kit away, leave somebody at home, choose another day. The whole board is judged again. Nothing is changed in your record.',
  life: 'Problems where minutes count. They are named one by one and never averaged with the others.',
  cope: 'What somebody could do with what is in reach, for those in their care, with what they have been taught. What needs more hands, or a skill they do not have, does not count.',
  proposed:
    'Worked out from who is there, how far help is and what can happen. Each line says why. You decide line by line; nothing is bought by it.',
  match:
    'We compare its name, strength and unit with our list of supplies and ingredients. Only what you confirm counts. A thing that nobody has said anything about is not used to answer a problem; what was prescribed for somebody stays theirs.',
  roles:
    'The jobs it can do, like covering a wound or stopping a bleed. The board finds what helps by them.',
  uses: 'How often one of it can be used before it is gone. A bandage has one, a bottle many.',
  scored:
    'A line pressed into a tablet. Only a tablet that has one may be halved, and only where the leaflet does not forbid it.',
  storage:
    'As printed on its label: below 25 °C, in the fridge, not frozen. On the mat we point out what should be in the fridge, and what frost harms.',
  amount:
    'Worked out from the weight, the strength you confirmed and the rule that is named below it. No rule, no amount. The label in your hand and the prescriber come first.',
  strength:
    'How much of the ingredient is in one tablet or in so many millilitres, as printed: “500 mg”, “120 mg / 5 ml”. Bottles of different strengths look alike, so we ask.',
  weight:
    'Children and young animals outgrow a weight within weeks. An old weight is not used for a dose; weigh again.',
  normal:
    'What is usual for this very animal when it is calm. Where you leave it empty, we use the range of its species, and say so.',
  budget:
    'The most that the plan may spend on packs in the days it looks ahead. What then stays short is named.',
  lookAhead:
    'How many days the plan thinks of at once. The further it looks, the more it buys together.',
  thorough: 'How much it counts when something that is good to have, but not urgent, is missing.',
  range:
    'We play the coming months many times with your own use. In eight of ten of them the number is within the range.',
  perYear:
    'From what you recorded, leaning on what is usual while there is little. Say it yourself if you know better.',
  minutesToHelp:
    'How long an ambulance or a doctor takes to get there, on a bad day. The further away help is, the more you should be able to do on your own.',
  signal:
    'Whether you can call from there. Without a signal, help is further away than the map says.',
  climate:
    'Whether it freezes or gets hot in there when nobody is around. Some things do not survive that.',
  rhythm:
    'Work is planned for when you are there anyway. Nobody drives to a cottage on a Tuesday for one tube.',
  usually: 'Whom the place must be ready for. Leave it empty if everybody may be there.',
  claimed:
    'A list says what should be there. If you have just counted, it is trusted as a count; otherwise the first check asks about each line.',
  recall:
    'A maker or an authority asks for a batch back. What you have of that batch is put on hold. Where its number was never written down, we ask you to look.',
}

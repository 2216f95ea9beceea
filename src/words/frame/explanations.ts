/** English for what stands behind each "?": fetched when somebody presses one. */
import type { ExplainedId } from './explained'

export const explanations: Readonly<Record<ExplainedId, string>> = {
  ready:
    'We look at every problem that can happen to the people and animals who are expected there, and count those for which the place has something usable that suits them. Press the figure to see what is missing.',
  targets:
    'A target is how many of a thing you want to have in a pocket. It is met when so many are there that are usable until the next check.',
  check:
    'The day by which somebody should look the kit through. It comes from the dates in it, from how sure the counts are, and from when somebody is there.',
  load: 'Added up from what the things weigh and measure. What has no size or no price in our list is not in the sum, and is counted beside it. Cost a year is what will expire or be used up in a year.',
  sure: 'How likely the count still holds. It is 100 % on the day of a count and falls with time, faster where things are used often.',
  cell: 'It answers for one problem and one person or animal: what you would use, where it is, what comes next if that is gone, or why nothing suits. Press it to read the whole answer.',
  whatIf:
    'Take a kit away, leave somebody at home, choose another day. The whole board is judged again. Nothing is changed in your record.',
  life: 'Problems where minutes count. They are named one by one and never averaged with the others.',
  cope: 'What somebody could do with what is in reach, for those in their care, with what they have been taught. Anything that needs more hands or a skill is left out.',
  proposed:
    'Worked out from who is there, how far help is and what can happen. Each line says why. You decide line by line; nothing is bought by it.',
  match:
    'We compare its name, strength and unit with our list of supplies and ingredients. Only what you confirm counts. A medicine that is not matched is never offered to anybody.',
  roles:
    'The jobs a thing does at a first aid kit, like “covers a wound” or “stops a bleeding”. The board uses them to find what helps.',
  uses: 'How often one of it can be used before it is gone. A bandage has one, a bottle many.',
  scored:
    'A line pressed into a tablet. Only a tablet that has one may be halved, and only where the leaflet does not forbid it.',
  storage:
    'As printed on its label: below 25 °C, in the fridge, not frozen. We warn where a place does not fit.',
  amount:
    'Worked out from the weight, the strength you confirmed and the rule that is named below it. No rule, no amount. The label in your hand and the prescriber come first.',
  strength:
    'How much of the ingredient is in one tablet or in so many millilitres, as printed: “500 mg”, “120 mg / 5 ml”. Bottles of different strengths look alike, so it is asked.',
  weight:
    'Children and young animals outgrow a weight within weeks. An old weight is not used for a dose; weigh again.',
  normal:
    'What is usual for this very animal when it is calm. Where you leave it empty, the range of its species is used and said so.',
  budget:
    'The most that the plan may spend on packs in the days it looks ahead. What then stays short is named.',
  lookAhead:
    'How many days the plan thinks of at once. A longer look buys together what is needed later.',
  thorough: 'How much it counts when something that is good to have, but not urgent, is missing.',
  range:
    'We play the coming months many times with your own use. In eight of ten of them the number lies within the range.',
  perYear:
    'From what you recorded, leaning on what is usual while there is little. Say it yourself if you know better.',
  minutesToHelp:
    'How long an ambulance or a doctor takes to get there, on a bad day. The further away help is, the more the place should be able to do itself.',
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
    'A maker or an authority asks for a batch back. What you have of it is put on hold until you have looked at the number on the pack.',
}

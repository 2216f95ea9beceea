/** A mixture in words and in a drawing, whatever kind it is. */
import type { barrelById } from '../../../core/dosing/barrel'
import {
  assistedFeed,
  type Dilution,
  dilute,
  diluteAll,
  diluteByParts,
  drink,
  inVessels,
  type Mixed,
  type MixFault,
  salineSalt,
} from '../../../core/mixing/mix'
import type { Recipe } from '../../../core/mixing/recipe'
import { type Exact, exactText, thousandthsText } from '../../../core/quantity/exact'
import type { Microlitres } from '../../../core/quantity/measure'
import * as words from '../../../words'
import { Syringe } from '../Syringe'
import { type Care, patientNow } from '../useCare'
import { Glass, Spoons } from './MixDrawings'

const mixesWords = words.care.mixes

export interface Shown {
  readonly lines: readonly string[]
  readonly drawing: React.ReactNode
  /** For the record: "10 mL + 90 mL". */
  readonly summary: string
  /** How much of a concentrate, where one is thinned. */
  readonly concentrate: Microlitres | null
}

/** How a dilution is asked for: a volume to make, all of the concentrate, parts of each. */
export const MIX_WAYS = ['total', 'all', 'parts'] as const
export type MixWay = (typeof MIX_WAYS)[number]

export interface MixAsked {
  /** The volume to make; of the concentrate, where all of it is used. */
  readonly total: Microlitres
  readonly stock: number
  readonly forWhom: string | null
  readonly way: MixWay
  /** Of water to one of the concentrate; null where it cannot be read. */
  readonly parts: Exact | null
  /** The syringe that a feed is drawn up with; null for the one that is proposed. */
  readonly barrel: Barrel | null
}
type Barrel = ReturnType<typeof barrelById>

const diluted = (wanted: number, { total, stock, way, parts }: MixAsked): Mixed<Dilution> =>
  way === 'all'
    ? diluteAll(stock, wanted, total)
    : way === 'parts'
      ? parts
        ? diluteByParts(stock, parts, total)
        : { kind: 'refused', fault: { code: 'nothing' } }
      : dilute(stock, wanted, total)

export function shownMix(
  care: Care,
  { body }: Recipe,
  asked: MixAsked,
): Shown | { readonly fault: MixFault } {
  const { total, forWhom } = asked
  switch (body.kind) {
    case 'dilution': {
      const mixed = diluted(body.wanted, asked)
      return mixed.kind === 'refused' ? mixed : shownDilution(mixed.mix, body.wanted)
    }
    case 'drink': {
      const mixed = drink(total, body.perLitre)
      if (mixed.kind === 'refused') return mixed
      const lines = mixed.mix.lines.map(
        ({ name, eighths }) => `${mixesWords.spoons(eighths)} ${name}`,
      )
      return {
        lines: [
          `${thousandthsText(total)} mL ${mixesWords.water} (${mixesWords.vessels(inVessels(total))})`,
          ...lines,
        ],
        summary: `${thousandthsText(total)} mL`,
        concentrate: null,
        drawing: (
          <div>
            <Glass
              total={total}
              parts={[{ kind: 'water', volume: total }]}
              label={`${thousandthsText(total)} mL ${mixesWords.water}`}
            />
            <Spoons lines={mixed.mix.lines} />
          </div>
        ),
      }
    }
    case 'saline': {
      const milligrams = salineSalt(total)
      if (milligrams === 0) return { fault: { code: 'nothing' } }
      const line = mixesWords.salt(
        thousandthsText(milligrams),
        mixesWords.spoons(Math.max(1, Math.floor((milligrams * 8) / 6000))),
      )
      return {
        lines: [`${thousandthsText(total)} mL ${mixesWords.water}`, line],
        summary: `${thousandthsText(total)} mL`,
        concentrate: null,
        drawing: <Glass total={total} parts={[{ kind: 'water', volume: total }]} label={line} />,
      }
    }
    case 'feed': {
      const member = care.members.find(({ id }) => id === forWhom)
      const grams = member ? patientNow(care, member).grams : null
      const mixed = assistedFeed(body.rule, grams, asked.barrel)
      if (mixed.kind === 'refused') return mixed
      const { feed, feedsADay, day, powder, water, measuring, makesKnown } = mixed.mix
      const { fills, barrel } = measuring
      const lines = [
        mixesWords.feed(thousandthsText(feed), feedsADay),
        `${thousandthsText(powder)} mL ${mixesWords.powder} + ${thousandthsText(water)} mL ${mixesWords.water}`,
        mixesWords.fills(fills.length, thousandthsText(barrel.capacity), barrel.wide),
        mixesWords.day(thousandthsText(day)),
        ...(makesKnown ? [] : [mixesWords.makesUnknown]),
      ]
      return {
        lines,
        summary: `${thousandthsText(feed)} mL`,
        concentrate: null,
        drawing: (
          <div>
            <Glass
              total={(powder + water) as Microlitres}
              parts={[
                { kind: 'powder', volume: powder },
                { kind: 'water', volume: water },
              ]}
              label={lines[1] ?? ''}
            />
            <Syringe
              barrel={barrel}
              fill={fills[0] ?? feed}
              note={fills.length > 1 ? words.care.bench.fillNumber(1, fills.length) : ''}
            />
          </div>
        ),
      }
    }
  }
}

function shownDilution({ stock, water, total, parts, strength }: Dilution, wanted: number): Shown {
  const lines = [
    `${thousandthsText(stock)} mL ${mixesWords.concentrate} + ${thousandthsText(water)} mL ${mixesWords.water}`,
    mixesWords.parts(exactText(parts, 2)),
    `${mixesWords.comes(exactText(strength.div(1000), 3))}; ${mixesWords.vessels(inVessels(total))}`,
    ...(strength.compare(wanted) > 0 ? [mixesWords.stronger(thousandthsText(wanted))] : []),
  ]
  return {
    lines,
    summary: `${thousandthsText(total)} mL`,
    concentrate: stock,
    drawing: (
      <Glass
        total={total}
        parts={[
          { kind: 'strong', volume: stock },
          { kind: 'water', volume: water },
        ]}
        label={lines[0] ?? ''}
      />
    ),
  }
}

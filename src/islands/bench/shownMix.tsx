/** A mixture in words and in a drawing, whatever kind it is. */
import { barrelById } from '../../core/dosing/barrel'
import {
  assistedFeed,
  type Dilution,
  dilute,
  drink,
  inVessels,
  type MixFault,
  salineSalt,
} from '../../core/mixing/mix'
import type { Recipe } from '../../core/mixing/recipe'
import { exactText, thousandthsText } from '../../core/quantity/exact'
import type { Microlitres } from '../../core/quantity/measure'
import { words } from '../../words'
import { Syringe } from '../care/Syringe'
import { type Care, patientNow } from '../care/useCare'
import { Glass, Spoons } from './MixDrawings'

const w = words.care.mixes
/** Thick food needs a wide tip. */
const WIDE = barrelById('12w')

export interface Shown {
  readonly lines: readonly string[]
  readonly drawing: React.ReactNode
  /** For the record: "10 mL + 90 mL". */
  readonly summary: string
  /** How much of a concentrate, where one is thinned. */
  readonly concentrate: Microlitres | null
}

export function shownMix(
  care: Care,
  { body }: Recipe,
  total: Microlitres,
  stock: number,
  forWhom: string | null,
): Shown | { readonly fault: MixFault } {
  switch (body.kind) {
    case 'dilution': {
      const mixed = dilute(stock, body.wanted, total)
      return mixed.kind === 'refused' ? mixed : shownDilution(mixed.mix)
    }
    case 'drink': {
      const mixed = drink(total, body.perLitre)
      if (mixed.kind === 'refused') return mixed
      const lines = mixed.mix.lines.map(({ name, eighths }) => `${w.spoons(eighths)} ${name}`)
      return {
        lines: [
          `${thousandthsText(total)} mL ${w.water} (${w.vessels(inVessels(total))})`,
          ...lines,
        ],
        summary: `${thousandthsText(total)} mL`,
        concentrate: null,
        drawing: (
          <div>
            <Glass
              total={total}
              parts={[{ kind: 'water', volume: total }]}
              label={`${thousandthsText(total)} mL ${w.water}`}
            />
            <Spoons lines={mixed.mix.lines} />
          </div>
        ),
      }
    }
    case 'saline': {
      const milligrams = salineSalt(total)
      if (milligrams === 0) return { fault: { code: 'nothing' } }
      const line = w.salt(
        thousandthsText(milligrams),
        w.spoons(Math.max(1, Math.floor((milligrams * 8) / 6000))),
      )
      return {
        lines: [`${thousandthsText(total)} mL ${w.water}`, line],
        summary: `${thousandthsText(total)} mL`,
        concentrate: null,
        drawing: <Glass total={total} parts={[{ kind: 'water', volume: total }]} label={line} />,
      }
    }
    case 'feed': {
      const member = care.members.find(({ id }) => id === forWhom)
      const grams = member ? patientNow(care, member).grams : null
      const mixed = assistedFeed(body.rule, grams, WIDE.capacity as Microlitres)
      if (mixed.kind === 'refused') return mixed
      const { feed, feedsADay, day, powder, water, fills, barrel } = mixed.mix
      const lines = [
        w.feed(thousandthsText(feed), feedsADay),
        `${thousandthsText(powder)} mL ${w.powder} + ${thousandthsText(water)} mL ${w.water}`,
        w.fills(fills, thousandthsText(barrel)),
        w.day(thousandthsText(day)),
      ]
      return {
        lines,
        summary: `${thousandthsText(feed)} mL`,
        concentrate: null,
        drawing: (
          <div>
            <Glass
              total={feed}
              parts={[
                { kind: 'powder', volume: powder },
                { kind: 'water', volume: water },
              ]}
              label={lines[1] ?? ''}
            />
            <Syringe
              barrel={WIDE}
              fill={Math.min(feed, WIDE.capacity) as Microlitres}
              note={fills > 1 ? words.care.bench.fillNumber(1, fills) : ''}
            />
          </div>
        ),
      }
    }
  }
}

function shownDilution({ stock, water, total, parts, strength }: Dilution): Shown {
  const lines = [
    `${thousandthsText(stock)} mL ${w.concentrate} + ${thousandthsText(water)} mL ${w.water}`,
    w.parts(exactText(parts, 2)),
    `${w.comes(exactText(strength.div(1000), 3))}; ${w.vessels(inVessels(total))}`,
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

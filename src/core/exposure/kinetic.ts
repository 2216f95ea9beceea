/**
 * Mean kinetic temperature: the one temperature at which as much would have aged in the same time.
 * T = (ΔH/R) / −ln(Σ wᵢ·e^(−ΔH/(R·Tᵢ)) / Σ wᵢ), with ΔH/R = 10 000 K as the pharmacopoeia has it
 * (83.144 kJ/mol over 8.3144 × 10⁻³ kJ/(mol·K)).
 */
const KELVIN = 273.15
const ACTIVATION = 10_000
/** Sums are taken relative to this temperature, so that they are near one. */
const REFERENCE = 25 + KELVIN

/** How fast something ages at a temperature, against 25 °C. @param hundredths of a degree Celsius */
export const ageing = (hundredths: number): number =>
  Math.exp(ACTIVATION / REFERENCE - ACTIVATION / (hundredths / 100 + KELVIN))

/** @returns °C. @param mean of {@link ageing}, weighted by time */
export const kineticOf = (mean: number): number =>
  ACTIVATION / (ACTIVATION / REFERENCE - Math.log(mean)) - KELVIN

/** @returns °C; null where nothing stands for any time */
export function meanKinetic(
  spans: readonly { readonly from: number; readonly to: number; readonly high: number }[],
): number | null {
  let [sum, weight] = [0, 0]
  for (const { from, to, high } of spans) {
    sum += (to - from) * ageing(high)
    weight += to - from
  }
  return weight === 0 ? null : kineticOf(sum / weight)
}

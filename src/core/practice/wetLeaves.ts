import practiceJson from "@data/practice.json";

const { constant, byHours, byHoursAndC, byHoursAndC2, eveningHours, morningHours } =
  practiceJson.wetLeaves;
/** Where the equation is highest; what it makes of warmer days is not to be trusted. */
const WARMEST_C = -byHoursAndC / (2 * byHoursAndC2);

/**
 * Share of leaves that grey mould takes when they stay wet, beyond what it takes of dry ones.
 *
 * @param hours for which they are wet
 * @param meanC meanwhile, °C
 * @source J. C. Broome et al. (1995), Phytopathology 85, 97–102, eq. 1, found on grapes; on leaves of
 *         vegetables it stands for the order of what happens
 */
export function mouldShare(hours: number, meanC: number): number {
  if (meanC <= 0 || hours <= 0) return 0;
  const warmC = Math.min(meanC, WARMEST_C);
  const logit = constant + byHours * hours + hours * warmC * (byHoursAndC + byHoursAndC2 * warmC);
  const infected = 1 / (1 + Math.exp(-logit));
  return Math.max(0, infected - DRY);
}

/**
 * Share of leaves that grey mould takes after they were watered: in the morning they dry soon, in the
 * evening they stay wet through the night.
 */
export function mouldAfterWater(
  water: "morning" | "evening",
  { minC, meanC, maxC }: { minC: number; meanC: number; maxC: number },
): number {
  return water === "evening"
    ? mouldShare(eveningHours, (minC + meanC) / 2)
    : mouldShare(morningHours, (minC + maxC) / 2);
}

const DRY = 1 / (1 + Math.exp(-constant));

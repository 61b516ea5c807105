import practiceJson from "@data/practice.json";

const { constant, byHours, byHoursAndC, byHoursAndC2 } = practiceJson.wetLeaves;

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
  const logit = constant + byHours * hours + hours * meanC * (byHoursAndC + byHoursAndC2 * meanC);
  const infected = 1 / (1 + Math.exp(-logit));
  return Math.max(0, infected - DRY);
}

const DRY = 1 / (1 + Math.exp(-constant));

import { randomStream } from "../climate";
import type { Bed, Trial, TrialPlot } from "../garden";
import { exactM } from "../layout";

/** A shorter strip than this is all edge, m. */
const LEAST_PLOT_M = 0.4;

/** How many blocks of so many treatments a bed has room for. */
export function blocksIn(bed: Pick<Bed, "lengthM">, treatments: number): number {
  return Math.floor((bed.lengthM + 1e-9) / (LEAST_PLOT_M * treatments));
}

/**
 * Strips along beds, in blocks that each have every treatment once, in an order drawn by lot: the slope of
 * the ground, its shade and its wet corner fall on all of them alike.
 *
 * @param blocks how many in all; they are dealt out to the beds in turn
 * @returns null where the beds have no room for so many
 */
export function layOut(
  beds: readonly Pick<Bed, "id" | "lengthM">[],
  treatments: Trial["treatments"],
  blocks: number,
  seed: number,
): TrialPlot[] | null {
  const blocksOf = beds.map(() => 0);
  for (let block = 0; block < blocks; block += 1) {
    const at = roomiest(beds, blocksOf, treatments.length);
    if (at === null) return null;
    blocksOf[at] = (blocksOf[at] ?? 0) + 1;
  }
  const random = randomStream(seed);
  const plots: TrialPlot[] = [];
  let block = 0;
  beds.forEach((bed, at) => {
    const here = blocksOf[at] ?? 0;
    const lengthM = exactM(bed.lengthM / Math.max(1, here * treatments.length));
    for (let inBed = 0; inBed < here; inBed += 1) {
      block += 1;
      shuffled(treatments, random).forEach(({ id: treatmentId }, place) => {
        const fromM = exactM((inBed * treatments.length + place) * lengthM);
        const id = `plot-${plots.length + 1}`;
        plots.push({ id, block, treatmentId, bedId: bed.id, fromM, lengthM });
      });
    }
  });
  return plots;
}

/** The bed in which one block more leaves the longest plots; null where none has room. */
function roomiest(
  beds: readonly Pick<Bed, "lengthM">[],
  blocksOf: readonly number[],
  treatments: number,
): number | null {
  let best: { at: number; plotM: number } | null = null;
  beds.forEach((bed, at) => {
    const plotM = bed.lengthM / (((blocksOf[at] ?? 0) + 1) * treatments);
    if (plotM >= LEAST_PLOT_M - 1e-9 && plotM > (best?.plotM ?? 0)) best = { at, plotM };
  });
  return (best as { at: number } | null)?.at ?? null;
}

/** A list in an order drawn by lot: each order is as likely as any other (Fisher and Yates). */
function shuffled<T>(list: readonly T[], random: { uniform(): number }): T[] {
  const dealt = [...list];
  for (let last = dealt.length - 1; last > 0; last -= 1) {
    const at = Math.floor(random.uniform() * (last + 1));
    [dealt[last], dealt[at]] = [dealt[at] as T, dealt[last] as T];
  }
  return dealt;
}

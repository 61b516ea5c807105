import type { Need } from "../../food";
import type { Garden } from "../../garden";
import type { Site } from "../../growth";
import type { Weeks } from "../plantingSources";
import { needByWeek } from "../supply";
import { coverTrials } from "./covering";
import { judgeOf, type ShortOf } from "./judge";
import { plantingTrials } from "./planting";
import { forceTrials, shootTrials } from "./rounds";
import { storeTrials } from "./storing";
import type { Doing, Trial, WayToClose } from "./way";

/** Less is not worth the work, kg. */
const LEAST_KG = 0.1;
/** So many of a kind are told at most: the list stays short, and other kinds are seen. */
const OF_A_KIND: Readonly<Record<Doing["kind"], number>> = {
  sow: 3,
  buy: 2,
  cover: 2,
  store: 1,
  shoots: 1,
  force: 1,
};

/**
 * Ways that would lessen a gap: more sown in free ground, plants bought for it, a cover from the shed,
 * what is left over put by, shoots a square a week, roots forced in pots. What each adds is found by
 * eating the larder once more with it.
 */
export function waysToClose(
  site: Site,
  garden: Garden,
  need: Need,
  weeks: Weeks,
  gap: ShortOf,
): WayToClose[] {
  const wantedKg = needByWeek(need, site.latitudeDeg, weeks)[gap.group];
  const inGap = { site, garden, weeks, gap, wantedKg };
  const judge = judgeOf(site, garden, need, weeks, gap);
  const trials = [
    ...plantingTrials(inGap),
    ...coverTrials(inGap),
    ...storeTrials(inGap, judge),
    ...shootTrials(inGap),
    ...forceTrials(inGap),
  ]
    .map((trial) => ({ trial, addsKg: judge.adds(trial.change) }))
    .filter(({ addsKg }) => addsKg >= LEAST_KG)
    .sort((a, b) => b.addsKg - a.addsKg);
  return distinct(trials).map(({ trial: { id, doing, hours, change }, addsKg }) => ({
    id,
    doing,
    hours,
    addsKg,
    yearsIn10: judge.yearsIn10(change, addsKg),
  }));
}

/** Of a place, a crop and a kind only the best two or so: a list to choose from. */
function distinct<T extends { trial: Trial }>(ways: readonly T[]): T[] {
  const seen = new Map<string, number>();
  return ways.filter(({ trial: { doing } }) => {
    const keys: [string, number][] = [[`kind:${doing.kind}`, OF_A_KIND[doing.kind]]];
    if (doing.kind === "sow" || doing.kind === "buy") {
      const { cropId, bedId, fromM } = doing.planting;
      keys.push([`crop:${cropId}`, 2], [`place:${bedId}:${fromM}`, 2]);
    }
    if (doing.kind === "cover") keys.push([`cover:${doing.bedId}`, 1]);
    if (keys.some(([key, most]) => (seen.get(key) ?? 0) >= most)) return false;
    for (const [key] of keys) seen.set(key, (seen.get(key) ?? 0) + 1);
    return true;
  });
}

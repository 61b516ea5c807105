import { dayNumber } from "../calendar";
import { pacedAt } from "../crops";
import type { Garden, KeptSeason, Wish } from "../garden";
import type { Site } from "../growth";
import { gardenOfSeason, type LearnedNumber } from "../learn";
import { bedsInOrder, coversOver } from "../garden";
import type { LossCause } from "../log";
import { growingOf } from "../plantings";
import { latestSowingFor } from "../schedule";
import type { CameLate, SeasonReview } from "./review";

/** What might be done otherwise next time, and why. */
export type Suggestion =
  | {
      kind: "wish";
      why: "late" | "neverPicked" | "frost" | "pests" | "little";
      name: string;
      wish: Wish;
    }
  /** Numbers of the record that are worth taking over: sure by half and more. */
  | { kind: "numbers"; ids: string[] };

/** More than this is no sooner sowing any more, but another season, days. */
const MOST_SOONER_DAYS = 28;
const LEAST_SOONER_DAYS = 5;
/** A first picking so much later is worth doing something about, days. */
const MUCH_LATE_DAYS = 7;
/** A number counts enough to be suggested. */
const SURE_FROM = 0.4;
const SURE_ENTRIES = 2;
/** Of a stand, lost to one cause: then something is done about it. */
const MUCH_LOST = 0.4;
const KEPT_OUT_BY_NET: ReadonlySet<LossCause> = new Set(["insects", "birds"]);

/** What a season suggests for the next: at most one thing for each planting, what cost most first. */
export function suggestionsFrom(
  site: Site,
  garden: Garden,
  kept: KeptSeason,
  review: SeasonReview,
  numbers: readonly LearnedNumber[],
): Suggestion[] {
  const found: Suggestion[] = [];
  const named = new Set<string>();
  const add = (
    why: Extract<Suggestion, { kind: "wish" }>["why"],
    { planting, name }: KeptSeason["plantings"][number],
    change: Wish["change"] | null,
  ) => {
    if (change === null || named.has(planting.id)) return;
    named.add(planting.id);
    found.push({ kind: "wish", why, name, wish: { plantingId: planting.id, change } });
  };
  for (const { cause, plantings } of review.lost) {
    for (const one of plantings) {
      if (!isMuchLost(kept, one.planting.id, cause)) continue;
      if (cause === "frost") add("frost", one, underCover(garden, one.planting.bedId));
      if (KEPT_OUT_BY_NET.has(cause) && one.planting.setup?.netting !== true) {
        add("pests", one, { kind: "netted" });
      }
    }
  }
  const paceOf = new Map(
    numbers
      .filter(({ what }) => what === "growth")
      .flatMap(({ seen }) => seen)
      .map(({ plantingId, value }) => [plantingId ?? "", value]),
  );
  for (const late of review.late.filter(({ days }) => days >= MUCH_LATE_DAYS)) {
    const pace = paceOf.get(late.kept.planting.id);
    add("late", late.kept, sooner(site, kept, late, pace ?? null));
  }
  for (const one of review.neverPicked) add("neverPicked", one, { kind: "less", share: 0.5 });
  const worth = numbers.filter(
    ({ used, weight, seen, what }) =>
      !used && what !== "degrees" && weight >= SURE_FROM && seen.length >= SURE_ENTRIES,
  );
  if (worth.length > 0) found.unshift({ kind: "numbers", ids: worth.map(({ id }) => id) });
  return found;
}

function isMuchLost({ entries }: KeptSeason, plantingId: string, of: LossCause): boolean {
  let left = 1;
  for (const { what } of entries) {
    if (what.kind === "lost" && what.plantingId === plantingId && what.cause === of) {
      left *= 1 - what.share;
    }
  }
  return 1 - left >= MUCH_LOST;
}

/** The first bed with more over it than the one it stood in; null where there is none. */
function underCover(garden: Garden, bedId: string): Wish["change"] | null {
  const stood = garden.beds.get(bedId);
  const before = stood ? coversOver(garden, stood).length : 0;
  const bed = bedsInOrder(garden).find(
    (one) => !one.container && coversOver(garden, one).length > before,
  );
  return bed ? { kind: "underCover", bedId: bed.id } : null;
}

/** How much sooner it should have been sown to come when it was planned, growing as it did. */
function sooner(
  site: Site,
  kept: KeptSeason,
  { kept: one, slowerDays }: CameLate,
  pace: number | null,
): Wish["change"] | null {
  const growing = growingOf(gardenOfSeason(kept), one.planting);
  const { readyOn, sowOn } = one.planned;
  // Sown late and as quick as usual, it wants nothing but to be sown in time.
  if (!growing || readyOn === null || slowerDays < LEAST_SOONER_DAYS) return null;
  const crop = pace === null ? growing.crop : pacedAt(growing.crop, Math.exp(pace));
  const sowDay = latestSowingFor(site, kept.settings, { ...growing, crop }, dayNumber(readyOn));
  const days = sowDay === null ? slowerDays : dayNumber(sowOn) - sowDay;
  if (days < LEAST_SOONER_DAYS) return null;
  return { kind: "sooner", days: Math.min(MOST_SOONER_DAYS, days) };
}

import type { DayNumber } from "../calendar";
import { dailyRecordOf } from "../climate";
import { applyAll, type CommandCall } from "../commands";
import { fact, type Fact } from "../facts";
import type { Garden } from "../garden";
import { siteFor } from "../plantings";
import { Rehearsal } from "./rehearsal";
import {
  FEWEST_RECORDED_WINTERS,
  recordedWinters,
  wintersIn,
  type WinterSource,
} from "./winterSource";

/** What is to be rehearsed. */
export interface RehearsalAsked {
  fromDay: DayNumber;
  seed: number;
  winters: "made" | "recorded";
  /** Changes that are tried against the plan on the same winters, each a list of commands. */
  changes: readonly (readonly CommandCall[])[];
}

export type Refused = { ok: false; refusal: Fact };

/** A rehearsal of a garden and of its changes, or why there can be none. */
export function rehearsalOf(
  garden: Garden,
  { fromDay, seed, winters, changes }: RehearsalAsked,
): { ok: true; rehearsal: Rehearsal } | Refused {
  const site = siteFor(garden);
  if (!site) return refused(fact("winter.noPlace"));
  const found = sourceFor(garden, winters, seed);
  if (!found.ok) return found;
  const gardens = [garden];
  for (const calls of changes) {
    const changed = applyAll(garden, calls);
    if (!changed.ok) return changed;
    gardens.push(changed.garden);
  }
  const rehearsal = new Rehearsal(site, gardens, found.source, fromDay);
  if (rehearsal.gardens.every(({ lives }) => lives.length === 0)) {
    return refused(fact("winter.nothingGrows", { fromDay }));
  }
  return { ok: true, rehearsal };
}

/** The winters that a garden can be rehearsed on. */
export function sourceFor(
  garden: Garden,
  winters: RehearsalAsked["winters"],
  seed: number,
): { ok: true; source: WinterSource; count: number } | Refused {
  if (winters === "made") {
    const source: WinterSource = { kind: "made", seed };
    return { ok: true, source, count: wintersIn(source) };
  }
  const { place, record } = garden;
  const site = siteFor(garden);
  if (!site) return refused(fact("winter.noPlace"));
  if (place?.climateFrom !== "record" || !record) return refused(fact("winter.noRecord"));
  const daily = dailyRecordOf(record);
  const seasons = recordedWinters(site.climate, daily);
  const [count, least] = [seasons.length, FEWEST_RECORDED_WINTERS];
  if (count < least) return refused(fact("winter.fewWintersOnRecord", { count, least }));
  return { ok: true, source: { kind: "recorded", record: daily, seasons }, count };
}

const refused = (refusal: Fact): Refused => ({ ok: false, refusal });

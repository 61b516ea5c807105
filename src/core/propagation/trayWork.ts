import growthJson from "@data/growth.json";
import { DAYS_PER_WEEK, dayNumber, type DayNumber } from "../calendar";
import { FROST_THRESHOLDS_C, lastFrostDay } from "../climate";
import { emergenceAt, type Crop } from "../crops";
import { cropsOf, type Garden } from "../garden";
import {
  hardeningPlan,
  lookAlikesIn,
  seedlingsIn,
  standOn,
  type HardeningPlan,
  type Stand,
  type Tray,
  type TraySowing,
} from "../trays";
import { dayWhenGathered, type Site } from "../growth";
import { exposureOver } from "../plantings";
import { plannedRaisings, type Raising } from "./raising";

/** A sowing in a tray with what is expected of it. */
export interface SowingState {
  tray: Tray;
  sowing: TraySowing;
  crop: Crop;
  /** When seedlings are expected to show; null when the place is too cold or hot for any. */
  emergeDay: DayNumber | null;
  /** Plants left together in a cell: 1, or a cluster. */
  plantsPerCell: number;
  /** When it is to be planted out: its usual weeks after sowing. */
  plantOutDay: DayNumber;
  hardening: HardeningPlan;
  /** From this day on it is likely to be root-bound in its cells. */
  rootBoundDay: DayNumber;
}

/** Seedlings kept so much longer than usual run out of room (estimate). */
const ROOT_BOUND_AFTER = 1.4;
/** Shoots and others without seedling weeks are cut or moved after about this. */
const LEAST_SEEDLING_WEEKS = 2;

/** What is expected of each sowing in the trays. */
export function sowingStates(garden: Garden, site: Site | null, today: DayNumber): SowingState[] {
  const crops = cropsOf(garden);
  const outlook = garden.outlook?.outlook.days ?? [];
  return [...garden.trays.values()].flatMap((tray) =>
    tray.sowings.flatMap((sowing) => {
      const crop = crops.get(sowing.cropId);
      if (!crop) return [];
      const planting = garden.plantings.get(sowing.plantingId ?? "");
      const sownDay = dayNumber(sowing.sownOn);
      const weeks = Math.max(LEAST_SEEDLING_WEEKS, crop.transplanting.seedlingWeeks);
      const grownDay = sownDay + weeks * DAYS_PER_WEEK;
      const goesUnder = planting ? exposureOfBed(garden, planting.bedId) : NO_COVERS;
      const plantOutDay = isTender(crop) ? afterFrost(garden, site, grownDay, goesUnder) : grownDay;
      return [
        {
          tray,
          sowing,
          crop,
          emergeDay: emergeDayIn(garden, site, tray, sowing, crop),
          plantsPerCell: planting?.plantsPerStation ?? crop.tray?.clusterPlants ?? 1,
          plantOutDay,
          hardening: hardeningPlan(crop, plantOutDay, outlook, today),
          rootBoundDay: sownDay + Math.round(weeks * ROOT_BOUND_AFTER * DAYS_PER_WEEK),
        },
      ];
    }),
  );
}

/** Frost kills it, however hardened (estimate: what dies by −2 °C at its hardest). */
function isTender({ hardiness }: Crop): boolean {
  return hardiness.hardenedLt50C > TENDER_ABOVE_C;
}
const TENDER_ABOVE_C = -2;
const NO_COVERS: readonly string[] = [];

function exposureOfBed(garden: Garden, bedId: string): readonly string[] {
  const bed = garden.beds.get(bedId);
  return bed ? exposureOver(garden, bed).covers : NO_COVERS;
}

/** Tender seedlings stay in until frost is over at the odds the grower goes by, where they go into the open. */
function afterFrost(
  garden: Garden,
  site: Site | null,
  grownDay: DayNumber,
  covers: readonly string[],
): DayNumber {
  if (!site || covers.length > 0) return grownDay;
  const season = site.season(grownDay);
  // After midsummer there is no spring frost to wait for.
  if (grownDay <= season.midwinterDay) return grownDay;
  const lastFrost = lastFrostDay(
    site.climate,
    season,
    FROST_THRESHOLDS_C.light,
    garden.settings.frostRisk,
  );
  return lastFrost === null ? grownDay : Math.max(grownDay, lastFrost + 1);
}

/** How far seedlings have come on a day: 0 not up, 1 ready to be planted out. */
export function seedlingSize(state: SowingState, day: DayNumber): number {
  const { emergeDay, plantOutDay } = state;
  if (emergeDay === null || day <= emergeDay) return 0;
  return Math.min(1, (day - emergeDay) / Math.max(1, plantOutDay - emergeDay));
}

function emergeDayIn(
  garden: Garden,
  site: Site | null,
  tray: Tray,
  sowing: TraySowing,
  crop: Crop,
): DayNumber | null {
  const sownDay = dayNumber(sowing.sownOn);
  const stand = garden.stands.get(standOn(tray, sowing.sownOn) ?? "");
  const covers = stand ? OUTDOOR_COVERS[stand.kind] : undefined;
  if (site && covers) {
    const exposure = { covers, horizon: garden.place?.horizon ?? NO_SKYLINE };
    return dayWhenGathered(site.sprouting(crop, exposure, sownDay), sownDay, 1);
  }
  const warmthC = stand?.heatMatC ?? growthJson.bench.temperatureC;
  const { days } = emergenceAt(crop, warmthC);
  return days === null ? null : sownDay + Math.ceil(days);
}

const NO_SKYLINE: readonly never[] = [];
/** What stands that follow the weather are covered with; benches and mats are indoors. */
export const OUTDOOR_COVERS: Partial<Record<Stand["kind"], readonly string[]>> = {
  frame: ["cold-frame-twinwall"],
  outdoors: [],
};

/** Something to be done with trays about now. */
export type TrayWork =
  | { kind: "sow"; day: DayNumber; raising: Raising }
  | {
      kind: "count" | "thin" | "harden" | "chooseBed" | "plantOut" | "label";
      day: DayNumber;
      state: SowingState;
    };

/** How far ahead work is told. */
const AHEAD_DAYS: Record<TrayWork["kind"], number> = {
  sow: 14,
  count: 0,
  thin: 0,
  harden: 0,
  chooseBed: 14,
  plantOut: 7,
  label: 0,
};

/** What is to be done with the trays on a day or soon after, in the order of the days. */
export function trayWork(garden: Garden, site: Site | null, today: DayNumber): TrayWork[] {
  const states = sowingStates(garden, site, today);
  const work: TrayWork[] = plannedRaisings(
    garden,
    today - OVERDUE_DAYS,
    today + AHEAD_DAYS.sow,
  ).map((raising) => ({ kind: "sow", day: raising.sowDay, raising }));
  for (const state of states) {
    const { sowing, crop, emergeDay, hardening, plantsPerCell, plantOutDay } = state;
    const alive = seedlingsIn(sowing);
    if (alive === null && emergeDay !== null && emergeDay <= today + AHEAD_DAYS.count) {
      work.push({ kind: "count", day: emergeDay, state });
    }
    if (sowing.seedlings?.some((count) => count > plantsPerCell)) {
      work.push({ kind: "thin", day: emergeDay ?? today, state });
    }
    if (alive === 0) continue;
    const isUp = emergeDay !== null && emergeDay <= today;
    if (isUp && goesIntoBed(crop) && hardening.beginDay <= today && today < hardening.plantOutDay) {
      work.push({ kind: "harden", day: hardening.beginDay, state });
    }
    const hasBed = garden.plantings.has(sowing.plantingId ?? "");
    if (!hasBed && isUp && goesIntoBed(crop) && plantOutDay <= today + AHEAD_DAYS.chooseBed) {
      work.push({ kind: "chooseBed", day: Math.min(today, plantOutDay), state });
    }
    if (hardening.plantOutDay <= today + AHEAD_DAYS.plantOut && hasBed) {
      work.push({ kind: "plantOut", day: hardening.plantOutDay, state });
    }
  }
  const cropOf = (id: string) => cropsOf(garden).get(id);
  for (const tray of garden.trays.values()) {
    for (const pair of lookAlikesIn(tray, cropOf)) {
      const state = states.find(
        ({ sowing }) => sowing === (pair.first.labelled ? pair.second : pair.first),
      );
      const asked = work.some((one) => one.kind === "label" && one.state === state);
      if (state && !asked) work.push({ kind: "label", day: today, state });
    }
  }
  return work.sort((a, b) => a.day - b.day);
}

/** Whether seedlings of a crop leave their tray for a bed: shoots are cut in it. */
export function goesIntoBed({ group, transplanting }: Crop): boolean {
  return group !== "shoots" && group !== "forced" && transplanting.tolerance !== "never";
}

/** Sowings missed by more than this are no longer asked for. */
const OVERDUE_DAYS = 10;

/** The step of a hardening plan on a day; null when there is none. */
export function hardeningOn(plan: HardeningPlan, day: DayNumber) {
  return plan.days.find((one) => one.day === day) ?? null;
}

import growthJson from "@data/growth.json";
import type { DayNumber } from "../calendar";
import { emergenceAt, sproutingRange, type Crop } from "../crops";
import { soilOn, type SoilDay } from "../shelter";
import { lastSafeSowing, type LastSafe } from "./lastSafe";
import type { PlanSettings, Site } from "../growth";
import type { Growing, Timeline } from "./growing";
import { fact, type Fact } from "../facts";
import { shareOverDay } from "./relativeEmergence";

/** What to know and to do so that a sowing comes up. */
export interface SowingAdvice {
  /** The usual soil at sowing depth; null for what is sown on the bench. */
  soil: SoilDay | null;
  emergeDay: DayNumber | null;
  /** Share of sound seed that comes up at this warmth, 0 to 1. */
  share: number;
  /** Until when a second sowing would still be worth while. */
  resow: LastSafe;
  /** Tricks for this soil, in sentences; none when it suits. */
  hints: Fact[];
  /** Ids of `data/cautions.json`. */
  cautions: string[];
}

/** Hints are given where less than this share of the best comes up. */
const FEW_COME_UP_SHARE = 0.55;
const ASLEEP_SHARE = 0.3;
const DEEPER_CM = 1;

/** Emergence, tricks and the last day to sow again, for one sowing. */
export function sowingAdvice(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Timeline,
): SowingAdvice {
  const { crop } = growing;
  const cautions: string[] = crop.cautions.filter((id) => id === "mice");
  const resow = lastSafeSowing(site, settings, growing, timeline);
  if (timeline.plantOutDay !== null) {
    const benchC = growthJson.bench.temperatureC;
    const { share } = emergenceAt(crop, benchC);
    const matHint = heatMatHint(crop, benchC);
    return {
      soil: null,
      emergeDay: timeline.emergeDay,
      share,
      resow,
      hints: [...benchHints(crop, benchC), ...matHint, ...lightHint(crop)],
      cautions: matHint.length > 0 ? [...cautions, MAT_CAUTION] : cautions,
    };
  }
  const space = site.space(growing, timeline.sowDay);
  const soil = soilOn(space, timeline.sowDay, crop.sowing.depthCm);
  const share = shareOverDay(crop, soil);
  const hints =
    soil.meanC < sproutingRange(crop).fromC
      ? coldHints(crop, soil, growing)
      : hotHints(crop, soil, share, (care, depthCm) =>
          soilOn(space, timeline.sowDay, depthCm, care),
        );
  return {
    soil,
    emergeDay: timeline.emergeDay,
    share,
    resow,
    hints: [...hints, ...lightHint(crop)],
    cautions,
  };
}

const MAT_CAUTION = "heat-mat";

function hotHints(
  crop: Crop,
  soil: SoilDay,
  share: number,
  soilWith: (care: { shaded: boolean }, depthCm: number) => SoilDay,
): Fact[] {
  const best = Math.max(...crop.sprouting.share);
  const warmShare = emergenceAt(crop, soil.warmestC).share;
  // Damp seed that lies hot on its first afternoon may fall asleep, whatever the nights are like.
  if (share >= FEW_COME_UP_SHARE * best && warmShare >= ASLEEP_SHARE * best) return [];
  const { toC } = sproutingRange(crop);
  const shaded = soilWith({ shaded: true }, crop.sowing.depthCm + DEEPER_CM);
  const after = Math.round(shareOverDay(crop, shaded) * 100);
  return [
    fact("schedule.onABrightAfternoonTheSoilAtSeed", {
      warmestC: soil.warmestC,
      toC,
      share,
    }),
    fact("schedule.sowInTheEveningDeepInAFurrowThat", {
      depthCm: crop.sowing.depthCm,
      deeperCm: DEEPER_CM,
      warmestC: shaded.warmestC,
      after,
    }),
    soakHint(crop),
  ];
}

function soakHint(crop: Crop): Fact {
  return crop.sowing.seedsPerGram > 300
    ? fact("schedule.orChillTheDampSeedInThe")
    : fact("schedule.orSoakTheSeedOvernightInCoolWater");
}

function coldHints(crop: Crop, soil: SoilDay, growing: Growing): Fact[] {
  const { fromC } = sproutingRange(crop);
  const { days } = emergenceAt(crop, soil.meanC);
  const slow =
    days === null ? fact("schedule.noneGerminate") : fact("schedule.itTakesAboutDays", { days });
  const way =
    growing.covers.length === 0
      ? fact("schedule.sowUnderACoverOrStartItInTrays")
      : fact("schedule.startItInTraysOrWaitForWarmerSoil");
  return [
    fact("schedule.theSoilIsUsuallyThenBelowAndMany", { meanC: soil.meanC, fromC, slow, way }),
  ];
}

function benchHints(crop: Crop, benchC: number): Fact[] {
  const { toC } = sproutingRange(crop);
  return benchC + 4 > toC ? [fact("schedule.itGerminatesPoorlyAboveInSummer", { toC })] : [];
}

function heatMatHint(crop: Crop, benchC: number): Fact[] {
  const matC = crop.sprouting.heatMatC;
  if (matC === undefined) return [];
  const [onBench, onMat] = [emergenceAt(crop, benchC).days, emergenceAt(crop, matC).days];
  if (onMat === null) return [];
  const rather =
    onBench === null ? fact("schedule.notAtAll") : fact("schedule.inDays", { onBench });
  return [fact("schedule.onAHeatMatSetToItComesUpInDaysOnA", { matC, onMat, rather })];
}

function lightHint(crop: Crop): Fact[] {
  if (crop.sprouting.light === "indifferent") return [];
  const words =
    crop.sprouting.light === "needed"
      ? fact("schedule.needsLight")
      : fact("schedule.germinatesBetterInLight");
  return [fact("schedule.theSeedPressItInAndBarelyCoverIt", { words })];
}

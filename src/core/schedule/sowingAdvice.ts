import growthJson from "@data/growth.json";
import type { DayNumber } from "../calendar";
import { cautionWords, emergenceAt, sproutingRange, type Crop } from "../crops";
import { soilOn, type SoilDay } from "../shelter";
import type { Wording } from "../wording";
import { lastSafeSowing, type LastSafe } from "./lastSafe";
import type { PlanSettings, Site } from "../growth";
import type { Growing, Timeline } from "./timeline";

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
  hints: string[];
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
  wording: Wording,
): SowingAdvice {
  const { crop } = growing;
  const cautions = crop.cautions.filter((id) => id === "mice").map(cautionWords);
  const resow = lastSafeSowing(site, settings, growing, timeline);
  if (timeline.plantOutDay !== null) {
    const benchC = growthJson.bench.temperatureC;
    const { share } = emergenceAt(crop, benchC);
    const matHint = heatMatHint(crop, benchC, wording);
    return {
      soil: null,
      emergeDay: timeline.emergeDay,
      share,
      resow,
      hints: [...benchHints(crop, benchC, wording), ...matHint, ...lightHint(crop)],
      cautions: matHint.length > 0 ? [...cautions, MAT_CAUTION] : cautions,
    };
  }
  const space = site.space(growing, timeline.sowDay);
  const soil = soilOn(space, timeline.sowDay, crop.sowing.depthCm);
  const share = shareOverDay(crop, soil);
  const hints =
    soil.meanC < sproutingRange(crop).fromC
      ? coldHints(crop, soil, growing, wording)
      : hotHints(
          crop,
          soil,
          share,
          (care, depthCm) => soilOn(space, timeline.sowDay, depthCm, care),
          wording,
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

const MAT_CAUTION =
  "Heat mat near moisture: use a mat made for it on a GFCI outlet (RCD), and keep the cable dry.";

/** A quarter of the day is about as warm as its warmest hour. */
const WARM_PART_OF_DAY = 0.25;

/** Share that comes up where afternoons are warmer than the mean. */
function shareOverDay(crop: Crop, soil: SoilDay): number {
  const [usual, warm] = [emergenceAt(crop, soil.meanC), emergenceAt(crop, soil.warmestC)];
  return usual.share * (1 - WARM_PART_OF_DAY) + warm.share * WARM_PART_OF_DAY;
}

function hotHints(
  crop: Crop,
  soil: SoilDay,
  share: number,
  soilWith: (care: { shaded: boolean }, depthCm: number) => SoilDay,
  wording: Wording,
): string[] {
  const best = Math.max(...crop.sprouting.share);
  const warmShare = emergenceAt(crop, soil.warmestC).share;
  // Damp seed that lies hot on its first afternoon may fall asleep, whatever the nights are like.
  if (share >= FEW_COME_UP_SHARE * best && warmShare >= ASLEEP_SHARE * best) return [];
  const { toC } = sproutingRange(crop);
  const { temperature } = wording;
  const shaded = soilWith({ shaded: true }, crop.sowing.depthCm + DEEPER_CM);
  const after = Math.round(shareOverDay(crop, shaded) * 100);
  return [
    `On a bright afternoon the soil at seed depth reaches about ${temperature(soil.warmestC)}; above ${temperature(toC)} few come up. As it is, about ${Math.round(share * 100)} of 100 do.`,
    `Sow in the evening, ${wording.distanceCm(crop.sowing.depthCm + DEEPER_CM)} deep in a furrow that holds water. Water twice a day and shade until it is up: about ${temperature(shaded.warmestC)}, and ${after} of 100.`,
    soakHint(crop),
  ];
}

function soakHint(crop: Crop): string {
  return crop.sowing.seedsPerGram > 300
    ? "Or chill the damp seed in the refrigerator for two or three days first."
    : "Or soak the seed overnight in cool water first.";
}

function coldHints(crop: Crop, soil: SoilDay, growing: Growing, wording: Wording): string[] {
  const { fromC } = sproutingRange(crop);
  const { days } = emergenceAt(crop, soil.meanC);
  const slow = days === null ? "none germinate" : `it takes about ${Math.round(days)} days`;
  const way =
    growing.covers.length === 0
      ? "Sow under a cover, or start it in trays."
      : "Start it in trays, or wait for warmer soil.";
  return [
    `The soil is usually ${wording.temperature(soil.meanC)} then; below ${wording.temperature(fromC)} ${slow}, and many rot. ${way}`,
  ];
}

function benchHints(crop: Crop, benchC: number, wording: Wording): string[] {
  const { toC } = sproutingRange(crop);
  return benchC + 4 > toC
    ? [
        `It germinates poorly above ${wording.temperature(toC)}: in summer keep the tray in shade or a cool room until it is up.`,
      ]
    : [];
}

function heatMatHint(crop: Crop, benchC: number, wording: Wording): string[] {
  const matC = crop.sprouting.heatMatC;
  if (matC === undefined) return [];
  const [onBench, onMat] = [emergenceAt(crop, benchC).days, emergenceAt(crop, matC).days];
  if (onMat === null) return [];
  const rather = onBench === null ? "not at all" : `in ${Math.round(onBench)} days`;
  return [
    `On a heat mat set to ${wording.temperature(matC)} it comes up in ${Math.round(onMat)} days; on a cool bench ${rather}.`,
  ];
}

function lightHint(crop: Crop): string[] {
  if (crop.sprouting.light === "indifferent") return [];
  const words = crop.sprouting.light === "needed" ? "needs light" : "germinates better in light";
  return [`The seed ${words}: press it in and barely cover it.`];
}

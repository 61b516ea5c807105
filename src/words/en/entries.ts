import type { LocalWording } from "../voice";
import { dayNumber } from "@/core/calendar";
import { pests } from "@/core/care";
import type { Garden } from "@/core/garden";
import type { LogEntry, Logged, LossCause, TakenFor, Work } from "@/core/log";
import { subjectOf } from "@/core/logbook";
import { table, plural } from "../table";
import { tell } from "../tell";

const ASK = table({
  order: "Order",
  buyPlants: "Buy plants",
  fill: "Fill",
  sow: "Sow",
  sowTray: "Sow in a tray",
  checkEmergence: "Check emergence",
  label: "Label",
  thin: "Thin",
  potOn: "Pot up",
  chooseBed: "Choose a bed for",
  hardenOff: "Harden off",
  readyBed: "Prepare bed",
  plantOut: "Transplant",
  shade: "Shade on",
  shadeOff: "Shade off",
  net: "Net",
  netOff: "Netting off",
  waterIn: "Water in",
  changeWatering: "Water less often",
  water: "Water",
  support: "Support",
  earthUp: "Earth up",
  feed: "Feed",
  scout: "Scout for",
  harvest: "Pick",
  store: "Store",
  lookThroughStore: "Check",
  leaveForSeed: "Leave for seed",
  liftForSeed: "Lift for seed",
  setOutForSeed: "Set out for seed",
  cageForSeed: "Cage for seed",
  cutSeed: "Cut seed",
  cleanSeed: "Clean and test seed",
  clear: "Clear",
  sowCoverCrop: "Sow",
  mulch: "Mulch",
  endRest: "End rest of",
  cover: "Cover",
  uncover: "Uncover",
  pickBeforeFrost: "Harvest before tonight",
  carryIn: "Bring in",
  carryOut: "Carry out",
  shut: "Shut",
  vent: "Air",
  prepareForWind: "Weight down",
  brushSnow: "Brush off",
  bringIn: "Bring in",
  winterSettings: "Drain and set for winter",
  summerSettings: "Set for summer",
} satisfies Record<Work, string>);

const DONE = table({
  order: "Ordered",
  buyPlants: "Plants bought",
  fill: "Filled",
  sow: "Sown",
  sowTray: "Sown in a tray",
  checkEmergence: "Checked",
  label: "Labelled",
  thin: "Thinned",
  potOn: "Potted up",
  chooseBed: "Bed chosen for",
  hardenOff: "Hardened off",
  readyBed: "Bed prepared",
  plantOut: "Transplanted",
  shade: "Shaded",
  shadeOff: "Shade taken off",
  net: "Netted",
  netOff: "Netting taken off",
  waterIn: "Watered in",
  changeWatering: "Watering changed",
  water: "Watered",
  support: "Supported",
  earthUp: "Earthed up",
  feed: "Fed",
  scout: "Scouted for",
  harvest: "Picked",
  store: "Stored",
  lookThroughStore: "Checked",
  leaveForSeed: "Left for seed",
  liftForSeed: "Lifted for seed",
  setOutForSeed: "Set out again for seed",
  cageForSeed: "Caged",
  cutSeed: "Seed cut",
  cleanSeed: "Seed cleaned and tested",
  clear: "Cleared",
  sowCoverCrop: "Sown",
  mulch: "Mulched",
  endRest: "Rest ended",
  cover: "Covered",
  uncover: "Uncovered",
  pickBeforeFrost: "Harvested before the night",
  carryIn: "Brought in",
  carryOut: "Carried out",
  shut: "Shut",
  vent: "Aired",
  prepareForWind: "Weighted down",
  brushSnow: "Brushed off",
  bringIn: "Brought in",
  winterSettings: "Set for winter",
  summerSettings: "Set for summer",
} satisfies Record<Work, string>);

/** A kind of work: as it is asked for, and as a heading of a row once it is done. */
export function workWords(work: Work): { ask: string; done: string } {
  return { ask: ASK[work], done: DONE[work] };
}

export const CAUSE_WORDS = table({
  frost: "frost",
  heat: "heat",
  drought: "drought",
  wet: "wet",
  wind: "wind",
  slugs: "slugs",
  insects: "insects",
  mice: "mice and voles",
  birds: "birds",
  disease: "disease",
  bolting: "bolting",
  other: "another cause",
} satisfies Record<LossCause, string>);

export const TAKEN_WORDS = table({
  eaten: "eaten",
  rotted: "sorted out",
  given: "given away",
  sold: "sold",
} satisfies Record<TakenFor, string>);

/** A short word for the kind of an entry: "Picked", "Lost", "Seen". */
export function kindWords(what: Logged): string {
  switch (what.kind) {
    case "worked":
      return workWords(what.work).done;
    case "skipped":
      return say.skipped;
    case "putOff":
      return say.snoozed;
    default:
      return KIND_WORDS[what.kind];
  }
}

const KIND_WORDS = table({
  sown: "Sown",
  emerged: "Up",
  plantedOut: "Transplanted",
  harvested: "Picked",
  lost: "Lost",
  cleared: "Cleared",
  taken: "From the store",
  temperature: "Temperature",
  seen: "Seen",
});

const say = table({
  seedsFromTheBox: ({ count, number }: { count: number; number: string }) =>
    `${number} ${plural(count, "seed", "seeds")} from the box`,
  up: ({ up, outOf }: { up: string; outOf: string | null }) =>
    outOf === null ? `${up} up` : `${up} of ${outOf} up`,
  plants: ({ count, number }: { count: number; number: string }) =>
    `${number} ${plural(count, "plant", "plants")}`,
  pieces: ({ count, number }: { count: number; number: string }) =>
    `${number} ${plural(count, "piece", "pieces")}`,
  theLast: "the last",
  notWeighed: "not weighed",
  lostTo: ({ percent, cause }: { percent: string; cause: string }) => `${percent} % to ${cause}`,
  snoozedTo: ({ work, date }: { work: string; date: string }) => `${work}, to ${date}`,
  takenFor: ({ weight, why }: { weight: string; why: string }) => `${weight}, ${why}`,
  skipped: "Skipped",
  snoozed: "Snoozed",
});

/** What an entry tells beside its kind, subject and place: amounts, causes, days. */
export function amountWords({ what }: LogEntry, wording: LocalWording): string {
  const counted = (count: number) => ({ count, number: wording.number(count) });
  switch (what.kind) {
    case "sown":
      return what.seeds === null ? "" : say.seedsFromTheBox(counted(what.seeds));
    case "emerged": {
      const outOf = what.outOf === null ? null : wording.number(what.outOf);
      return what.up === null ? "" : say.up({ up: wording.number(what.up), outOf });
    }
    case "plantedOut":
      return what.plants === null ? "" : say.plants(counted(what.plants));
    case "harvested": {
      const parts = [
        what.grams === null ? null : wording.weightG(what.grams),
        what.count === null ? null : say.pieces(counted(what.count)),
        what.isLast ? say.theLast : null,
      ];
      return parts.filter((part) => part !== null).join(", ") || say.notWeighed;
    }
    case "lost":
      return say.lostTo({
        percent: wording.number(what.share * 100),
        cause: CAUSE_WORDS[what.cause],
      });
    case "taken":
      return say.takenFor({ weight: wording.weightG(what.grams), why: TAKEN_WORDS[what.why] });
    case "temperature":
      return wording.temperature(what.tempC, 1);
    case "seen":
      return what.pestId === null ? "" : (pests.get(what.pestId)?.name ?? what.pestId);
    case "skipped":
      return workWords(what.work).ask.toLowerCase();
    case "putOff":
      return say.snoozedTo({
        work: workWords(what.work).ask.toLowerCase(),
        date: wording.date(dayNumber(what.untilOn)),
      });
    default:
      return "";
  }
}

/** An entry as one sentence, with its day. */
export function loggedWords(garden: Garden, entry: LogEntry, wording: LocalWording): string {
  const told = subjectOf(garden, entry);
  const [subject, place] = [tell(told.subject, wording), tell(told.place, wording)];
  const amount = amountWords(entry, wording);
  const where = place !== "" && place !== subject ? `${subject === "" ? "" : " in "}${place}` : "";
  const about = `${subject}${where}`;
  return [
    `${kindWords(entry.what)}${about === "" ? "" : `: ${about}`}`,
    amount,
    entry.note === "" ? "" : `“${entry.note}”`,
    wording.date(dayNumber(entry.on)),
  ]
    .filter((part) => part !== "")
    .join(", ")
    .concat(".");
}

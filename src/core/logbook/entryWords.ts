import { pests } from "../care";
import { dayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { LogEntry, Logged, LossCause, Work } from "../log";
import { plantingName } from "../plantings";
import type { Wording } from "../wording";

/** What was done, as a heading of a row: "Sown", "Watered". */
export const WORK_WORDS: Record<Work, { ask: string; done: string }> = {
  order: { ask: "Order", done: "Ordered" },
  fill: { ask: "Fill", done: "Filled" },
  sow: { ask: "Sow", done: "Sown" },
  sowTray: { ask: "Sow in a tray", done: "Sown in a tray" },
  checkEmergence: { ask: "Check emergence", done: "Checked" },
  label: { ask: "Label", done: "Labelled" },
  thin: { ask: "Thin", done: "Thinned" },
  potOn: { ask: "Pot up", done: "Potted up" },
  hardenOff: { ask: "Harden off", done: "Hardened off" },
  readyBed: { ask: "Prepare bed", done: "Bed prepared" },
  plantOut: { ask: "Transplant", done: "Transplanted" },
  shade: { ask: "Shade on", done: "Shaded" },
  shadeOff: { ask: "Shade off", done: "Shade taken off" },
  net: { ask: "Net", done: "Netted" },
  waterIn: { ask: "Water in", done: "Watered in" },
  changeWatering: { ask: "Water less often", done: "Watering changed" },
  water: { ask: "Water", done: "Watered" },
  support: { ask: "Support", done: "Supported" },
  earthUp: { ask: "Earth up", done: "Earthed up" },
  feed: { ask: "Feed", done: "Fed" },
  scout: { ask: "Scout for", done: "Scouted for" },
  harvest: { ask: "Pick", done: "Picked" },
  store: { ask: "Store", done: "Stored" },
  lookThroughStore: { ask: "Check", done: "Checked" },
  leaveForSeed: { ask: "Leave for seed", done: "Left for seed" },
  clear: { ask: "Clear", done: "Cleared" },
  sowCoverCrop: { ask: "Sow", done: "Sown" },
  mulch: { ask: "Mulch", done: "Mulched" },
  endRest: { ask: "End rest of", done: "Rest ended" },
  cover: { ask: "Cover", done: "Covered" },
  uncover: { ask: "Uncover", done: "Uncovered" },
  pickBeforeFrost: { ask: "Harvest before tonight", done: "Harvested before the night" },
  carryIn: { ask: "Bring in", done: "Brought in" },
  shut: { ask: "Shut", done: "Shut" },
  vent: { ask: "Air", done: "Aired" },
  prepareForWind: { ask: "Weight down", done: "Weighted down" },
  brushSnow: { ask: "Brush off", done: "Brushed off" },
  bringIn: { ask: "Bring in", done: "Brought in" },
  winterSettings: { ask: "Drain and set for winter", done: "Set for winter" },
  summerSettings: { ask: "Set for summer", done: "Set for summer" },
};

export const CAUSE_WORDS: Record<LossCause, string> = {
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
};

/** A short word for the kind of an entry: "Picked", "Lost", "Seen". */
export function kindWords(what: Logged): string {
  switch (what.kind) {
    case "worked":
      return WORK_WORDS[what.work].done;
    case "skipped":
      return "Skipped";
    case "putOff":
      return "Snoozed";
    default:
      return KIND_WORDS[what.kind];
  }
}

const KIND_WORDS = {
  sown: "Sown",
  emerged: "Up",
  plantedOut: "Transplanted",
  harvested: "Picked",
  lost: "Lost",
  cleared: "Cleared",
  temperature: "Temperature",
  seen: "Seen",
} as const;

/** An entry's subject and place in words; empty where it has none. */
export function subjectOf(garden: Garden, { what }: LogEntry): { subject: string; place: string } {
  if (what.kind === "temperature") {
    const { under } = what;
    const there =
      under === null
        ? undefined
        : under.kind === "bed"
          ? garden.beds.get(under.id)
          : garden.shelters.get(under.id);
    return { subject: "", place: under === null ? "Outside" : (there?.name ?? "") };
  }
  const planting = garden.plantings.get(what.plantingId ?? "");
  const bedId = planting?.bedId ?? ("bedId" in what ? what.bedId : null);
  return {
    subject: planting ? plantingName(garden, planting) : "subject" in what ? what.subject : "",
    place: garden.beds.get(bedId ?? "")?.name ?? ("place" in what ? what.place : ""),
  };
}

/** What an entry tells beside its kind, subject and place: amounts, causes, days. */
export function amountWords({ what }: LogEntry, wording: Wording): string {
  switch (what.kind) {
    case "sown":
      return what.seeds === null ? "" : `${wording.number(what.seeds)} seeds from the box`;
    case "emerged":
      return what.up === null
        ? ""
        : `${wording.number(what.up)}${what.outOf === null ? "" : ` of ${wording.number(what.outOf)}`} up`;
    case "plantedOut":
      return what.plants === null ? "" : `${wording.number(what.plants)} plants`;
    case "harvested": {
      const parts = [
        what.grams === null ? null : wording.weightG(what.grams),
        what.count === null ? null : `${wording.number(what.count)} pieces`,
        what.isLast ? "the last" : null,
      ];
      return parts.filter((part) => part !== null).join(", ") || "not weighed";
    }
    case "lost":
      return `${Math.round(what.share * 100)} % to ${CAUSE_WORDS[what.cause]}`;
    case "temperature":
      return wording.temperature(what.tempC, 1);
    case "seen":
      return what.pestId === null ? "" : (pests.get(what.pestId)?.name ?? what.pestId);
    case "skipped":
      return WORK_WORDS[what.work].ask.toLowerCase();
    case "putOff":
      return `${WORK_WORDS[what.work].ask.toLowerCase()}, to ${wording.date(dayNumber(what.untilOn))}`;
    default:
      return "";
  }
}

/** An entry as one sentence, with its day. */
export function loggedWords(garden: Garden, entry: LogEntry, wording: Wording): string {
  const { subject, place } = subjectOf(garden, entry);
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

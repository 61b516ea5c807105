import type { LocalWording } from "../voice";
import { dayNumber } from "@/core/calendar";
import { pests } from "@/core/care";
import type { Garden } from "@/core/garden";
import type { LogEntry, Logged, LossCause, TakenFor } from "@/core/log";
import { subjectOf } from "@/core/logbook";
import { table, plural } from "../table";
import { tell } from "../tell";
import { workWords } from "./works";

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

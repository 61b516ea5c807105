import { dayNumber, type DayNumber } from "../calendar";
import { derive } from "../derive";
import type { Garden } from "../garden";
import type { LogEntry, LoggedKind } from "../log";
import type { TraySowing } from "../trays";
import { NOTHING_KNOWN, type Facts } from "../schedule";

/** Something written down about a planting: in the log, or in the tray it is raised in. */
type Note = LogEntry | TraySowing;

/** What is known to have happened to one planting; the same as before as long as its own notes are. */
export function factsOf(
  { logEntries, trays }: Pick<Garden, "logEntries" | "trays">,
  plantingId: string,
): Facts {
  const [first, ...more] = derive([logEntries, trays], notesByPlanting).get(plantingId) ?? [];
  return first ? derive([first, ...more], factsFrom) : NOTHING_KNOWN;
}

function notesByPlanting(
  logEntries: Garden["logEntries"],
  trays: Garden["trays"],
): ReadonlyMap<string, Note[]> {
  const notes = new Map<string, Note[]>();
  const add = (plantingId: string, note: Note) => {
    const known = notes.get(plantingId);
    if (known) known.push(note);
    else notes.set(plantingId, [note]);
  };
  for (const { sowings } of trays.values()) {
    for (const sowing of sowings) if (sowing.plantingId !== null) add(sowing.plantingId, sowing);
  }
  for (const entry of logEntries.values()) {
    if (TELLING.has(entry.what.kind) && "plantingId" in entry.what && entry.what.plantingId) {
      add(entry.what.plantingId, entry);
    }
  }
  return notes;
}

/** The kinds of entry that move a planting on. */
const TELLING: ReadonlySet<LoggedKind> = new Set([
  "sown",
  "emerged",
  "plantedOut",
  "harvested",
  "lost",
  "cleared",
  "seen",
] as const);

function factsFrom(...notes: readonly Note[]): Facts {
  const facts: Facts = { ...NOTHING_KNOWN, pickedDays: [], losses: [] };
  for (const note of notes) {
    if ("what" in note) addEntry(facts, note);
    else addSowing(facts, note);
  }
  facts.losses.sort((a, b) => a.day - b.day);
  facts.pickedDays.sort((a, b) => a - b);
  return facts;
}

function addSowing(facts: Facts, { sownOn, entries }: TraySowing): void {
  facts.sownDay = earlier(facts.sownDay, dayNumber(sownOn));
  const counted = entries.find(({ what, seedlings }) => what === "counted" && (seedlings ?? 0) > 0);
  if (counted) facts.emergedDay = earlier(facts.emergedDay, dayNumber(counted.on));
  const out = entries.find(({ what }) => what === "plantedOut");
  if (out) facts.plantedOutDay = earlier(facts.plantedOutDay, dayNumber(out.on));
}

function addEntry(facts: Facts, { on, what, note }: LogEntry): void {
  const day = dayNumber(on);
  switch (what.kind) {
    case "sown": {
      facts.sownDay = earlier(facts.sownDay, day);
      break;
    }
    case "emerged": {
      // Looked at and nothing up is no emergence.
      if (what.up === 0) break;
      facts.emergedDay = earlier(facts.emergedDay, day);
      break;
    }
    case "plantedOut": {
      facts.plantedOutDay = earlier(facts.plantedOutDay, day);
      break;
    }
    case "harvested": {
      facts.pickedDays.push(day);
      facts.firstHarvestDay = earlier(facts.firstHarvestDay, day);
      facts.lastHarvestDay = Math.max(facts.lastHarvestDay ?? day, day);
      facts.harvestedGrams += what.grams ?? 0;
      facts.harvestedCount += what.count ?? 0;
      if (what.isLast) facts.overDay = earlier(facts.overDay, day);
      break;
    }
    case "lost": {
      facts.losses.push({ day, cause: what.cause, share: what.share });
      if (what.share === 1) facts.overDay = earlier(facts.overDay, day);
      break;
    }
    case "cleared": {
      facts.overDay = earlier(facts.overDay, day);
      facts.clearedDay = earlier(facts.clearedDay, day);
      break;
    }
    case "seen": {
      // A free note may say anything of it, also that it is dead.
      if (note !== "" && what.pestId === null) break;
      facts.seenDay = Math.max(facts.seenDay ?? day, day);
      break;
    }
    default:
  }
}

function earlier(known: DayNumber | null, day: DayNumber): DayNumber {
  return known === null ? day : Math.min(known, day);
}

import { dayNumber, type DayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { LogEntry } from "../log";
import type { Tray } from "../trays";
import { NOTHING_KNOWN, type Facts } from "../schedule";

type Index = ReadonlyMap<string, Facts>;
const kept = new WeakMap<Garden["logEntries"], { trays: Garden["trays"]; index: Index }>();

/** What log and trays tell of each planting, by its id; made anew only when either has changed. */
export function factsByPlanting(garden: Pick<Garden, "logEntries" | "trays">): Index {
  const { logEntries, trays } = garden;
  const known = kept.get(logEntries);
  if (known?.trays === trays) return known.index;
  const index = new Map<string, Facts>();
  const of = (plantingId: string): Facts => {
    const facts = index.get(plantingId) ?? { ...NOTHING_KNOWN, pickedDays: [], losses: [] };
    index.set(plantingId, facts);
    return facts;
  };
  for (const tray of trays.values()) fromTray(tray, of);
  for (const entry of logEntries.values()) fromEntry(entry, of);
  for (const facts of index.values()) {
    facts.losses.sort((a, b) => a.day - b.day);
    facts.pickedDays.sort((a, b) => a - b);
  }
  kept.set(logEntries, { trays, index });
  return index;
}

/** What is known to have happened to one planting. */
export function factsOf(garden: Garden, plantingId: string): Facts {
  return factsByPlanting(garden).get(plantingId) ?? NOTHING_KNOWN;
}

function fromTray({ sowings }: Tray, of: (plantingId: string) => Facts): void {
  for (const { plantingId, sownOn, entries } of sowings) {
    if (plantingId === null) continue;
    const facts = of(plantingId);
    facts.sownDay = earlier(facts.sownDay, dayNumber(sownOn));
    const counted = entries.find(
      ({ what, seedlings }) => what === "counted" && (seedlings ?? 0) > 0,
    );
    if (counted) facts.emergedDay = earlier(facts.emergedDay, dayNumber(counted.on));
    const out = entries.find(({ what }) => what === "plantedOut");
    if (out) facts.plantedOutDay = earlier(facts.plantedOutDay, dayNumber(out.on));
  }
}

function fromEntry({ on, what }: LogEntry, of: (plantingId: string) => Facts): void {
  const day = dayNumber(on);
  switch (what.kind) {
    case "sown": {
      const facts = of(what.plantingId);
      facts.sownDay = earlier(facts.sownDay, day);
      break;
    }
    case "emerged": {
      // Looked at and nothing up is no emergence.
      if (what.up === 0) break;
      const facts = of(what.plantingId);
      facts.emergedDay = earlier(facts.emergedDay, day);
      break;
    }
    case "plantedOut": {
      const facts = of(what.plantingId);
      facts.plantedOutDay = earlier(facts.plantedOutDay, day);
      break;
    }
    case "harvested": {
      const facts = of(what.plantingId);
      facts.pickedDays.push(day);
      facts.firstHarvestDay = earlier(facts.firstHarvestDay, day);
      facts.lastHarvestDay = Math.max(facts.lastHarvestDay ?? day, day);
      facts.harvestedGrams += what.grams ?? 0;
      facts.harvestedCount += what.count ?? 0;
      if (what.isLast) facts.overDay = earlier(facts.overDay, day);
      break;
    }
    case "lost": {
      const facts = of(what.plantingId);
      facts.losses.push({ day, cause: what.cause, share: what.share });
      if (what.share === 1) facts.overDay = earlier(facts.overDay, day);
      break;
    }
    case "cleared": {
      const facts = of(what.plantingId);
      facts.overDay = earlier(facts.overDay, day);
      facts.clearedDay = earlier(facts.clearedDay, day);
      break;
    }
    default:
  }
}

function earlier(known: DayNumber | null, day: DayNumber): DayNumber {
  return known === null ? day : Math.min(known, day);
}

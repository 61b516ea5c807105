import { addDays } from "@/core/calendar";
import { cropLibrary } from "@/core/crops";
import { learn } from "@/core/learn";
import {
  emptyGarden,
  type Garden,
  type KeptPlanting,
  type KeptSeason,
  type Planting,
} from "@/core/garden";
import { bedOf, plantingOf, SMALL_PLACE } from "@/core/gardenFile/small.testdata";
import type { LogEntry, Logged } from "@/core/log";
import { siteOf } from "@/core/plantings";
import { medianMs, report } from "./timing";

const YEARS = [2021, 2022, 2023, 2024, 2025];
const PLANTINGS_A_YEAR = 400;
const BEDS = 40;
const PICKINGS = 7;
const ALLOWED_MS = 300;
const RUNS = 5;
const CROPS = [
  "spinach",
  "lettuce",
  "carrot",
  "arugula",
  "turnip",
  "kale",
  "pak-choi",
  "chard",
  "mizuna",
  "beet",
].filter((id) => cropLibrary.has(id));

/** Learning from five seasons: 2,000 plantings with 20,000 entries, four of them closed. */
export function benchLearning(): void {
  const beds = Array.from({ length: BEDS }, (_, at) => bedOf(`bed-${at + 1}`));
  const seasons = YEARS.map(seasonOf);
  const [now, ...closed] = [...seasons].reverse();
  const garden: Garden = {
    ...emptyGarden(),
    place: SMALL_PLACE,
    beds: byId(beds),
    plantings: byId(now?.plantings ?? []),
    logEntries: byId(now?.entries ?? []),
    keptSeasons: byId(closed.map((season) => keptOf(season, beds))),
  };
  const entries = seasons.reduce((sum, one) => sum + one.entries.length, 0);
  const ms = medianMs(() => {
    // As a worker meets it: nothing of the place or of the record is at hand.
    const fresh = { ...garden, keptSeasons: byId(closed.map((season) => keptOf(season, beds))) };
    learn(siteOf(SMALL_PLACE, null), { ...fresh, logEntries: new Map(garden.logEntries) });
  }, RUNS);
  report(`learning from ${entries} entries of ${YEARS.length} seasons`, ms, ALLOWED_MS, "ms");
}

interface Lived {
  year: number;
  plantings: Planting[];
  entries: LogEntry[];
}

function seasonOf(year: number): Lived {
  const plantings: Planting[] = [];
  const entries: LogEntry[] = [];
  for (let at = 0; at < PLANTINGS_A_YEAR; at += 1) {
    const sowOn = addDays(`${year}-06-22`, at % 70);
    const id = `planting-${year}-${at}`;
    plantings.push(
      plantingOf(CROPS[at % CROPS.length] ?? "kale", sowOn, {
        id,
        bedId: `bed-${(at % BEDS) + 1}`,
        lengthM: 1,
      }),
    );
    const note = (day: number, what: Logged) =>
      entries.push({
        id: `${id}-${entries.length}`,
        on: addDays(sowOn, day),
        taskId: null,
        what,
        note: "",
      });
    note(0, { kind: "sown", plantingId: id, lotId: null, seeds: null });
    note(7 + (at % 3), { kind: "emerged", plantingId: id, up: 40, outOf: 60 });
    for (let picking = 0; picking < PICKINGS; picking += 1) {
      note(45 + (at % 9) + 7 * picking, {
        kind: "harvested",
        plantingId: id,
        grams: 200,
        count: null,
        isLast: false,
      });
    }
    note(110, { kind: "cleared", plantingId: id });
  }
  return { year, plantings, entries };
}

function keptOf({ year, plantings, entries }: Lived, beds: KeptSeason["beds"]): KeptSeason {
  const dates = (planting: Planting) => ({
    sowOn: planting.sowOn,
    plantOutOn: null,
    upOn: addDays(planting.sowOn, 7),
    readyOn: addDays(planting.sowOn, 45),
    untilOn: addDays(planting.sowOn, 110),
  });
  return {
    id: `season-${year}`,
    year,
    fromOn: `${year}-06-21`,
    untilOn: `${year + 1}-06-20`,
    closedOn: `${year + 1}-06-10`,
    place: SMALL_PLACE,
    settings: emptyGarden().settings,
    need: null,
    shelters: [],
    beds,
    ownCrops: [],
    ownVarieties: [],
    ownNumbers: [],
    successions: [],
    plantings: plantings.map((planting): KeptPlanting => ({
      planting,
      name: planting.cropId,
      planned: dates(planting),
      came: dates(planting),
      usualG: 1500,
    })),
    rests: [],
    feedings: [],
    trays: [],
    storeLots: [],
    entries,
    wishes: [],
  };
}

const byId = <T extends { id: string }>(list: readonly T[]) =>
  new Map(list.map((one) => [one.id, one]));

import { execFileSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { dayNumber } from "@/core/calendar";
import { cropLibrary } from "@/core/crops";
import { writeGardenFile } from "@/core/formats";
import { emptyGarden, type Bed, type Garden, type Planting, type Shelter } from "@/core/garden";
import { BY_THE_BOOK } from "@/core/gardenFile";
import { SMALL_PLACE } from "@/core/gardenFile/small.testdata";
import { rehearsalOf, Tally, type Rehearsal } from "@/core/winter";
import { report, reportRate } from "./timing";

const FROM = "2026-09-01";
const STACKS: readonly (readonly string[])[] = [
  ["greenhouse-single"],
  ["greenhouse-double"],
  ["greenhouse-single", "row-cover-light"],
  ["cold-frame-glass"],
  ["cold-frame-twinwall"],
  ["low-tunnel-film"],
];
const CROPS = ["spinach", "lettuce", "mache", "kale", "carrot", "arugula", "pak-choi", "leek"];
const WINTERS = 1000;

/** So many shelters, each with its own covers, and plantings shared out over them. */
function gardenOf(shelters: number, plantings: number): Garden {
  const houses = Array.from({ length: shelters }, (_, at): Shelter => ({
    id: `shelter-${at}`,
    name: `Shelter ${at + 1}`,
    covers: [...(STACKS[at % STACKS.length] ?? [])],
    outline: null,
    // Each of its own height: no two are the same stack.
    heightM: 1 + 0.05 * at,
    vent: { kind: "automatic", opensAtC: 15, wideAtC: 25 },
    barrelLitres: 0,
    film: null,
  }));
  const beds = houses.map((house, at): Bed => ({
    id: `bed-${at}`,
    name: `Bed ${at + 1}`,
    lengthM: 100,
    widthM: 1,
    shelterId: house.id,
    covers: [],
    horizon: null,
    position: null,
    history: [],
  }));
  const sown = Array.from({ length: plantings }, (_, at): Planting => {
    const crop = cropLibrary.get(CROPS[at % CROPS.length] ?? "spinach");
    return {
      ...BY_THE_BOOK,
      id: `planting-${at}`,
      cropId: crop?.id ?? "",
      varietyId: crop?.varieties[0]?.id ?? "",
      bedId: `bed-${at % shelters}`,
      sowOn: `2026-09-${String(1 + (at % 28)).padStart(2, "0")}`,
      method: "direct",
      stage: "full",
      fromM: Math.floor(at / shelters),
      lengthM: 1,
      rowCm: crop?.spacing.rowCm ?? 20,
      inRowCm: crop?.spacing.inRowCm ?? 10,
    };
  });
  const byId = <T extends { id: string }>(list: readonly T[]) =>
    new Map(list.map((one) => [one.id, one]));
  const empty = emptyGarden();
  return {
    ...empty,
    head: { ...empty.head, today: FROM },
    place: SMALL_PLACE,
    shelters: byId(houses),
    beds: byId(beds),
    plantings: byId(sown),
  };
}

function rehearsalFor(garden: Garden): Rehearsal {
  const asked = { fromDay: dayNumber(FROM), seed: 1, winters: "made", changes: [] } as const;
  const made = rehearsalOf(garden, asked);
  if (!made.ok) throw new Error(made.refusal.code);
  return made.rehearsal;
}

/** Milliseconds of processor time that a winter takes here, after some to warm up. */
function winterMs(rehearsal: Rehearsal, winters = 40): number {
  rehearsal.liveAll(0, 10);
  const start = process.cpuUsage();
  rehearsal.liveAll(0, winters);
  const { user, system } = process.cpuUsage(start);
  return (user + system) / 1000 / winters;
}

/** A thousand winters in two processes; the first odds; how the time grows. */
export function benchWinters(): void {
  const garden = gardenOf(6, 100);
  const begun = performance.now();
  const rehearsal = rehearsalFor(garden);
  const tally = new Tally(
    (rehearsal.gardens[0]?.lives ?? []).map(({ planting }) => planting.id),
    rehearsal.span,
  );
  for (const outcome of rehearsal.live(0)) tally.add(outcome);
  tally.report();
  report("the first odds of 6 shelters and 100 plantings", performance.now() - begun, 1000, "ms");
  const usualMs = winterMs(rehearsal);
  reportRate("winters a second on one core", 1000 / usualMs, Math.ceil(WINTERS / 60 / 2));
  const grown = (what: string, more: Garden, by: number) => {
    const times = winterMs(rehearsalFor(more)) / usualMs;
    console.log(`${what}: ${times.toFixed(2)} times the time of a winter (${by} would be in step)`);
  };
  grown("twice the shelters", gardenOf(12, 100), 2);
  grown("twice the plantings", gardenOf(6, 200), 2);
  benchThousand(garden);
}

function benchThousand(garden: Garden): void {
  const folder = mkdtempSync(join(tmpdir(), "winters-"));
  try {
    const path = join(folder, "garden.json");
    writeFileSync(path, writeGardenFile(garden));
    const seconds = (winters: number) => {
      const start = performance.now();
      const words = ["rehearse", "--garden", path, "--winters", String(winters), "--threads", "2"];
      execFileSync("npx", ["tsx", "src/cli/index.ts", ...words], { maxBuffer: 2 ** 28 });
      return (performance.now() - start) / 1000;
    };
    const all = seconds(WINTERS);
    report(`${WINTERS} winters of 6 shelters and 100 plantings on 2 cores`, all, 60, "s");
    const half = seconds(WINTERS / 2);
    console.log(
      `twice the winters: ${(all / half).toFixed(2)} times the time (2 would be in step)`,
    );
  } finally {
    rmSync(folder, { recursive: true });
  }
}

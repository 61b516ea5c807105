import { dayNumber } from "@/core/calendar";
import { tarnholt } from "@/core/plantings/tarnholt.testdata";
import type { Way } from "@/core/schedule";
import { begunEntries } from "./begunEntries";

const today = dayNumber("2026-09-24");
function anyPlanting() {
  for (const planting of tarnholt.plantings.values()) return planting;
  throw new Error("the garden has plantings");
}

function entriesOf(sowOn: string, plantOutOn: string | null, ageDays: number | null = null) {
  const timeline = {
    sowDay: dayNumber(sowOn),
    plantOutDay: plantOutOn === null ? null : dayNumber(plantOutOn),
  };
  const bought = ageDays === null ? null : { ageDays };
  let count = 0;
  return begunEntries({ ...anyPlanting(), bought }, { timeline } as Way, today, () =>
    String((count += 1)),
  ).map(({ on, what }) => `${on} ${what.kind}`);
}

test("what is still to come is not logged", () => {
  expect(entriesOf("2026-09-24", null)).toEqual([]);
  expect(entriesOf("2026-10-01", "2026-11-01")).toEqual([]);
});

test("what was sown stands in its bed today; what is raised only once it was set out", () => {
  expect(entriesOf("2026-08-20", null)).toEqual(["2026-08-20 sown", "2026-09-24 seen"]);
  expect(entriesOf("2026-09-01", "2026-10-01")).toEqual(["2026-09-01 sown"]);
  expect(entriesOf("2026-07-01", "2026-08-01")).toEqual([
    "2026-07-01 sown",
    "2026-08-01 plantedOut",
    "2026-09-24 seen",
  ]);
});

test("bought plants were never sown here", () => {
  expect(entriesOf("2026-07-01", "2026-08-01", 31)).toEqual([
    "2026-08-01 plantedOut",
    "2026-09-24 seen",
  ]);
});

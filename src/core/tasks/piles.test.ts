import fc from "fast-check";
import workJson from "@data/work.json";
import { dayNumber } from "../calendar";
import { fact } from "../facts";
import { WORKS } from "../log";
import { tarnholt as garden, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { minutesFor, pileOf, pilesOf } from "./piles";
import { PLAIN, type Task } from "./task";
import { tasksOn } from "./tasks";

const day = dayNumber("2026-09-24");
const task = (some: Partial<Task>): Task => ({
  ...PLAIN,
  id: "t",
  kind: "sow",
  subject: "",
  place: "",
  fromDay: day,
  untilDay: day + 10,
  reason: "",
  endsWhen: "",
  ifLeft: "",
  ...some,
});
const readyLater = (costs: number) =>
  fact("tasks.aWeekLaterItWouldBeReadyOn", { costs, readyDay: day + 60, sowDay: day });

test.each<[string, Partial<Task>, string]>([
  ["covers go on before dark", { kind: "cover" }, "today"],
  ["dry ground", { kind: "water", untilDay: day + 2 }, "today"],
  ["a sowing that a week costs a week", { kind: "sow", ifLeft: readyLater(9) }, "week"],
  ["a sowing at the cliff", { kind: "sow", ifLeft: readyLater(120) }, "today"],
  [
    "a sowing that would never be ready",
    { kind: "sowTray", ifLeft: fact("tasks.aWeekLaterItWouldNotBeReadyHere") },
    "today",
  ],
  ["seed to order, with days left", { kind: "order", untilDay: day + 4 }, "week"],
  ["seed to order on its last day", { kind: "order", untilDay: day }, "today"],
  [
    "plants that have outgrown their day",
    { kind: "plantOut", untilDay: day - 3, isLate: true },
    "today",
  ],
  ["thinning, though late", { kind: "thin", untilDay: day - 3, isLate: true }, "week"],
  ["a harvest that holds for weeks", { kind: "harvest", untilDay: day + 40 }, "passing"],
  ["a harvest of its last week", { kind: "harvest", untilDay: day + 6 }, "week"],
  ["a harvest that ends tomorrow", { kind: "harvest", untilDay: day + 1 }, "today"],
  ["looking for aphids", { kind: "scout", untilDay: day }, "passing"],
  ["looking again for what was found", { kind: "scout", untilDay: day - 1, isLate: true }, "week"],
])("%s", (_what, some, pile) => {
  expect(pileOf(task(some), day)).toBe(pile);
});

test("minutes go by the ground that is worked, and watering by its litres, by hand", () => {
  const planting = [...garden.plantings.values()][0];
  if (!planting) throw new Error("the demo garden has plantings");
  const width = garden.beds.get(planting.bedId)?.widthM ?? NaN;
  const thin = task({ kind: "thin", plantingId: planting.id });
  expect(minutesFor(garden, thin)).toBeCloseTo(5 + 6 * planting.lengthM * width, 9);
  // 29 mm on 80 m² are 2,320 L, 20 a minute.
  const howMuch = fact("tasks.lPerMLInAll", { givenMm: 29, areaM2: 80 });
  expect(minutesFor(garden, task({ kind: "water", howMuch }))).toBeCloseTo(3 + 116, 9);
});

test("a day's tasks fall into three piles, none twice; what must be done today is few all year", () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 300 }), (after) => {
      const tasks = tasksOn(site, garden, day + after);
      const { today, week, passing } = pilesOf(garden, tasks, day + after);
      const ids = [today, week, passing].flatMap((pile) => pile.tasks.map(({ id }) => id));
      expect([...ids].sort()).toEqual(tasks.map(({ id }) => id).sort());
      expect(today.tasks.length).toBeLessThanOrEqual(Math.max(14, tasks.length / 2));
    }),
    { numRuns: 20 },
  );
});

test("every kind of work says how long it may wait and what it takes", () => {
  expect(Object.keys(workJson.kinds).sort()).toEqual([...WORKS].sort());
});

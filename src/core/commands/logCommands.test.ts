import fc from "fast-check";
import { dayNumber, isoDate } from "../calendar";
import { inverse, withChanges, type Garden } from "../garden";
import { toGardenFile } from "../gardenFile";
import type { LogEntry, Logged } from "../log";
import { factsOf, plantingState, plannedOtherwise } from "../plantings";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { tasksOn, type Task } from "../tasks";
import { commands, type CommandName } from "./registry";
import { english, inEnglish } from "@/words/told.testdata";

const TODAY = "2026-09-24";

function after(garden: Garden, name: CommandName, input: unknown): Garden {
  const outcome = commands[name].apply(garden, input);
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  return outcome.garden;
}
const refusal = (garden: Garden, name: CommandName, input: unknown) => {
  const outcome = commands[name].apply(garden, input);
  return outcome.ok ? "" : english(outcome.refusal);
};
const entry = (on: string, what: Logged, id = `e-${on}-${what.kind}`): LogEntry => ({
  id: id.toLowerCase(),
  on,
  taskId: null,
  what,
  note: "",
});
const keep = (garden: Garden, ...entries: LogEntry[]) =>
  after(garden, "log.keep", { entries, today: TODAY });
const sown = (plantingId: string, more = {}): Logged => ({
  kind: "sown",
  plantingId,
  lotId: null,
  seeds: null,
  ...more,
});
const picked = (plantingId: string, grams: number | null = null, isLast = false): Logged => ({
  kind: "harvested",
  plantingId,
  grams,
  count: null,
  isLast,
});
const life = (garden: Garden, id: string) => {
  const planting = garden.plantings.get(id);
  const found = planting && plantingState(garden, site, planting);
  if (!found) throw new Error(id);
  return found;
};

test("the day it was sown moves its emergence and its harvest; the plan stays to compare with", () => {
  const before = life(tarnholt, "planting-07");
  const late = life(keep(tarnholt, entry("2026-08-27", sown("planting-07"))), "planting-07");
  expect(late.timeline.sowDay).toBe(dayNumber("2026-08-27"));
  const moved = (late.timeline.readyDay ?? 0) - (before.timeline.readyDay ?? 0);
  // A week late at the end of August costs more than a week.
  expect(moved).toBeGreaterThan(7);
  expect(late.planting.sowOn).toBe("2026-08-20");
  expect(plannedOtherwise(tarnholt, site, late)?.readyDay).toBe(before.timeline.readyDay);
  expect(plannedOtherwise(tarnholt, site, before)).toBeNull();
});

test("emergence, planting out, the first and the last picking each move what comes after them", () => {
  const before = life(tarnholt, "planting-07").timeline;
  const upLate = (before.emergeDay ?? 0) + 6;
  const up: Logged = { kind: "emerged", plantingId: "planting-07", up: 30, outOf: 50 };
  const late = life(keep(tarnholt, entry(isoDate(upLate), up)), "planting-07").timeline;
  expect(late.emergeDay).toBe(upLate);
  expect(late.readyDay).toBeGreaterThan((before.readyDay ?? 0) + 3);
  // Looked at, and nothing up, is no emergence.
  const none = keep(tarnholt, entry(isoDate(upLate), { ...up, up: 0 }));
  expect(life(none, "planting-07").timeline.readyDay).toBe(before.readyDay);

  const kale = life(tarnholt, "planting-13").timeline;
  const outDay = (kale.plantOutDay ?? 0) + 10;
  const out: Logged = { kind: "plantedOut", plantingId: "planting-13", plants: 20 };
  const planted = life(keep(tarnholt, entry(isoDate(outDay), out)), "planting-13").timeline;
  expect(planted.plantOutDay).toBe(outDay);
  expect(planted.readyDay).toBeGreaterThan(kale.readyDay ?? 0);

  const early = life(
    keep(tarnholt, entry("2026-09-20", picked("planting-07", 200))),
    "planting-07",
  );
  expect(early.timeline.readyDay).toBe(dayNumber("2026-09-20"));
  const over = life(keep(tarnholt, entry(TODAY, picked("planting-02", 900, true))), "planting-02");
  expect(over.timeline.holdsUntilDay).toBe(dayNumber(TODAY));
});

test("harvests add up, losses leave a share, and a part lost is not the end", () => {
  const lost = (share: number, cause: "slugs" | "frost"): Logged => ({
    kind: "lost",
    plantingId: "planting-03",
    cause,
    share,
  });
  const garden = keep(
    tarnholt,
    entry("2026-09-20", picked("planting-03", 700)),
    entry("2026-09-21", lost(0.25, "slugs")),
    entry("2026-09-22", lost(0.5, "frost")),
  );
  // 1400, 1250 and 1600 g are in the demo's log already.
  expect(factsOf(garden, "planting-03")).toMatchObject({
    harvestedGrams: 4950,
    overDay: null,
    losses: [{ cause: "slugs" }, { cause: "frost" }],
  });
  const dead = keep(garden, entry("2026-09-23", lost(1, "frost")));
  expect(life(dead, "planting-03").timeline.holdsUntilDay).toBe(dayNumber("2026-09-23"));
});

test.each([
  ["a day to come", entry("2026-09-25", picked("planting-03", 100)), /in the future/],
  [
    "a harvest before the planned sowing",
    entry("2026-05-01", picked("planting-07")),
    /planned for sowing on 20 August/,
  ],
  [
    "a planting that is gone",
    entry(TODAY, picked("planting-99", 1)),
    /There is no planting "planting-99"/,
  ],
  ["nothing weighed", entry(TODAY, picked("planting-03", 0)), /more than nothing/],
  ["a ton", entry(TODAY, picked("planting-03", 1_000_000)), /More than 500 kg/],
  [
    "an unknown lot",
    entry(TODAY, sown("planting-27", { lotId: "lot-99" })),
    /no seed lot "lot-99"/,
  ],
])("%s is refused in words, and nothing is half-kept", (_what, wrong, words) => {
  const good = entry("2026-09-20", picked("planting-03", 500), "good");
  expect(refusal(tarnholt, "log.keep", { entries: [good, wrong], today: TODAY })).toMatch(words);
});

test("a sowing and what follows it keep their order, whichever is written down last", () => {
  const garden = keep(tarnholt, entry("2026-08-22", sown("planting-07")));
  expect(
    english(
      refusal(garden, "log.keep", {
        entries: [entry("2026-08-21", picked("planting-07"))],
        today: TODAY,
      }),
    ),
  ).toMatch(/was sown on 22 August: it cannot be picked before/);
  const up = keep(
    garden,
    entry("2026-08-30", { kind: "emerged", plantingId: "planting-07", up: null, outOf: null }),
  );
  const later = { ...entry("2026-09-05", sown("planting-07")), id: "e-2026-08-22-sown" };
  expect(english(refusal(up, "log.keep", { entries: [later], today: TODAY }))).toMatch(
    /already has an entry on 30 August/,
  );
});

test("seed that a sowing takes leaves the box, and comes back with the entry", () => {
  const grams = (garden: Garden) => garden.seedLots.get("lot-01")?.amount.value ?? 0;
  const taken = entry("2026-08-20", sown("planting-07", { lotId: "lot-01", seeds: 300 }));
  const garden = keep(tarnholt, taken);
  expect(grams(garden)).toBeLessThan(grams(tarnholt));
  const fewer = keep(garden, {
    ...taken,
    what: sown("planting-07", { lotId: "lot-01", seeds: 100 }),
  });
  expect(grams(fewer)).toBeGreaterThan(grams(garden));
  expect(grams(after(fewer, "log.remove", { ids: [taken.id] }))).toBeCloseTo(grams(tarnholt), 2);
});

test("what leaves the garden takes its entries with it; work is still told by its name", () => {
  const worked: Logged = {
    kind: "worked",
    work: "thin",
    subject: "Kale, curly",
    place: "Bed 3",
    bedId: "bed-3",
    plantingId: "planting-03",
  };
  const garden = keep(tarnholt, entry(TODAY, worked, "thinned"));
  const without = after(garden, "planting.remove", { id: "planting-03" });
  expect(inEnglish(without.logEntries.get("thinned")?.what)).toMatchObject({
    plantingId: null,
    bedId: "bed-3",
    subject: "Kale, curly",
  });
  expect(
    [...without.logEntries.values()].some(
      ({ what }) => "plantingId" in what && what.plantingId === "planting-03",
    ),
  ).toBe(false);
  const noBed = after(garden, "bed.remove", { id: "bed-3", withPlantings: true });
  expect(noBed.logEntries.get("thinned")?.what).toMatchObject({ plantingId: null, bedId: null });
  const noHouse = after(garden, "shelter.remove", { id: "greenhouse" });
  expect(
    [...noHouse.logEntries.values()].filter(({ what }) => what.kind === "temperature"),
  ).toHaveLength(1);
  // Whatever was taken out, the file still holds together, and the way back is exact.
  for (const name of ["planting.remove", "bed.remove"] as const) {
    const input =
      name === "bed.remove" ? { id: "bed-3", withPlantings: true } : { id: "planting-03" };
    const outcome = commands[name].apply(garden, input);
    if (!outcome.ok) throw new Error(outcome.refusal.code);
    after(tarnholt, "garden.replace", toGardenFile(outcome.garden));
    expect(toGardenFile(withChanges(outcome.garden, inverse(outcome.changes)))).toEqual(
      toGardenFile(garden),
    );
  }
});

const settle = (garden: Garden, task: Task, on: string, as = "done", more = {}) =>
  commands["round.settle"].apply(garden, { tasks: [task], on, as, today: on, ...more });

test("a task that is done is logged as what it was, and moves the garden on", () => {
  const find = (garden: Garden, id: string, on: string) => {
    const task = tasksOn(site, garden, dayNumber(on)).find((one) => one.id === id);
    if (!task) throw new Error(`${id} on ${on}`);
    return task;
  };
  const thin = settle(tarnholt, find(tarnholt, "sowing-2-thin", TODAY), TODAY);
  if (!thin.ok) throw new Error(thin.refusal.code);
  const sowing = thin.garden.trays.get("tray-2")?.sowings.find(({ id }) => id === "sowing-2");
  const most = Math.max(...(sowing?.seedlings ?? [99]));
  expect(most).toBeLessThanOrEqual(tarnholt.plantings.get("planting-29")?.plantsPerStation ?? 0);
  const out = settle(tarnholt, find(tarnholt, "sowing-1-plantOut", TODAY), TODAY);
  if (!out.ok) throw new Error(out.refusal.code);
  expect(factsOf(out.garden, "planting-19").plantedOutDay).toBe(dayNumber(TODAY));
  expect(out.garden.trays.get("tray-1")?.sowings).toEqual([]);
  const sow = settle(tarnholt, find(tarnholt, "planting-07-sow", "2026-08-22"), "2026-08-22");
  if (!sow.ok) throw new Error(sow.refusal.code);
  // Seed is taken from the packet that is there.
  expect(sow.garden.seedLots.get("lot-01")?.amount.value).toBeLessThan(18);
  expect(life(sow.garden, "planting-07").timeline.sowDay).toBe(dayNumber("2026-08-22"));
});

test("ticked together, in any order, work on seedlings that are planted out is written down alone", () => {
  const on = "2026-11-15";
  const some = tasksOn(site, tarnholt, dayNumber(on)).filter(
    ({ id }) => id === "sowing-2-thin" || id === "sowing-2-plantOut",
  );
  expect(some).toHaveLength(2);
  for (const tasks of [some, [...some].reverse()]) {
    const outcome = commands["round.settle"].apply(tarnholt, { tasks, on, as: "done", today: on });
    if (!outcome.ok) throw new Error(outcome.refusal.code);
    expect(outcome.garden.logEntries.get("sowing-2-thin")?.what.kind).toBe("worked");
    expect(outcome.garden.trays.get("tray-2")?.sowings).toEqual([]);
  }
});

test("planted out of the tray's own pane, the planting knows it too, and its task is settled", () => {
  const garden = after(tarnholt, "tray.plantOut", {
    trayId: "tray-1",
    sowingId: "sowing-1",
    on: "2026-09-23",
    cells: null,
  });
  expect(factsOf(garden, "planting-19").plantedOutDay).toBe(dayNumber("2026-09-23"));
  expect(garden.logEntries.get("sowing-1-plantOut")?.on).toBe("2026-09-23");
});

test("what is put off comes back on its day, what is left undone does not, and both can be told apart", () => {
  const ids = (garden: Garden, on: string) =>
    tasksOn(site, garden, dayNumber(on)).map(({ id }) => id);
  const [task] = tasksOn(site, tarnholt, dayNumber(TODAY)).filter(
    ({ id }) => id === "planting-04-harvest",
  );
  if (!task) throw new Error("a harvest");
  const later = settle(tarnholt, task, TODAY, "putOff", { untilOn: "2026-09-27" });
  if (!later.ok) throw new Error(later.refusal.code);
  expect(ids(later.garden, "2026-09-26")).not.toContain(task.id);
  expect(ids(later.garden, "2026-09-27")).toContain(task.id);
  const skipped = settle(later.garden, task, TODAY, "skipped");
  if (!skipped.ok) throw new Error(skipped.refusal.code);
  expect(ids(skipped.garden, "2026-09-27")).not.toContain(task.id);
  expect(inEnglish(settle(skipped.garden, task, TODAY))).toMatchObject({
    ok: false,
    refusal: expect.stringMatching(/^Skipped on 24 September already/),
  });
  expect(inEnglish(settle(tarnholt, task, TODAY, "putOff", { untilOn: TODAY }))).toMatchObject({
    ok: false,
    refusal: "Choose a later date.",
  });
});

test("done never comes back by itself, and two tabs that tick the same, in any order, end alike", () => {
  let ticked = 0;
  fc.assert(
    fc.property(
      fc.integer({ min: dayNumber("2026-07-15"), max: dayNumber("2027-04-15") }),
      fc.array(fc.nat(), { minLength: 1, maxLength: 6 }),
      fc.integer({ min: 0, max: 25 }),
      (day, picks, ahead) => {
        const on = isoDate(day);
        const tasks = tasksOn(site, tarnholt, day);
        if (tasks.length === 0) return;
        const chosen = [...new Set(picks.map((pick) => tasks[pick % tasks.length]))].flatMap(
          (task) => task ?? [],
        );
        const tick = (garden: Garden, list: Task[]) =>
          list.reduce((now, task) => {
            const outcome = settle(now, task, on);
            if (!outcome.ok) throw new Error(`${task.id}: ${english(outcome.refusal)}`);
            return outcome.garden;
          }, garden);
        const one = tick(tarnholt, chosen);
        ticked += chosen.length;
        const later = tasksOn(site, one, day + ahead).map(({ id }) => id);
        for (const { id } of chosen) expect(later).not.toContain(id);
        // The other tab ticks them again, and in another order: nothing is done twice.
        expect(tick(one, [...chosen].reverse())).toEqual(one);
        const two = tick(tarnholt, [...chosen].reverse());
        expect(toGardenFile(two).logEntries).toEqual(toGardenFile(one).logEntries);
      },
    ),
    { numRuns: 14 },
  );
  expect(ticked).toBeGreaterThan(20);
});

test("the walk goes in the grower's order; a bed that goes leaves it, one that comes stands at its end", () => {
  const garden = after(tarnholt, "walk.set", { bedIds: ["bed-9", "house-2", "bed-1"] });
  const walked = (from: Garden) => {
    const beds = tasksOn(site, from, dayNumber(TODAY)).flatMap(({ bedId }) => bedId ?? []);
    return [...new Set(beds)];
  };
  expect(walked(garden).slice(0, 3)).toEqual(["bed-9", "house-2", "bed-1"]);
  expect(walked(garden)).toHaveLength(walked(tarnholt).length);
  const fewer = after(garden, "bed.remove", { id: "house-2", withPlantings: true });
  expect(fewer.head.walk).toEqual(["bed-9", "bed-1"]);
  expect(english(refusal(tarnholt, "walk.set", { bedIds: ["bed-99"] }))).toMatch(/no longer/);
});

import { commands } from "@/core/commands";
import { dayNumber } from "@/core/calendar";
import { differences, emptyGarden, withChanges, type Bed, type Garden } from "@/core/garden";
import { smallGarden } from "@/core/gardenFile/small.testdata";
import { isPrepared, prepare, siteFor, takePreparation } from "@/core/plantings";
import { createDeriver } from "./deriver";
import { answer, type QuestionName } from "./questions";
import { Replica, type News } from "./replica";

const garden = smallGarden();
const day = dayNumber("2026-09-24");

function changed(from: Garden, name: keyof typeof commands, input: unknown): Garden {
  const outcome = commands[name].apply(from, input);
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  return outcome.garden;
}

/** A worker in the same process: what goes in and comes out is copied, as between threads. */
function connected() {
  const replica = new Replica();
  const sent: News[] = [];
  const remote = {
    ready: async () => undefined,
    async prepare(news: News) {
      sent.push(news);
      return structuredClone(replica.prepare(structuredClone(news)));
    },
    async ask(news: News, name: QuestionName, args: never) {
      sent.push(news);
      return structuredClone(replica.ask(structuredClone(news), name, args));
    },
  };
  return { deriver: createDeriver(() => remote as never), sent };
}

test("what is asked of the worker is what would be answered here, after every change", async () => {
  const { deriver, sent } = connected();
  expect(deriver.isReady()).toBe(false);
  expect(await deriver.start()).toBe(true);
  const later = changed(garden, "planting.moveSowing", { id: "spinach", sowOn: "2026-08-27" });
  const way = {
    cropId: "spinach",
    varietyId: "winter",
    method: "direct",
    stage: "full",
    boughtAgeDays: null,
    bedId: "bed-1",
    sowDay: day,
  };
  const asked: { [Q in QuestionName]: object } = {
    tasks: { day },
    tasksAhead: { day, days: 3 },
    night: { day },
    spring: { day },
    numbers: { day },
    closing: { day },
    season: { seasonId: "season-2025" },
    nextSeason: { seasonId: "season-2025", day },
    sowable: { day },
    fits: { day, bedId: "bed-1", opening: 0 },
    supply: { firstDay: day, count: 20, today: day },
    waysToClose: {
      weeks: { firstDay: day, count: 20, today: day },
      gap: { group: "salad", fromDay: day + 30, untilDay: day + 90, shortKgAWeek: 1 },
    },
    plantingSpread: { plantingId: "spinach", sowDay: dayNumber("2026-08-27") },
    strandSpreads: { fromDay: day - 90, toDay: day + 300 },
    wishSpreads: { ways: [way] },
    otherWishSpreads: { ways: [] },
    sowableSpreads: { ways: [way, { ...way, bedId: "gone" }] },
    safeShares: { plantingId: "spinach", stacks: [[], ["row-cover-light"]], aroundDay: day },
  };
  for (const now of [garden, later]) {
    const site = siteFor(now);
    if (!site) throw new Error("the garden has a place");
    for (const [name, args] of Object.entries(asked) as [QuestionName, never][]) {
      const here = answer(name, { garden: now, site }, args);
      // As plain data: classes and functions would not come through.
      expect(await deriver.ask(now, name, args)).toEqual(structuredClone(here));
    }
  }
  // The second garden was told by its one changed planting.
  const news = sent.map(({ changes }) => changes.length);
  expect(news.filter((count) => count > 0)).toEqual([expect.any(Number), 1]);
});

test("what takes long is worked out elsewhere and taken in here", () => {
  const bed = garden.beds.get("bed-1") as Bed;
  const covers = ["low-tunnel-film", "row-cover-heavy"];
  const covered = { ...garden, beds: new Map([...garden.beds, [bed.id, { ...bed, covers }]]) };
  expect(isPrepared(covered)).toBe(false);
  // A worker has its own copy of the garden.
  const there = structuredClone(covered);
  takePreparation(covered, structuredClone(prepare(there)));
  expect(isPrepared(covered)).toBe(true);
  expect(prepare(covered).years).toEqual(prepare(there).years);
});

test("where no worker can start, that is told once and work goes on without it", async () => {
  const deriver = createDeriver(() => {
    throw new Error("no workers here");
  });
  expect(await deriver.start()).toBe(false);
  expect(deriver.isReady()).toBe(false);
  await expect(deriver.ask(garden, "tasks", { day, today: day })).rejects.toThrow();
});

test("a worker that breaks leaves nobody waiting", async () => {
  let breakIt: () => void = () => undefined;
  const deriver = createDeriver((onBroken) => {
    breakIt = onBroken;
    const never = () => new Promise(() => undefined);
    return { ready: async () => undefined, prepare: never, ask: never } as never;
  });
  await deriver.start();
  const asked = deriver.ask(garden, "tasks", { day, today: day });
  breakIt();
  await expect(asked).rejects.toThrow("broke");
  expect(deriver.isReady()).toBe(false);
});

test("the differences of two gardens lead from one to the other, and are few where little changed", () => {
  expect(withChanges(emptyGarden(), differences(emptyGarden(), garden))).toEqual(garden);
  const later = changed(garden, "planting.remove", { id: "spinach" });
  const changes = differences(garden, later);
  expect(changes.map(({ id }) => id)).toEqual(["spinach"]);
  expect(withChanges(garden, changes)).toEqual(later);
});

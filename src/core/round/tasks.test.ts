import fc from "fast-check";
import { dayNumber, isoDate } from "../calendar";
import { commands } from "../commands";
import type { Garden } from "../garden";
import { lifeOf } from "../plan";
import { tarnholt, tarnholtSite as site } from "../plan/tarnholt.testdata";
import { plainWording } from "../wording";
import { tasksOn } from "./index";

const wording = plainWording();
const on = (date: string, garden: Garden = tarnholt) =>
  tasksOn(site, garden, dayNumber(date), wording);
const find = (tasks: ReturnType<typeof on>, id: string) => tasks.find((task) => task.id === id);
const lifeDay = (
  id: string,
  which: "plantOutDay" | "emergeDay" | "readyDay" | "holdsUntilDay",
  after = 0,
) => {
  const planting = tarnholt.plantings.get(id);
  const day = planting && lifeOf(tarnholt, site, planting)?.timeline[which];
  if (day === null || day === undefined) throw new Error(id);
  return isoDate(day + after);
};

test.each([
  [
    "sown on its day",
    "2026-08-20",
    "planting-07-sow",
    { kind: "sow", place: "Bed 7", isLate: false },
  ],
  [
    "sown late",
    "2026-08-25",
    "planting-07-sow",
    { isLate: true, ifLeft: /A week later it is ready \d+ days later/ },
  ],
  ["asked for no more", "2026-09-05", "planting-07-sow", null],
  ["planted out", "2026-08-28", "planting-17-plantOut", null],
  [
    "netted when it comes into the bed",
    lifeDay("planting-13", "plantOutDay"),
    "planting-13-net",
    { kind: "net", ifLeft: /lay their eggs/ },
  ],
  [
    "picked when ready",
    lifeDay("planting-07", "readyDay"),
    "planting-07-harvest",
    { reason: /outer leaves/ },
  ],
  ["not before", lifeDay("planting-07", "readyDay", -1), "planting-07-harvest", null],
  [
    "cleared when over",
    lifeDay("planting-07", "holdsUntilDay"),
    "planting-07-clear",
    { reason: /leave the roots in/ },
  ],
  ["thinned in its tray", "2026-09-24", "sowing-2-thin", { kind: "thin" }],
])("%s", (_what, date, id, expected) => {
  const found = find(on(date), id);
  if (expected === null) return expect(found).toBeUndefined();
  const patterns = Object.fromEntries(
    Object.entries(expected).map(([key, value]) => [
      key,
      value instanceof RegExp ? expect.stringMatching(value) : value,
    ]),
  );
  expect(found).toMatchObject(patterns);
});

/** A task settled as the grower does it. */
function settled(garden: Garden, id: string, date: string, as: "done" | "skipped" = "done") {
  const task = find(on(date, garden), id);
  if (!task) throw new Error(`${id} is not asked for on ${date}`);
  const outcome = commands["round.settle"].apply(garden, {
    tasks: [task],
    on: date,
    as,
    today: date,
  });
  if (!outcome.ok) throw new Error(outcome.refusal);
  return outcome.garden;
}

test("a row is looked at when it should be up: once it is sown, not while the sowing is still asked for", () => {
  const emergeOn = lifeDay("planting-07", "emergeDay");
  const look = "planting-07-checkEmergence";
  expect(find(on(emergeOn), look)).toBeUndefined();
  const sown = settled(tarnholt, "planting-07-sow", "2026-08-20");
  expect(find(on(emergeOn, sown), look)).toMatchObject({
    kind: "checkEmergence",
    ifLeft: expect.stringMatching(/sown again until/),
  });
  const seen = settled(sown, look, emergeOn);
  expect(find(on(isoDate(dayNumber(emergeOn) + 1), seen), look)).toBeUndefined();
});

test("on the eve of a freeze the night comes first: covers, what to shut, what to pick", () => {
  const days = [4, -6, -3].map((minTempC, index) => ({
    date: isoDate(dayNumber("2026-09-24") + index),
    minTempC,
    maxTempC: minTempC + 9,
    spreadC: 1,
    precipitationMm: 0,
    cloudShare: 0,
    windMps: index === 2 ? 12 : 1,
  }));
  const outcome = commands["outlook.set"].apply(tarnholt, {
    id: "outlook",
    receivedAt: "2026-09-24T16:00:00Z",
    outlook: {
      format: "late-ember-outlook",
      version: 1,
      source: "the grower",
      simulated: false,
      issuedOn: "2026-09-24",
      days,
    },
  });
  if (!outcome.ok) throw new Error(outcome.refusal);
  const tasks = on("2026-09-24", outcome.garden);
  const kinds = tasks.map(({ kind }) => kind);
  const tonight = ["cover", "shut", "pickBeforeFrost", "carryIn"];
  const last = kinds.reduce((at, kind, index) => (tonight.includes(kind) ? index : at), -1);
  expect(last).toBeGreaterThan(5);
  expect(kinds.slice(0, last + 1).every((kind) => tonight.includes(kind))).toBe(true);
  expect(kinds.filter((kind) => kind === "cover").length).toBeGreaterThan(1);
  expect(tasks.find(({ kind }) => kind === "prepareForWind")?.reason).toMatch(/26 September/);
  // Covers that lie there are asked for no more, and come in when it is mild.
  const lay = tasks.flatMap((task) =>
    task.kind === "cover" && task.bedId ? [{ id: "heavy-1", bedId: task.bedId }] : [],
  );
  const laid = commands["piece.lay"].apply(tarnholt, { pieces: lay.slice(0, 1) });
  if (!laid.ok) throw new Error(laid.refusal);
  expect(on("2026-08-20", laid.garden).map(({ kind }) => kind)).toContain("bringIn");
});

test("a shelter without an opener is aired on a warm day; one with it looks after itself", () => {
  const manual = commands["shelter.edit"].apply(tarnholt, {
    id: "twin-frames",
    vent: { kind: "manual", fromHour: 10, toHour: 15, share: 0.5 },
  });
  if (!manual.ok) throw new Error(manual.refusal);
  const vents = (garden: Garden) =>
    on("2026-09-24", garden)
      .filter(({ kind }) => kind === "vent")
      .map(({ place }) => place);
  expect(vents(manual.garden)).toEqual(["Twin frames"]);
  expect(vents(tarnholt)).toEqual([]);
});

test("beds are fed, sown with green manure and freed again when their day has come", () => {
  const rest = commands["rest.set"].apply(tarnholt, {
    id: "rest-1",
    bedId: "bed-9",
    fromM: 0,
    lengthM: 2,
    fromOn: "2026-12-01",
    untilOn: "2027-03-20",
    under: { kind: "mulch", mulchId: "leaves", depthCm: 10 },
  });
  if (!rest.ok) throw new Error(rest.refusal);
  const fed = commands["feeding.set"].apply(rest.garden, {
    id: "feed-1",
    bedId: "bed-9",
    on: "2026-12-01",
    feed: { kind: "compost", depthCm: 2 },
  });
  if (!fed.ok) throw new Error(fed.refusal);
  expect(find(on("2026-12-01", fed.garden), "rest-1-begin")).toMatchObject({
    kind: "mulch",
    place: "Bed 9",
  });
  // 8 × 0.8 m at 2 cm are 128 L.
  expect(find(on("2026-12-03", fed.garden), "feed-1-feed")).toMatchObject({
    howMuch: "128 L",
    isLate: true,
  });
  expect(find(on("2027-03-20", fed.garden), "rest-1-end")).toMatchObject({ kind: "endRest" });
});

test("the same state gives the same tasks, each once, each with its reason, its end and what lateness does", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: dayNumber("2026-04-01"), max: dayNumber("2027-05-31") }),
      (day) => {
        const tasks = tasksOn(site, tarnholt, day, wording);
        expect(tasksOn(site, { ...tarnholt }, day, wording)).toEqual(tasks);
        expect(new Set(tasks.map(({ id }) => id)).size).toBe(tasks.length);
        for (const { reason, endsWhen, ifLeft, subject, place, fromDay } of tasks) {
          expect(reason).toMatch(/^[A-Z0-9].*[.!]$/);
          expect(ifLeft).toMatch(/^[A-Z].*\.$/);
          expect(endsWhen).not.toBe("");
          expect(subject).not.toBe("");
          expect(place).not.toBe("");
          expect(fromDay).toBeLessThanOrEqual(day + 7);
        }
      },
    ),
    { numRuns: 12 },
  );
});

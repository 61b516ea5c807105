import fc from "fast-check";
import { dayNumber, isoDate } from "../calendar";
import { commands } from "../commands";
import type { Garden } from "../garden";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { tasksAhead } from "./ahead";
import { tasksOn } from "./tasks";
import { changed, find, kinds, on, settled } from "./tasks.testdata";
import { english, inEnglish } from "@/words/told.testdata";

test("beds are looked at as often as their pests ask; what was seen is asked after, the spray last", () => {
  const [first] = kinds("2026-09-24", "scout").filter(({ bedId }) => bedId === "bed-3");
  expect(inEnglish(first)).toMatchObject({
    id: "bed-3-scout-first",
    subject: expect.stringMatching(/caterpillars/),
  });
  if (!first) throw new Error("a look at bed 3");
  const looked = settled(tarnholt, first.id, "2026-09-24");
  const inBed3 = (date: string, garden: Garden) =>
    kinds(date, "scout", garden).filter(({ bedId }) => bedId === "bed-3");
  expect(inBed3("2026-09-27", looked)).toEqual([]);
  expect(inBed3("2026-09-29", looked)).toMatchObject([{ id: "bed-3-scout-2026-09-24" }]);
  const [again] = kinds("2026-09-24", "scout").filter(({ id }) => id.includes("caterpillars"));
  expect(inEnglish(again)).toMatchObject({
    place: "Bed 11",
    reason: expect.stringMatching(/^Seen 13 September\. Pick off/),
    cautions: ["label"],
  });
  const ways = again?.more ?? [];
  expect(english(ways[0])).toMatch(/^Keep out: fine netting/);
  expect(english(ways.at(-1))).toMatch(
    /^Only if that is not enough: .*by its label.*not within 1 day of harvest/,
  );
  // The kale there is ready: nothing may be picked before the days are over.
  expect(english(ways.at(-1))).toMatch(/no harvest here before 25 September/);
});

test("watering follows what has dried, what rained and what keeps the rain off", () => {
  const house = (date: string, garden = tarnholt) =>
    kinds(date, "water", garden).find(({ place }) => place === "Greenhouse");
  // Watered on 22 September by the log: not two days after, but when it has dried again.
  expect(house("2026-09-24")).toBeUndefined();
  const again = house("2026-10-08");
  expect(inEnglish(again)).toMatchObject({
    id: "greenhouse-water-2026-09-22",
    reason: expect.stringMatching(/since 22 September, and no rain comes in/),
  });
  if (!again) throw new Error("dry again");
  const watered = settled(tarnholt, again.id, "2026-10-08");
  expect(house("2026-10-09", watered)).toBeUndefined();
  // Never into frost: midwinter asks for none.
  expect(kinds("2026-12-20", "water")).toEqual([]);
  // A wet outlook spares the open beds; the house does not feel it.
  const rain = changed("outlook.set", {
    id: "outlook",
    receivedAt: "2026-09-24T06:00:00Z",
    outlook: {
      format: "late-ember-outlook",
      version: 1,
      source: "the grower",
      simulated: false,
      issuedOn: "2026-09-24",
      days: [
        {
          date: "2026-09-24",
          minTempC: 8,
          maxTempC: 14,
          spreadC: 1,
          precipitationMm: 30,
          cloudShare: 1,
          windMps: 2,
        },
      ],
    },
  });
  const open = (garden: Garden) => kinds("2026-09-24", "water", garden).map(({ place }) => place);
  expect(inEnglish(open(tarnholt))).toContain("Uncovered beds");
  expect(inEnglish(open(rain))).not.toContain("Uncovered beds");
  expect(inEnglish(open(rain))).toContain("Twin frames");
});

test("what was stored is looked through every fortnight, while it keeps", () => {
  const stored = settled(tarnholt, "planting-02-store", "2026-11-25");
  const look = (date: string, garden: Garden) => kinds(date, "lookThroughStore", garden);
  expect(look("2026-12-08", stored)).toEqual([]);
  expect(look("2026-12-09", stored)).toMatchObject([{ id: "store-look-2026-11-25" }]);
  const looked = settled(stored, "store-look-2026-11-25", "2026-12-10");
  expect(look("2026-12-23", looked)).toEqual([]);
  expect(look("2026-12-24", looked)).toMatchObject([{ id: "store-look-2026-12-10" }]);
  expect(look("2027-08-20", looked)).toEqual([]);
});

test("what is in store is looked through too: what is over soon is used first, potatoes with their caution", () => {
  const lot = (id: string, cropId: string, place: string, since: string) => ({
    id,
    cropId,
    varietyId: null,
    place,
    since,
    grams: 5000,
    plantingId: null,
    note: "",
  });
  const look = (date: string, garden: Garden) => kinds(date, "lookThroughStore", garden);
  const frozen = changed("store.set", lot("store-beans", "bush-bean", "freezer", "2026-08-10"));
  expect(look("2026-12-01", frozen)).toEqual([]);
  const potatoes = changed("store.set", lot("store-p", "potato", "cellar", "2026-09-05"));
  expect(look("2026-09-18", potatoes)).toEqual([]);
  const [task] = look("2026-09-19", potatoes);
  expect(task?.cautions).toEqual(["store-mould", "green-potato"]);
  expect(task?.more).toEqual([]);
  // 24 weeks after the beginning of September.
  const [late] = look("2027-02-10", potatoes);
  expect(inEnglish(late?.more)).toEqual([
    "Use first: potato in a cellar, good until about 20 February.",
  ]);
  const eaten = changed(
    "store.take",
    { id: "log-take", on: "2026-10-01", storeLotId: "store-p", grams: 5000, why: "eaten" },
    potatoes,
  );
  expect(look("2026-12-01", eaten)).toEqual([]);
});

test("a bed's own covers come off for good once, in spring", () => {
  // Asked for on eleven days in a row: every third of them meets it.
  const days = Array.from({ length: 40 }, (_, index) =>
    isoDate(dayNumber("2027-02-01") + 3 * index),
  );
  const asked = days.filter((date) =>
    kinds(date, "uncover").some(({ bedId }) => bedId === "house-3"),
  );
  expect(asked.length).toBeGreaterThan(0);
  expect(asked.length).toBeLessThanOrEqual(4);
  const first = dayNumber(asked[0] ?? "");
  expect(dayNumber(asked.at(-1) ?? "") - first).toBe(3 * (asked.length - 1));
});

test("the days ahead tell each work once, daily work with its days", () => {
  const ahead = tasksAhead(site, tarnholt, dayNumber("2026-09-24"), 7);
  expect(new Set(ahead.map(({ task }) => task.id)).size).toBe(ahead.length);
  const daily = ahead.find(({ task }) => task.id.startsWith("planting-19-waterIn"));
  expect(daily?.days).toHaveLength(7);
  expect(ahead.find(({ task }) => task.id === "planting-30-sowTray")?.days).toEqual([
    dayNumber("2026-09-26"),
  ]);
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
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  const tasks = on("2026-09-24", outcome.garden);
  const kinds = tasks.map(({ kind }) => kind);
  const tonight = ["cover", "shut", "pickBeforeFrost", "carryIn"];
  const last = kinds.reduce((at, kind, index) => (tonight.includes(kind) ? index : at), -1);
  expect(last).toBeGreaterThan(5);
  expect(kinds.slice(0, last + 1).every((kind) => tonight.includes(kind))).toBe(true);
  expect(kinds.filter((kind) => kind === "cover").length).toBeGreaterThan(1);
  expect(english(tasks.find(({ kind }) => kind === "prepareForWind")?.reason)).toMatch(
    /26 September/,
  );
  // Covers that lie there are asked for no more, and come in when it is mild.
  const lay = tasks.flatMap((task) =>
    task.kind === "cover" && task.bedId ? [{ id: "heavy-1", bedId: task.bedId }] : [],
  );
  const laid = commands["piece.lay"].apply(tarnholt, { pieces: lay.slice(0, 1) });
  if (!laid.ok) throw new Error(laid.refusal.code);
  expect(on("2026-08-20", laid.garden).map(({ kind }) => kind)).toContain("bringIn");
});

test("a shelter without an opener is aired on a warm day; one with it looks after itself", () => {
  const manual = commands["shelter.edit"].apply(tarnholt, {
    id: "twin-frames",
    vent: { kind: "manual", fromHour: 10, toHour: 15, share: 0.5 },
  });
  if (!manual.ok) throw new Error(manual.refusal.code);
  const vents = (garden: Garden) =>
    on("2026-09-24", garden)
      .filter(({ kind }) => kind === "vent")
      .map(({ place }) => place);
  expect(inEnglish(vents(manual.garden))).toEqual(["Twin frames"]);
  expect(inEnglish(vents(tarnholt))).toEqual([]);
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
  if (!rest.ok) throw new Error(rest.refusal.code);
  const fed = commands["feeding.set"].apply(rest.garden, {
    id: "feed-1",
    bedId: "bed-9",
    on: "2026-12-01",
    part: null,
    feed: { kind: "compost", depthCm: 2 },
  });
  if (!fed.ok) throw new Error(fed.refusal.code);
  expect(inEnglish(find(on("2026-12-01", fed.garden), "rest-1-begin"))).toMatchObject({
    kind: "mulch",
    place: "Bed 9",
  });
  // 8 × 0.8 m at 2 cm are 128 L.
  expect(inEnglish(find(on("2026-12-03", fed.garden), "feed-1-feed"))).toMatchObject({
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
        const tasks = tasksOn(site, tarnholt, day);
        expect(tasksOn(site, { ...tarnholt }, day)).toEqual(tasks);
        expect(new Set(tasks.map(({ id }) => id)).size).toBe(tasks.length);
        for (const { reason, endsWhen, ifLeft, subject, place, fromDay } of tasks) {
          expect(english(reason)).toMatch(/^[A-Z0-9].*[.!]$/);
          expect(english(ifLeft)).toMatch(/^[A-Z].*\.$/);
          expect(english(endsWhen)).not.toBe("");
          expect(english(subject)).not.toBe("");
          expect(english(place)).not.toBe("");
          expect(fromDay).toBeLessThanOrEqual(day + 7);
        }
      },
    ),
    { numRuns: 7 },
  );
});

test("on days to come each watering asked for before is taken as given", () => {
  const today = dayNumber("2026-09-24");
  const askedOn = (after: number) =>
    tasksOn(site, tarnholt, today + after, today).filter(
      ({ kind, id }) => kind === "water" && id.startsWith("open-"),
    );
  expect(askedOn(0)).toHaveLength(1);
  // What dries in September in a day or two is far under the 18 mm that may be missing.
  expect(askedOn(1)).toEqual([]);
  expect(askedOn(3)).toEqual([]);
  // Looked at as today it would still be asked for: nothing says that it was given.
  expect(tasksOn(site, tarnholt, today + 1).some(({ id }) => id.startsWith("open-water"))).toBe(
    true,
  );
  const july = dayNumber("2026-07-10");
  const days = Array.from({ length: 28 }, (_, after) =>
    tasksOn(site, tarnholt, july + after, july).some(({ id }) => id.startsWith("open-water")),
  );
  const times = days.filter(Boolean).length;
  expect(times).toBeGreaterThan(1);
  expect(times).toBeLessThan(10);
});

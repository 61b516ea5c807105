import type { Garden } from "../garden";
import { dayNumber, isoDate } from "../calendar";
import { tarnholt } from "../plantings/tarnholt.testdata";
import { expectTask, find, lifeDay, on, settled } from "./tasks.testdata";
import { inEnglish } from "@/words/told.testdata";

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
    { isLate: true, ifLeft: /A week later it would be ready \d+ days later/ },
  ],
  ["asked for no more", "2026-09-05", "planting-07-sow", null],
  ["transplanted", "2026-08-28", "planting-17-plantOut", null],
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
  expectTask(date, id, expected);
});

/** A task settled as the grower does it. */

test("a row is looked at when it should be up: once it is sown, not while the sowing is still asked for", () => {
  const emergeOn = lifeDay("planting-07", "emergeDay");
  const look = "planting-07-checkEmergence";
  expect(find(on(emergeOn), look)).toBeUndefined();
  const sown = settled(tarnholt, "planting-07-sow", "2026-08-20");
  expect(inEnglish(find(on(emergeOn, sown), look))).toMatchObject({
    kind: "checkEmergence",
    ifLeft: expect.stringMatching(/resown until/),
  });
  const seen = settled(sown, look, emergeOn);
  expect(find(on(isoDate(dayNumber(emergeOn) + 1), seen), look)).toBeUndefined();
});

test.each([
  [
    "trays are filled before a sowing",
    "2026-09-24",
    "planting-30-fill",
    { howMuch: /66 cells, about 1\.1 L/ },
  ],
  [
    "seed that is short is ordered",
    "2026-09-24",
    "order-garlic-hardneck-2026-10-12",
    { place: "Seed box" },
  ],
  [
    "a bed is readied before it is planted",
    "2026-10-06",
    "planting-27-readyBed",
    { place: "Bed 10", reason: /Planting is on 12 October/ },
  ],
  ["not on the day itself", "2026-10-12", "planting-27-readyBed", null],
  [
    "shade comes off after the bright days",
    "2026-09-28",
    "planting-19-shadeOff",
    { kind: "shadeOff" },
  ],
  [
    "watering changes when roots are down",
    "2026-09-24",
    "planting-22-changeWatering",
    { reason: /deeply and less often/ },
  ],
  [
    "new plants are watered every day anew",
    "2026-09-26",
    "planting-19-waterIn-2026-09-26",
    { kind: "waterIn" },
  ],
  [
    "what is hungry is fed once in the middle",
    "2026-09-24",
    "planting-07-feed",
    { cautions: ["compost-dust"] },
  ],
  [
    "roots that keep are lifted before the ground is hard",
    "2026-11-27",
    "planting-02-store",
    { howMuch: /0 °C, in moist air/, reason: /too hard to lift/ },
  ],
  [
    "hoses are drained before the frost",
    "2026-09-24",
    "winter-settings-2026",
    { reason: /Frost is possible from 25 September/ },
  ],
  [
    "and water is on again in spring",
    "2027-05-20",
    "summer-settings-2027",
    { cautions: ["hot-house"] },
  ],
  ["direct sowings are thinned", "2026-09-24", "planting-21-thin", { howMuch: /one every/ }],
  [
    "picked kale is picked again",
    "2026-09-24",
    "planting-03-harvest-2026-09-17",
    { reason: /Last harvested 17 September/ },
  ],
  ["but not the day after", "2026-09-18", "planting-03-harvest-2026-09-17", null],
  [
    "frost-sweetened roots may wait",
    "2026-09-24",
    "planting-02-harvest",
    { reason: /sweeter after the first frost/ },
  ],
  [
    "seedlings that outgrew their cells are potted on",
    "2026-10-13",
    "sowing-1-potOn",
    { isLate: true },
  ],
  [
    "the best are left for seed before they bolt",
    lifeDay("planting-21", "boltDay", -5),
    "planting-21-leaveForSeed",
    { howMuch: /20 plants, 1,000 m/ },
  ],
  ["peas get their twigs", "2027-04-08", "planting-33-support", { kind: "support" }],
])("%s", (_what, date, id, expected) => {
  expectTask(date, id, expected);
});

test("a sowing missed by five days is answered from today: its first picking is that of a sowing today", () => {
  const reasonOn = (date: string) => {
    const task = find(on(date), "planting-07-sow");
    if (!task || typeof task.reason === "string") throw new Error("it is asked for");
    return task.reason as { readyDay?: number; sowDay?: number };
  };
  const [inTime, missed] = [reasonOn("2026-08-20"), reasonOn("2026-08-25")];
  expect(missed.sowDay).toBe(dayNumber("2026-08-25"));
  expect(missed.readyDay ?? 0).toBeGreaterThan((inTime.readyDay ?? 0) + 5);
});

test("plants that still stand in their tray are not earthed up, fed or staked in the bed", () => {
  const leek = [...tarnholt.plantings.values()].find(({ cropId }) => cropId === "leek");
  const [tray] = tarnholt.trays.values();
  const [sowing] = tray?.sowings ?? [];
  if (!leek || !tray || !sowing) throw new Error("leeks and a tray");
  const raised = { ...leek, method: "transplant" as const };
  const bare = { ...tarnholt, logEntries: new Map() };
  const garden = { ...bare, plantings: new Map([[leek.id, raised]]), trays: new Map() };
  const inTray = {
    ...garden,
    trays: new Map([
      [tray.id, { ...tray, sowings: [{ ...sowing, cropId: "leek", plantingId: leek.id }] }],
    ]),
  };
  const grown = ["earthUp", "feed", "support"];
  const asked = (of: typeof garden) =>
    Array.from({ length: 30 }, (_, week) => isoDate(dayNumber(leek.sowOn) + 40 + 7 * week)).flatMap(
      (date) =>
        on(date, of).filter(({ plantingId, kind }) => plantingId !== null && grown.includes(kind)),
    );
  expect(asked(garden).length).toBeGreaterThan(0);
  expect(asked(inTray)).toEqual([]);
});

test("seedlings set out on their day, or five days late, are told of from that day and not from their sowing", () => {
  const raised = [...tarnholt.plantings.values()].find(({ cropId }) => cropId === "broccoli");
  if (!raised) throw new Error("broccoli");
  const garden = {
    ...tarnholt,
    plantings: new Map([[raised.id, raised]]),
    trays: new Map(),
    logEntries: new Map(),
  };
  const outOn = dayNumber(raised.sowOn) + 35; // five weeks on the bench
  const readyDay = (late: number) => {
    const task = on(isoDate(outOn + late), garden).find(({ kind }) => kind === "plantOut");
    return (task?.reason as { readyDay?: number } | undefined)?.readyDay ?? NaN;
  };
  const inTime = readyDay(0);
  expect(inTime - outOn).toBeLessThan(110);
  expect(readyDay(5) - inTime).toBeGreaterThan(4);
  expect(readyDay(5) - inTime).toBeLessThan(20);
});

test.each<[string, string, number, boolean]>([
  ["lettuce before 31 °C", "lettuce", 31, true],
  ["lettuce before 25 °C", "lettuce", 25, false],
  ["tomatoes before 31 °C", "tomato", 31, false],
  ["carrots before 31 °C", "carrot", 31, false],
])("%s: shaded against the heat, or not", (_what, cropId, maxTempC, isAsked) => {
  const [planting] = [...tarnholt.plantings.values()].filter((one) => one.cropId === cropId);
  if (!planting) throw new Error(cropId);
  const today = dayNumber(planting.sowOn) + 60;
  const days = [0, 1, 2, 3].map((after) => ({
    date: isoDate(today + after),
    minTempC: 14,
    maxTempC: after === 0 ? 22 : maxTempC,
    spreadC: 1,
    precipitationMm: 0,
    cloudShare: 0.1,
    windMps: 2,
  }));
  const garden = {
    ...tarnholt,
    outlook: { id: "outlook", outlook: { days } } as unknown as Garden["outlook"],
    trays: new Map(),
    plantings: new Map([[planting.id, planting]]),
  };
  const task = on(isoDate(today), garden).find(({ id }) => id.includes("heat"));
  expect(task !== undefined).toBe(isAsked);
  if (task) expect([task.fromDay, task.untilDay]).toEqual([today + 1, today + 3]);
});

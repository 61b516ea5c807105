import { dayNumber as day, isoDate } from "../calendar";
import { commands } from "../commands";
import type { Bed, Garden, Planting } from "../garden";
import { BY_THE_BOOK } from "../gardenFile";
import { exposureOver, plantingState, standOf } from "../plantings";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { amountsFor } from "../plantings/spacing";
import { cropLibrary } from "../crops";
import { soilMeansC } from "../shelter";
import { tasksOn } from "../tasks";
import {
  containerCount,
  diameterFor,
  fillingsOf,
  lagHours,
  litresOfEach,
  standsAtOn,
  type Container,
  type StandsAt,
} from ".";
import { english, inEnglish } from "@/words/told.testdata";

const container = (some: Partial<Container> = {}): Container => ({
  kind: "pot",
  outline: "round",
  eachM: 0.3,
  depthM: 0.3,
  stays: [{ from: "2026-03-01", at: { kind: "outdoors" } }],
  ...some,
});
const [anyBed] = tarnholt.beds.values();
if (!anyBed) throw new Error("a bed");
const row = (count: number, of: Container, some: Partial<Bed> = {}): Bed => ({
  ...anyBed,
  id: "pots",
  name: "Pots",
  lengthM: Math.round(count * of.eachM * 1e4) / 1e4,
  widthM: of.eachM,
  position: null,
  shelterId: null,
  covers: [],
  container: of,
  ...some,
});
const withRow = (bed: Bed, ...plantings: Planting[]): Garden => ({
  ...tarnholt,
  beds: new Map([...tarnholt.beds, [bed.id, bed] as const]),
  plantings: new Map(plantings.map((one) => [one.id, one])),
  logEntries: new Map(),
  outlook: null,
});
const planting = (cropId: string, varietyId: string, some: Partial<Planting> = {}): Planting => ({
  ...BY_THE_BOOK,
  id: "potted",
  cropId,
  varietyId,
  bedId: "pots",
  sowOn: "2026-08-10",
  method: "direct",
  stage: "full",
  fromM: 0,
  lengthM: 0.9,
  rowCm: 5,
  inRowCm: 5,
  ...some,
});
const crop = (id: string) => {
  const found = cropLibrary.get(id);
  if (!found) throw new Error(id);
  return found;
};

test("sizes: litres, diameters, and how soon the soil follows the air, by hand", () => {
  const three = row(3, container());
  expect(containerCount({ ...three, container: container() })).toBe(3);
  // π × 15² cm² × 30 cm.
  expect(litresOfEach({ ...three, container: container() })).toBeCloseTo(21.2, 1);
  expect(diameterFor(21.2, 0.3)).toBeCloseTo(0.3, 3);
  // 0.0212 m³ × 2.2 MJ over (0.0707 + 0.2827) m² × 10 W: 3.7 hours.
  expect(lagHours({ ...three, container: container() })).toBeCloseTo(3.67, 2);
  const sack = { eachM: 0.4, depthM: 0.6, kind: "sack" as const };
  expect(fillingsOf(container(sack)).map(({ toM }) => toM)).toEqual([0.35, 0.5, 0.55]);
  expect(fillingsOf(container())).toEqual([]);
});

test("peas round the rim of three pots, 5 cm in and 5 cm apart; one kale in the middle of each", () => {
  const bed = row(3, container());
  const rim = planting("pea-snow", "tall", { across: { kind: "edge", insetM: 0.05 } });
  // 2 π × 10 cm ÷ 5 cm, three times.
  expect(amountsFor(standOf(rim, bed), crop("pea-snow"), "direct").stations).toBe(36);
  const kale = planting("kale", "curly", { rowCm: 45, inRowCm: 45 });
  expect(amountsFor(standOf(kale, bed), crop("kale"), "direct").stations).toBe(3);
  // All over: a middle one and six around it, 10 cm apart, 5 cm off the rim.
  const lettuce = planting("lettuce", "butterhead", { rowCm: 10, inRowCm: 10 });
  expect(amountsFor(standOf(lettuce, bed), crop("lettuce"), "direct").stations).toBe(21);
});

test("the soil in a pot is as cold as the air: roots die there that live in the ground", () => {
  const carrots = (bedId: string) =>
    planting("carrot", crop("carrot").varieties[0]?.id ?? "", {
      bedId,
      sowOn: "2026-07-10",
      lengthM: 0.9,
    });
  const pots = row(3, container());
  const ground = row(3, container(), { container: undefined });
  const lossIn = (bed: Bed) => {
    const one = carrots("pots");
    const state = plantingState(withRow(bed, one), site, one);
    return state?.timeline;
  };
  const [inPots, inGround] = [lossIn(pots), lossIn(ground)];
  expect(inPots?.holdsUntilDay ?? 0).toBeLessThan((inGround?.holdsUntilDay ?? 0) - 30);
  const soil = (bed: Bed) =>
    soilMeansC(site.space(exposureOver(withRow(bed), bed), day("2026-12-01")));
  const [april, november] = [105, 320];
  expect(soil(pots)[november] ?? 0).toBeLessThan((soil(ground)[november] ?? 0) - 0.3);
  expect(soil(pots)[april] ?? 0).toBeGreaterThan((soil(ground)[april] ?? 0) + 0.1);
});

test("they move with the date, and feel the air of where they stand", () => {
  const moving = container({
    stays: [
      { from: "2026-03-01", at: { kind: "outdoors" } },
      { from: "2026-09-15", at: { kind: "window" } },
    ],
  });
  expect(standsAtOn(moving, day("2026-09-14")).kind).toBe("outdoors");
  expect(standsAtOn(moving, day("2026-09-15")).kind).toBe("window");
  const basil = planting("basil", crop("basil").varieties[0]?.id ?? "", {
    method: "transplant",
    sowOn: "2026-07-20",
    rowCm: 20,
    inRowCm: 20,
  });
  const until = (of: Container) => {
    const state = plantingState(withRow(row(3, of), basil), site, basil);
    return state?.timeline.coldLossDay ?? null;
  };
  // Left out it is gone with the first frosts; carried in it is not lost to cold at all.
  expect(isoDate(until(container()) ?? 0).slice(0, 7)).toMatch(/2026-(09|10)/);
  expect(until(moving)).toBeNull();
});

test("in a growing room shoots go by its warmth and its lamps, whatever the month", () => {
  const room = (lampUmol: number, maxC = 18) => ({
    kind: "room" as const,
    ...{ minC: 14, maxC, lampHours: 14, lampUmol },
  });
  const trays = (at: StandsAt) =>
    container({ kind: "tray", stays: [{ from: "2026-01-01", at }], eachM: 0.3 });
  const shoots = (sowOn: string) =>
    planting("pea-shoots", "leafy", { method: "direct", sowOn, rowCm: 1.2, inRowCm: 1.1 });
  const daysToCut = (at: StandsAt, sowOn: string) => {
    const one = shoots(sowOn);
    const state = plantingState(withRow(row(3, trays(at)), one), site, one);
    return (state?.timeline.readyDay ?? Infinity) - day(sowOn);
  };
  const space = site.space(
    exposureOver(withRow(row(3, trays(room(120)))), row(3, trays(room(120)))),
    day("2026-12-01"),
  );
  // 120 µmol for 14 hours are 6.05 mol.
  expect(space.dliMol[0]).toBeCloseTo((120 * 14 * 3600) / 1e6, 6);
  expect([space.minTempC[0], space.maxTempC[0]]).toEqual([14, 18]);
  const [january, june] = [daysToCut(room(120), "2027-01-05"), daysToCut(room(120), "2026-06-05")];
  expect(january).toBe(june);
  // Two to four weeks, as growers have it.
  expect(january).toBeGreaterThanOrEqual(12);
  expect(january).toBeLessThanOrEqual(28);
  expect(daysToCut(room(40), "2027-01-05")).toBeGreaterThan(january);
  expect(daysToCut({ kind: "window" }, "2027-01-05")).toBeGreaterThan(january);
  const bed = row(3, trays({ ...room(120), maxC: 10 }));
  const refused = commands["bed.addMany"].apply(tarnholt, { beds: [bed] });
  expect(english(refused.ok ? "" : refused.refusal)).toMatch(/at least as warm as at night/);
});

test("in a house whose own thermometer reads lower they are as cold as it says", () => {
  const [house] = tarnholt.shelters.values();
  if (!house) throw new Error("a house");
  const at = { kind: "shelter", shelterId: house.id } as const;
  const bed = row(3, container({ stays: [{ from: "2026-03-01", at }] }));
  const nights = Array.from({ length: 40 }, (_, night) => ({
    id: `night-${night}`,
    under: { kind: "shelter", id: house.id } as const,
    on: isoDate(day("2026-01-01") + night),
    outsideMinC: -6,
    insideMinC: -6,
    insideMaxC: null,
    outsideMaxC: null,
    source: "typed" as const,
  }));
  const garden = withRow(bed);
  const read = { ...garden, thermometerDays: new Map(nights.map((one) => [one.id, one])) };
  const januaryC = (of: Garden) => site.space(exposureOver(of, bed), day("2027-01-10")).minTempC[0];
  const [reckoned, measured] = [
    januaryC({ ...garden, thermometerDays: new Map() }),
    januaryC(read),
  ];
  expect(measured ?? 0).toBeLessThan((reckoned ?? 0) - 1);
});

test("a sack of potatoes is filled up three times as the shoots show, and not before it is planted", () => {
  const sack = container({ kind: "sack", eachM: 0.4, depthM: 0.65 });
  const bed = row(2, sack, { name: "Sacks" });
  const potatoes = planting("potato", crop("potato").varieties[0]?.id ?? "", {
    sowOn: "2026-04-20",
    lengthM: 0.8,
    rowCm: 20,
    inRowCm: 20,
  });
  let garden = withRow(bed, potatoes);
  const filled: string[] = [];
  for (let on = day("2026-04-20"); on < day("2026-08-15"); on += 1) {
    const task = tasksOn(site, garden, on).find(({ kind }) => kind === "earthUp");
    if (!task) continue;
    filled.push(`${isoDate(on)}: ${english(task.howMuch ?? "")}`);
    const entry = {
      id: task.id,
      on: isoDate(on),
      taskId: task.id,
      note: "",
      what: {
        kind: "worked" as const,
        work: task.kind,
        subject: "Potato",
        place: "Sacks",
        bedId: "pots",
        plantingId: "potted",
      },
    };
    const early = commands["log.keep"].apply(garden, {
      entries: [{ ...entry, id: "early", on: "2026-04-01" }],
      today: isoDate(on),
    });
    expect(english(early.ok ? "" : early.refusal)).toMatch(
      /is planted on 20 April: soil is drawn up or filled in after that/,
    );
    const done = commands["log.keep"].apply(garden, { entries: [entry], today: isoDate(on) });
    if (!done.ok) throw new Error(english(done.refusal));
    garden = done.garden;
  }
  expect(filled).toHaveLength(3);
  expect(filled[0]).toMatch(/soil up to 35 cm, about 38 L for all 2/);
  expect(filled[2]).toMatch(/soil up to 60 cm/);
});

test.each<[string, Partial<Bed>, RegExp]>([
  ["a pot of no size", { container: container({ eachM: 0 }) }, /at least 5 cm wide/],
  ["half a pot", { lengthM: 0.75 }, /its length is a whole number of them/],
  ["oval", { widthM: 0.5 }, /its width is their diameter, 30 cm/],
  [
    "in a shelter that is not there",
    {
      container: container({
        stays: [{ from: "2026-03-01", at: { kind: "shelter", shelterId: "none" } }],
      }),
    },
    /There is no shelter "none"/,
  ],
])("%s is refused in a plain sentence", (_name, some, sentence) => {
  const bed = { ...row(3, container()), ...some };
  const refused = commands["bed.addMany"].apply(tarnholt, { beds: [bed] });
  expect(english(refused.ok ? "" : refused.refusal)).toMatch(sentence);
});

test("pots are planted whole, all over or around the rim", () => {
  const garden = withRow(row(3, container()));
  const add = (some: Partial<Planting>) =>
    commands["planting.add"].apply(garden, planting("kale", "curly", some));
  expect(add({}).ok).toBe(true);
  const half = add({ lengthM: 0.4 });
  const strip = add({ across: { kind: "strip", fromM: 0, widthM: 0.1 } });
  expect(inEnglish([half, strip].map((one) => (one.ok ? "" : one.refusal)))).toEqual([
    "Pots is 3 containers of 30 cm: plant whole ones.",
    "Pots is a row of containers: plant all over each of them, or around the rim.",
  ]);
});

test("a shelter that is taken down leaves the containers moved into it in the open", () => {
  const [shelter] = tarnholt.shelters.values();
  if (!shelter) throw new Error("a shelter");
  const at = { kind: "shelter" as const, shelterId: shelter.id };
  const garden = withRow(row(3, container({ stays: [{ from: "2026-03-01", at }] })));
  const done = commands["shelter.remove"].apply(garden, { id: shelter.id });
  if (!done.ok) throw new Error(english(done.refusal));
  expect(done.garden.beds.get("pots")?.container?.stays).toEqual([
    { from: "2026-03-01", at: { kind: "outdoors" } },
  ]);
});

test("pots that turn out larger are planted as before, and too few of them are refused", () => {
  const garden = withRow(
    row(3, container()),
    planting("kale", "curly", { fromM: 0.3, lengthM: 0.6 }),
  );
  const sized = (count: number) =>
    commands["bed.edit"].apply(garden, {
      id: "pots",
      lengthM: count * 0.4,
      widthM: 0.4,
      container: container({ eachM: 0.4 }),
    });
  const done = sized(3);
  if (!done.ok) throw new Error(english(done.refusal));
  expect(done.garden.plantings.get("potted")).toMatchObject({ fromM: 0.4, lengthM: 0.8 });
  const fewer = sized(2);
  expect(english(fewer.ok ? "" : fewer.refusal)).toMatch(/Shorten or move it first|reaches/);
});

test("a filling that is put off comes again, and not the one after it", () => {
  const bed = row(1, container({ kind: "sack", eachM: 0.4, depthM: 0.65 }));
  const potatoes = planting("potato", crop("potato").varieties[0]?.id ?? "", {
    sowOn: "2026-04-20",
    lengthM: 0.4,
  });
  const garden = withRow(bed, potatoes);
  const asked = (of: Garden, on: number) =>
    tasksOn(site, of, on).find(({ kind }) => kind === "earthUp")?.id;
  const first = Array.from({ length: 90 }, (_, at) => day("2026-04-25") + at).find((on) =>
    asked(garden, on),
  );
  if (first === undefined) throw new Error("it is asked for");
  const entry = {
    id: "potted-earthUp-1",
    on: isoDate(first),
    taskId: "potted-earthUp-1",
    note: "",
    what: {
      kind: "putOff" as const,
      work: "earthUp" as const,
      subject: "Potato",
      place: "Pots",
      bedId: "pots",
      plantingId: "potted",
      untilOn: isoDate(first + 3),
    },
  };
  const later = { ...garden, logEntries: new Map([[entry.id, entry]]) };
  expect(asked(later, first + 1)).toBeUndefined();
  expect(asked(later, first + 4)).toBe("potted-earthUp-1");
});

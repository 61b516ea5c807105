import Papa from "papaparse";
import { dayNumber, isoDate } from "../calendar";
import { lastFrostDay } from "../climate";
import { writeLabelsCsv, writeOrderCsv } from "../formats";
import { commands, type CommandName } from "../commands";
import type { Garden } from "../garden";
import { trayLabels } from "../trays";
import { finalSpacing, plantingLabels, successionMoves, successionOf } from "../plantings";
import { hardeningOn, seedlingSize, sowingStates, trayWork } from "./trayWork";
import { seedNeeds } from "./seedNeed";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import { english } from "@/words/told.testdata";

const today = dayNumber("2026-09-24");
function done(garden: Garden, name: CommandName, input: unknown): Garden {
  const outcome = commands[name].apply(garden, input);
  if (!outcome.ok) throw new Error(`${name}: ${english(outcome.refusal)}`);
  return outcome.garden;
}
const kindsOf = (garden: Garden, day = today) =>
  trayWork(garden, site, day).map((work) =>
    work.kind === "sow" ? `sow ${work.raising.crop.id}` : `${work.kind} ${work.state.crop.id}`,
  );
const stateOf = (garden: Garden, sowingId: string, day = today) => {
  const state = sowingStates(garden, site, day).find(({ sowing }) => sowing.id === sowingId);
  if (!state) throw new Error(sowingId);
  return state;
};

describe("what the trays ask for", () => {
  test("in the demo: each piece once, the oldest first", () => {
    const kinds = kindsOf(tarnholt);
    expect(kinds).toEqual(
      expect.arrayContaining([
        "count mustard-greens",
        "thin onion-overwintering",
        "label collards",
        "plantOut lettuce",
        "sow claytonia",
        "sow scallion",
      ]),
    );
    expect(new Set(kinds).size).toBe(kinds.length);
    const days = trayWork(tarnholt, site, today).map(({ day }) => day);
    expect([...days].sort((a, b) => a - b)).toEqual(days);
  });

  test("goes once it is done", () => {
    const counted = done(tarnholt, "tray.count", {
      trayId: "tray-3",
      sowingId: "sowing-5",
      on: "2026-09-24",
      seedlings: Array.from({ length: 10 }, () => 1),
    });
    expect(kindsOf(counted)).not.toContain("count mustard-greens");
    const thinned = done(counted, "tray.thin", {
      trayId: "tray-2",
      sowingId: "sowing-2",
      on: "2026-09-24",
      leave: 4,
    });
    expect(kindsOf(thinned)).not.toContain("thin onion-overwintering");
    const labelled = ["sowing-4", "sowing-5"].reduce(
      (garden, sowingId) =>
        done(garden, "tray.label", { trayId: "tray-3", sowingId, labelled: true }),
      thinned,
    );
    expect(kindsOf(labelled).join()).not.toMatch(/label/);
    const out = done(labelled, "tray.plantOut", {
      trayId: "tray-1",
      sowingId: "sowing-1",
      on: "2026-09-24",
      cells: null,
    });
    expect(kindsOf(out)).not.toContain("plantOut lettuce");
  });

  test("hardening off begins a week before planting out, step by step", () => {
    const state = stateOf(tarnholt, "sowing-2");
    const begin = state.hardening.beginDay;
    expect(isoDate(state.plantOutDay)).toBe("2026-10-16"); // seven weeks after 28 August
    expect(begin).toBe(state.plantOutDay - 7);
    expect(kindsOf(tarnholt, begin - 1)).not.toContain("harden onion-overwintering");
    expect(kindsOf(tarnholt, begin)).toContain("harden onion-overwintering");
    expect(hardeningOn(state.hardening, begin)?.hours).toBe(2);
    expect(hardeningOn(state.hardening, begin - 1)).toBeNull();
  });
});

test("tender seedlings wait for the last frost at the grower's odds, hardy ones and those for a house do not", () => {
  const sown = (cropId: string, plantingId: string | null = null): Garden => {
    const [tray] = tarnholt.trays.values();
    const [sowing] = tray?.sowings ?? [];
    if (!tray || !sowing) throw new Error("the demo garden has a tray");
    const spring = { ...sowing, cropId, plantingId, sownOn: "2027-02-01" };
    return { ...tarnholt, trays: new Map([[tray.id, { ...tray, sowings: [spring] }]]) };
  };
  const outOn = (garden: Garden) => {
    const [state] = sowingStates(garden, site, dayNumber("2027-03-10"));
    return state?.plantOutDay ?? NaN;
  };
  const season = site.season(dayNumber("2027-03-10"));
  const { frostRisk } = tarnholt.settings;
  const lastFrost = lastFrostDay(site.climate, season, 0, frostRisk) ?? NaN;
  expect(isoDate(lastFrost).slice(5, 7)).toBe("05");
  expect(outOn(sown("tomato"))).toBe(lastFrost + 1);
  expect(outOn(sown("lettuce"))).toBeLessThan(dayNumber("2027-04-01"));
  // planting-33 stands in the house.
  expect(outOn(sown("tomato", "planting-33"))).toBeLessThan(lastFrost);
});

test("seedlings come up by the warmth of where they stand", () => {
  const sownOn = "2026-11-10";
  const upIn = (standId: string) => {
    const tray = {
      ...(tarnholt.trays.get("tray-3") as object),
      id: "tray-9",
      name: "Tray 9",
      stays: [{ from: sownOn, standId }],
      sowings: [],
    };
    const sowing = {
      id: "sowing-9",
      cropId: "cabbage",
      varietyId: "round",
      lotId: null,
      plantingId: null,
      cells: [0],
      seedsPerCell: 1,
      sownOn,
      labelled: true,
    };
    const garden = done(done(tarnholt, "tray.add", tray), "tray.sow", { trayId: "tray-9", sowing });
    return (stateOf(garden, "sowing-9").emergeDay ?? Infinity) - dayNumber(sownOn);
  };
  // At 22 °C and 18 °C by the table (6 days at 20, 5 at 25, 9 at 15); the cold frame is far slower.
  expect(upIn("mat")).toBe(6);
  expect(upIn("bench")).toBe(7);
  expect(upIn("hardening-frame")).toBeGreaterThan(12);
});

test("seedlings grow from nothing when they show to full size when they are due out", () => {
  const state = stateOf(tarnholt, "sowing-1");
  const { emergeDay, plantOutDay } = state;
  if (emergeDay === null) throw new Error("up");
  expect(seedlingSize(state, emergeDay)).toBe(0);
  expect(seedlingSize(state, plantOutDay)).toBe(1);
  expect(seedlingSize(state, plantOutDay + 30)).toBe(1);
  const half = seedlingSize(state, Math.round((emergeDay + plantOutDay) / 2));
  expect(half).toBeGreaterThan(0.4);
  expect(half).toBeLessThan(0.6);
});

describe("a succession in the garden", () => {
  const second = tarnholt.plantings.get("planting-35");
  if (!second) throw new Error("the demo has a succession");

  test("is known from any of its sowings, and moved from any of them", () => {
    const group = successionOf(tarnholt, second);
    expect(group.map(({ id }) => id)).toEqual([
      "planting-34",
      "planting-35",
      "planting-36",
      "planting-37",
    ]);
    const to = dayNumber(second.sowOn) + 10;
    const moves = successionMoves(tarnholt, site, second, to);
    expect(moves.find(({ id }) => id === second.id)?.sowOn).toBe(isoDate(to));
    const days = moves.map(({ sowOn }) => sowOn);
    expect([...days].sort()).toEqual(days);
    for (const [index, { sowOn }] of moves.entries()) {
      expect(sowOn > (group[index]?.sowOn ?? "")).toBe(true);
    }
  });

  test("a planting that stands alone moves alone", () => {
    const alone = tarnholt.plantings.get("planting-01");
    if (!alone) throw new Error("planting-01");
    expect(successionOf(tarnholt, alone)).toEqual([alone]);
    expect(successionMoves(tarnholt, site, alone, today)).toEqual([
      { id: "planting-01", sowOn: "2026-09-24" },
    ]);
  });
});

describe("labels and orders as tables", () => {
  const parse = (csv: string) =>
    Papa.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: true }).data;
  const crops = new Map(
    [...sowingStates(tarnholt, site, today)].map(({ crop }) => [crop.id, crop]),
  );
  const labels = trayLabels(
    [...tarnholt.trays.values()],
    (id) => crops.get(id),
    (plantingId) => finalSpacing(tarnholt, plantingId),
    (lotId) => tarnholt.seedLots.get(lotId ?? "")?.treated ?? false,
  );

  test("one label a sowing, with the distance at which it will stand", () => {
    expect(labels).toHaveLength(5);
    const rows = parse(writeLabelsCsv(labels, "metric"));
    expect(rows).toHaveLength(5);
    // Clusters of four onions, four times as far apart as single ones.
    expect(rows.find(({ crop }) => crop === "Winter onion")).toMatchObject({
      sown_on: "2026-08-28",
      counted: "cells",
      in_row_cm: "40",
      plants_together: "4",
    });
  });

  test("labels of what is sown direct count plants, and only in the days asked for", () => {
    const beds = plantingLabels(tarnholt, dayNumber("2026-09-01"), dayNumber("2026-09-05"));
    expect(beds.map(({ crop }) => crop)).toEqual(["Turnip", "Radish", "Spinach", "Spinach"]);
    expect(beds.every(({ counted }) => counted === "plants")).toBe(true);
  });

  test("a name that a spreadsheet would compute is made harmless", () => {
    const [first] = labels;
    if (!first) throw new Error("a label");
    const csv = writeLabelsCsv(
      [{ ...first, crop: "=HYPERLINK(1)", where: 'Tray "A", left' }],
      "metric",
    );
    const [row] = parse(csv);
    expect(row?.crop).toBe("'=HYPERLINK(1)");
    expect(row?.where).toBe('Tray "A", left');
  });

  test("the order has what the list has", () => {
    const needs = seedNeeds(tarnholt, today, today + 365);
    const rows = parse(writeOrderCsv(needs, "metric"));
    expect(rows.map(({ crop }) => crop)).toEqual(needs.map(({ crop }) => crop.name));
    for (const [index, row] of rows.entries()) {
      expect(Number(row.seeds_to_order)).toBe(needs[index]?.toOrder);
    }
  });
});

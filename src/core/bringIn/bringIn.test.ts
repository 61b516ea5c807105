import fc from "fast-check";
import { dayNumber } from "../calendar";
import { commands } from "../commands";
import { bedOf, plantingOf, smallGarden } from "../gardenFile/small.testdata";
import type { Garden } from "../garden";
import { siteFor } from "../plantings";
import {
  broughtIn,
  columnsByName,
  kindByName,
  readTable,
  type Brought,
  type TableKind,
} from "./index";

const today = dayNumber("2026-12-01");
const sown = (plantingId: string, on: string) =>
  [
    `sown-${plantingId}`,
    {
      id: `sown-${plantingId}`,
      on,
      taskId: null,
      what: { kind: "sown", plantingId, lotId: null, seeds: null },
      note: "",
    },
  ] as const;
const garden = smallGarden({
  logEntries: new Map([sown("kale", "2026-06-10"), sown("spinach", "2026-08-20")]),
});
const site = siteFor(garden);
if (!site) throw new Error("the garden has a place");

function bring(kind: TableKind, text: string, into: Garden = garden): Brought {
  const found = tried(kind, text, into);
  if ("problem" in found) throw new Error(found.problem.code);
  return found;
}

function tried(kind: TableKind, text: string, into: Garden = garden) {
  const table = readTable(text);
  if ("problem" in table) return table;
  if (!site) throw new Error("there is a site");
  const columns = columnsByName(kind, table.headings);
  return broughtIn(kind, { site, garden: into, table, columns, today });
}

const reasons = ({ left }: Brought) => left.map(({ line, reason }) => [line, reason.code]);

describe("columns", () => {
  it.each([
    ["harvests", ["Date", "Crop", "Bed", "Weight (kg)"]],
    ["harvests", ["Datum", "Kultur", "Beet", "Gewicht (g)"]],
    ["sowings", ["Sown on", "Vegetable", "Variety", "Seeds"]],
    [
      "temperatures",
      ["date", "min temp (F)"].map((name) => name.replace("min temp", "Temperature")),
    ],
    ["harvests", ["date", "crop", "lb"]],
    ["temperatures", ["When", "Low °F", "Where"]],
    ["temperatures", ["day", "°C"]],
    ["seeds", ["crop", "variety", "packed for", "amount (g)"]],
    ["plantings", ["crop", "bed", "sow_on", "length_m", "method"]],
    ["harvests", ["Date", "Légume", "Planche", "Poids (g)"]],
    ["harvests", ["Fecha", "Cultivo", "Bancal", "Cosecha (kg)"]],
    ["harvests", ["Datum", "Gewas", "Bed", "Oogst (kg)"]],
    ["seeds", ["Coltura", "Varietà", "Anno", "Quantità (g)"]],
    ["log", ["on", "what", "crop", "where", "weight_g", "note"]],
  ] as const)("of %s are found by the names in their head", (kind, headings) => {
    expect(kindByName(headings)).toBe(kind);
  });

  it("are taken once each, and what is unknown is left", () => {
    expect(columnsByName("harvests", ["Date", "Crop", "Weather", "Notes"])).toEqual({
      date: 0,
      crop: 1,
      note: 3,
    });
    expect(kindByName(["a", "b"])).toBeNull();
  });
});

describe("harvests", () => {
  it("go to the plantings they mean, weighed in the heading's unit or the cell's own", () => {
    const found = bring(
      "harvests",
      "Date;Crop;Bed;Weight (kg);Notes\n2026-10-02;Kale;Bed 1;1,2;first\n2026-10-09;kale;1;850 g;\n",
    );
    expect(found.left).toEqual([]);
    expect(found.entries.map(({ on, what, note }) => ({ on, what, note }))).toEqual([
      {
        on: "2026-10-02",
        what: { kind: "harvested", plantingId: "kale", grams: 1200, count: null, isLast: false },
        note: "first",
      },
      {
        on: "2026-10-09",
        what: { kind: "harvested", plantingId: "kale", grams: 850, count: null, isLast: false },
        note: "",
      },
    ]);
  });

  it("are left with a plain reason, line by line", () => {
    const found = bring(
      "harvests",
      [
        "date,crop,bed,weight (kg)",
        "2026-06-01,kale,Bed 1,1",
        "2026-10-01,quince,Bed 1,1",
        "2026-10-01,kale,Bed 77,1",
        "soon,kale,Bed 1,1",
        "2026-10-01,kale,Bed 1,much",
        "2027-01-01,kale,Bed 1,1",
        "2026-10-01,kale,Bed 1,",
      ].join("\n"),
    );
    expect(found.entries).toEqual([]);
    expect(reasons(found)).toEqual([
      [2, "bringIn.beforeItWasSown"],
      [3, "bringIn.noSuchCrop"],
      [4, "bringIn.noSuchPlace"],
      [5, "bringIn.noDate"],
      [6, "bringIn.noNumber"],
      [7, "bringIn.isToCome"],
      [8, "bringIn.nothingToWeigh"],
    ]);
  });

  it("with mixed dates bring nothing, and say which lines cannot both be right", () => {
    const found = tried("harvests", "date,crop,weight\n25/09/2026,kale,1\n09/26/2026,kale,1\n");
    expect(found).toMatchObject({
      problem: { code: "bringIn.mixedDates", dayFirstLine: 2, monthFirstLine: 3 },
    });
  });

  it("leave a day that is in no calendar, and read the others in their order", () => {
    const found = bring(
      "harvests",
      "date;crop;kg\n14.10.2026;kale;1,2\n31.09.2026;kale;0,8\n16.10.2026;kale;0,9\n",
    );
    expect(found.entries.map(({ on }) => on)).toEqual(["2026-10-14", "2026-10-16"]);
    expect(reasons(found)).toEqual([[3, "bringIn.noDate"]]);
  });

  it("weighed in a column that is headed by nothing but its unit", () => {
    const found = bring("harvests", "date,crop,lb\n2026-10-14,kale,2\n");
    expect(found.entries[0]?.what).toMatchObject({ grams: expect.closeTo(907.18, 1) as number });
  });

  it("brought in twice are there once", () => {
    const text = "date,crop,bed,weight (kg)\n2026-10-02,Kale,Bed 1,1.2\n";
    const first = bring("harvests", text);
    const outcome = commands["table.bringIn"].apply(garden, {
      entries: first.entries,
      plantings: [],
      seedLots: [],
      today: "2026-12-01",
    });
    if (!outcome.ok) throw new Error(outcome.refusal.code);
    // Also in a longer table of another name.
    const again = bring("harvests", `${text}2026-10-09,Kale,Bed 1,0.8\n`, outcome.garden);
    expect(reasons(again)).toEqual([[2, "bringIn.thereAlready"]]);
    expect(again.entries).toHaveLength(1);
  });
});

describe("the other tables", () => {
  it("sowings find their planting, or become one where a bed is told", () => {
    const found = bring(
      "sowings",
      "date,crop,bed,seeds,length (m)\n2026-09-02,lettuce,Bed 3,40,\n2026-07-01,chard,Bed 3,60,2.5\n",
    );
    expect(found.left).toEqual([]);
    expect(found.plantings).toMatchObject([{ cropId: "chard", bedId: "bed-3", lengthM: 2.5 }]);
    expect(found.entries[0]?.what).toMatchObject({
      kind: "sown",
      plantingId: "lettuce",
      seeds: 40,
    });
    const outcome = commands["table.bringIn"].apply(garden, { ...found, today: "2026-12-01" });
    expect(outcome.ok).toBe(true);
  });

  it("temperatures are told outside, in a bed or in a shelter, in °F by their heading", () => {
    const found = bring(
      "temperatures",
      "date,temperature (F),place\n2026-11-20,14,outside\n2026-11-20,28.4,House\n2026-11-21,21,Attic\n",
    );
    expect(found.entries.map(({ what }) => what)).toEqual([
      { kind: "temperature", under: null, tempC: -10 },
      { kind: "temperature", under: { kind: "shelter", id: "house" }, tempC: -2 },
    ]);
    expect(reasons(found)).toEqual([[4, "bringIn.noSuchPlace"]]);
  });

  it("seed comes by weight or by count, with the year on its packet", () => {
    const found = bring(
      "seeds",
      "crop,variety,packed for,amount\nKale,curly,2025,12 g\nLettuce,butterhead,2026,500 seeds\nBeet,,soon,3 g\n",
    );
    expect(found.seedLots).toMatchObject([
      {
        cropId: "kale",
        varietyId: "curly",
        packedYear: 2025,
        amount: { unit: "grams", value: 12 },
      },
      { cropId: "lettuce", varietyId: "butterhead", amount: { unit: "seeds", value: 500 } },
    ]);
    expect(reasons(found)).toEqual([[4, "bringIn.noYear"]]);
  });

  it("plantings lie where they say, or where ground is free, and never on others", () => {
    const empty = smallGarden({
      plantings: new Map([
        ["old", plantingOf("kale", "2026-06-10", { id: "old", bedId: "bed-1" })],
      ]),
      beds: new Map([["bed-1", bedOf("bed-1")]]),
    });
    const found = bring(
      "plantings",
      [
        "crop,bed,sow on,length (m),from (m)",
        "Carrot,Bed 1,2026-07-01,2,",
        "Beet,Bed 1,2026-07-01,2,",
        "Turnip,Bed 1,2026-07-20,1,0",
        "Spinach,Bed 1,2026-08-20,3,",
      ].join("\n"),
      empty,
    );
    expect(found.plantings.map(({ cropId, fromM }) => [cropId, fromM])).toEqual([
      ["carrot", 4],
      ["beet", 6],
    ]);
    expect(reasons(found)).toEqual([
      [4, "bringIn.noFreeGround"],
      [5, "bringIn.noFreeGround"],
    ]);
    const outcome = commands["table.bringIn"].apply(empty, { ...found, today: "2026-12-01" });
    expect(outcome.ok).toBe(true);
  });

  it("whatever they hold, every line is ready or left, and what is ready is kept whole", () => {
    const cell = fc.oneof(
      fc.constantFrom(
        "Kale",
        "spinach",
        "Bed 1",
        "2026-10-02",
        "03/04/2026",
        "1,2 kg",
        "",
        "<b>",
        "=1+1",
      ),
      fc.string({ maxLength: 12 }),
    );
    fc.assert(
      fc.property(
        fc.array(fc.tuple(cell, cell, cell, cell), { minLength: 1, maxLength: 8 }),
        (rows) => {
          const quoted = rows.map((row) =>
            row.map((one) => `"${one.replaceAll('"', '""')}"`).join(","),
          );
          const found = tried("harvests", ["date,crop,bed,weight", ...quoted].join("\n"));
          if ("problem" in found) return;
          if (found.entries.length === 0) return;
          const outcome = commands["table.bringIn"].apply(garden, {
            ...found,
            today: "2026-12-01",
          });
          expect(outcome.ok).toBe(true);
        },
      ),
      { numRuns: 60 },
    );
  });

  it("are refused where they are no tables", () => {
    expect(readTable("")).toMatchObject({ problem: { code: "bringIn.noTable" } });
    expect(readTable("only a line\nof words")).toMatchObject({
      problem: { code: "bringIn.oneColumn" },
    });
    const open = 'date,crop,kg\n2026-10-14,kale,"1.2\n2026-10-15,kale,0.8\n';
    expect(readTable(open)).toMatchObject({ problem: { code: "bringIn.openQuote", line: 2 } });
  });
});

import commons from "@/core/gardenFile/commons.testdata.json";
import { dayNumber } from "@/core/calendar";
import { commands } from "@/core/commands";
import { fromGardenFile, type GardenFile } from "@/core/gardenFile";
import type { Shelter } from "@/core/garden";
import { localWording } from "@/words";
import { pieceName, seasonsWords } from "./stock/pieceWords";
import { takenWords } from "./thermometers/readings";
import {
  changedShelter,
  fieldsOf,
  KINDS,
  newShelter,
  usualFields,
  type KindKey,
} from "./shelterFields";
import { daysFromTyped, EMPTY_NIGHT } from "./thermometers/typedNights";
import { told } from "@/ui/wording";
import { inEnglish } from "@/words/told.testdata";
import { fact } from "@/core/facts";

const garden = fromGardenFile(commons as GardenFile);
const FIRST = dayNumber("2026-09-18");
const name = (day: number) => `day ${day - FIRST}`;
const typed = (nights: Partial<typeof EMPTY_NIGHT>[], units: "metric" | "imperial" = "metric") =>
  daysFromTyped(
    nights.map((night) => ({ ...EMPTY_NIGHT, ...night })),
    FIRST,
    units,
    name,
  );

test("typed nights: empty ones are skipped, °F are read, halves are refused", () => {
  expect(typed([{}, { insideLow: 2.5, outsideLow: -1 }])).toEqual({
    ok: true,
    days: [
      { on: "2026-09-19", insideMinC: 2.5, outsideMinC: -1, insideMaxC: null, outsideMaxC: null },
    ],
  });
  expect(typed([{ insideLow: 41, outsideLow: 32, insideHigh: 68 }], "imperial")).toMatchObject({
    days: [{ insideMinC: 5, outsideMinC: 0, insideMaxC: 20 }],
  });
  expect(inEnglish(typed([{ insideLow: 3 }]))).toMatchObject({
    problem: expect.stringMatching(/day 0: enter both lows/),
  });
  expect(inEnglish(typed([{}]))).toMatchObject({
    problem: expect.stringMatching(/at least one night/),
  });
});

test.each(Object.keys(KINDS) as KindKey[])("a %s is built as its kind usually is", (kind) => {
  let number = 0;
  const built = newShelter(garden, usualFields(kind, "metric", 2026), () => `n${(number += 1)}`);
  const outcome = commands["shelter.build"].apply(garden, built);
  if (!outcome.ok) throw new Error(told(outcome.refusal));
  expect(built.beds).toHaveLength(KINDS[kind].beds);
});

test("a shelter opened in the form and kept untouched stays what it is, in metres as in feet", () => {
  const house = garden.shelters.get("greenhouse") as Shelter;
  const metric = changedShelter(house, fieldsOf(house, "metric", 2026), false);
  expect(metric).toMatchObject({
    covers: house.covers,
    vent: house.vent,
    film: house.film,
    outline: house.outline,
  });
  const feet = changedShelter(house, fieldsOf(house, "imperial", 2026), true);
  expect(feet.vent).toEqual({ kind: "automatic", opensAtC: 15, wideAtC: 25 });
  expect(feet.outline?.lengthM).toBeCloseTo(14, 1);
});

test("pieces and imports are named in few words", () => {
  const wording = localWording("metric", "en-GB");
  const piece = garden.pieces.get("heavy-2");
  if (piece?.kind !== "cover") throw new Error("a cover");
  expect(pieceName(piece, wording)).toBe("heavy cover 9 m × 1.2 m, torn");
  expect([1, 2, 3, 4, 11, 12, 21].map((season) => seasonsWords(2026, 2025 + season))).toEqual([
    "1st season",
    "2nd season",
    "3rd season",
    "4th season",
    "11th season",
    "12th season",
    "21st season",
  ]);
  expect(
    takenWords({
      days: [1],
      left: [{ reason: fact("log.theReadingsOfTheNightHaveAGapOf"), count: 2 }],
      notes: [],
    }),
  ).toBe(
    "1 night added. 2 nights left out: the readings of the night have a gap of more than three hours.",
  );
});

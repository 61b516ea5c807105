import commons from "@/core/gardenFile/commons.testdata.json";
import type { Place } from "@/core/garden";
import { madeUpClimates } from "@/core/climate";
import { fieldsFromMadeUp, fieldsOf, placeFrom } from "./placeFields";
import { inEnglish } from "@/words/told.testdata";

const byRecord = commons.place as Place;
const place: Place = { ...byRecord, climateFrom: "sketch" };

test("a place shown and read again is exactly the same place, in either units", () => {
  for (const units of ["metric", "imperial"] as const) {
    expect(placeFrom(fieldsOf(place, units), units, place)).toEqual({ ok: true, place });
  }
});

test("what is typed in imperial units is kept in metric ones", () => {
  const fields = { ...fieldsOf(place, "imperial"), coldLow: 14, elevation: 1000 };
  const read = placeFrom(fields, "imperial", place);
  if (!read.ok) throw new Error("the fields are whole");
  expect(read.place.climate?.coldestMonth.lowC).toBeCloseTo(-10, 10);
  expect(read.place.elevationM).toBeCloseTo(304.8, 10);
  expect(read.place.climate?.warmestMonth).toEqual(place.climate?.warmestMonth);
});

test("the southern half of the world is typed with a minus", () => {
  const read = placeFrom(
    { ...fieldsOf(place, "metric"), latitude: -41.25, coldLow: -3.5 },
    "metric",
    place,
  );
  expect(read.ok && [read.place.latitudeDeg, read.place.climate?.coldestMonth.lowC]).toEqual([
    -41.25, -3.5,
  ]);
});

test("going by the record, the few numbers stay as they were", () => {
  const fields = { ...fieldsOf(byRecord, "metric"), coldLow: NaN, name: "Hillside" };
  const read = placeFrom(fields, "metric", byRecord);
  expect(read).toEqual({ ok: true, place: { ...byRecord, name: "Hillside" } });
  const bare = placeFrom({ ...fields, climateFrom: "record" }, "metric", null);
  expect(bare.ok && bare.place.climate).toBeNull();
});

test("every made-up climate is a whole start", () => {
  for (const climate of madeUpClimates) {
    const read = placeFrom(fieldsFromMadeUp(climate, "imperial"), "imperial", null);
    expect(read.ok && Math.abs(read.place.latitudeDeg - climate.latitudeDeg)).toBeLessThan(1e-3);
  }
});

test("what is wrong is told at its field", () => {
  const read = placeFrom(
    {
      ...fieldsOf(place, "metric"),
      name: " ",
      latitude: NaN,
      longitude: 200,
      coldLow: 9,
      elevation: NaN,
    },
    "metric",
    place,
  );
  expect(inEnglish(read.ok ? {} : read.problems)).toEqual({
    name: "Give a name.",
    latitude: "Give the latitude in degrees.",
    longitude: "Longitude runs from −180 (west) to 180 (east).",
    elevation: "Give the elevation in metres.",
    coldLow: "The average low is above the average high: are they swapped?",
  });
});

import demo from "@data/demo/tarnholt-commons.json";
import type { Place } from "@/core/garden";
import { fieldsOf, placeFrom } from "./placeFields";

const place = demo.place as Place;

test("a place shown and read again is the same place, in either units", () => {
  expect(placeFrom(fieldsOf(place, "metric"), "metric")).toEqual({ ok: true, place });
  const again = placeFrom(fieldsOf(place, "imperial"), "imperial");
  if (!again.ok) throw new Error("the fields are whole");
  expect(again.place.elevationM).toBeCloseTo(place.elevationM, 0);
  expect(again.place.climate.coldestMonth.lowC).toBeCloseTo(-6.5, 1);
});

test("numbers are taken as people type them", () => {
  const read = placeFrom(
    { ...fieldsOf(place, "metric"), latitude: " −41,25 ", coldLow: "-3.5" },
    "metric",
  );
  expect(read.ok && [read.place.latitudeDeg, read.place.climate.coldestMonth.lowC]).toEqual([
    -41.25, -3.5,
  ]);
});

test("what is wrong is told at its field", () => {
  const read = placeFrom(
    {
      ...fieldsOf(place, "metric"),
      name: " ",
      latitude: "north",
      longitude: "200",
      coldLow: "9",
      elevation: "",
    },
    "metric",
  );
  expect(read.ok ? {} : read.problems).toEqual({
    name: "Give a name.",
    latitude: "Give the latitude in degrees.",
    longitude: "Longitude runs from −180 (west) to 180 (east).",
    elevation: "Give the elevation in metres.",
    coldLow: "The usual low is above the usual high: are the two swapped?",
  });
});

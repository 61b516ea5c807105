import { fileKind } from "./fileKind";

test.each([
  ["Hillside.garden.json", '{"format":"late-ember-garden"', "garden"],
  ["Hillside.garden.txt", ' {"format":"late-ember-garden"', "garden"],
  ["beds.geojson", '{"type":"FeatureCollection"', "map"],
  ["beds.json", '{ "type": "FeatureCollection"', "map"],
  ["USC00000000.dly", "USC00000000192601TMAX", "record"],
  ["station.csv", "DATE,TMAX,TMIN,PRCP\n2020-01-01,3.1,-4.0,0.2", "record"],
  ["mill.csv", "Date;Low (°C);High (°C)\n", "record"],
  ["picked.csv", "date,crop,bed,weight\n2026-10-01,Kale,Bed 3,300 g", "table"],
  ["temperatures.csv", "date,low,bed\n2026-10-01,-2,Bed 3", "table"],
  ["holiday.png", "\u0089PNG", null],
  ["letter", "Dear all", null],
])("%s is known by its name and how it begins", (name, head, kind) => {
  expect(fileKind(name, head)).toBe(kind);
});

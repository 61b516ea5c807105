import { looksLikeRecord, readWeather, stationApart } from "./index";

test("distances are those of geodesists, within the half per cent that a ball differs from the earth", () => {
  // Vincenty's own check line, Flinders Peak to Buninyong: 54,972.271 m (Geoscience Australia).
  const { km } = stationApart(
    { latitudeDeg: -37.951033, longitudeDeg: 144.424868, elevationM: null },
    { latitudeDeg: -37.652821, longitudeDeg: 143.926496, elevationM: 0 },
  );
  expect(Math.abs(km / 54.972271 - 1)).toBeLessThan(0.005);
  const across = stationApart(
    { latitudeDeg: 10, longitudeDeg: 179.9, elevationM: 500 },
    { latitudeDeg: 10, longitudeDeg: -179.9, elevationM: 200 },
  );
  expect(across.km).toBeCloseTo(21.9, 1);
  expect(across).toMatchObject({ higherM: 300, warmerC: -1.95 });
});

const rows = "2020-01-01,3,-4\n2020-01-02,4,-2\n";
const placed = (columns: string, cells: string) =>
  readWeather(`${columns},date,tmax,tmin\n${rows.replace(/^(?=2)/gm, `${cells},`)}`);

test("a station's name, position and height are read from the file", () => {
  const archive = placed(
    "STATION,NAME,LATITUDE,LONGITUDE,ELEVATION",
    "X01,Rill Mill,46.5,-9.25,410",
  );
  expect(archive).toMatchObject({
    station: "Rill Mill",
    stands: { latitudeDeg: 46.5, longitudeDeg: -9.25, elevationM: 410 },
    notes: [{ code: "weatherFiles.thereIsNoRainInItAllDaysCountAsDry" }],
  });
  expect(placed("lat,lon,elevation_ft", "46.5,9.25,1000").stands?.elevationM).toBeCloseTo(304.8, 6);
  // Archives write so where they do not know.
  expect(placed("lat,lon,elev", "46.5,9.25,-999.9").stands?.elevationM).toBeNull();
  expect(placed("lat,lon", "99,9.25").stands).toBeNull();
  expect(readWeather(`date,tmax,tmin\n${rows}`).stands).toBeNull();
});

test("a record is told from other tables by its head", () => {
  expect(looksLikeRecord("# of a mill\nDate;Low;High\n")).toBe(true);
  expect(looksLikeRecord("year,month,day,tmin,tmax\n")).toBe(true);
  expect(looksLikeRecord("date,crop,low\n")).toBe(false);
  expect(looksLikeRecord("")).toBe(false);
});

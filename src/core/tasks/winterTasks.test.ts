import { dayNumber, isoDate } from "../calendar";
import { stormWarnings } from "../frostNight";
import { winterWatering } from "../bedCare";

const DAY = dayNumber("2026-12-10");

test("no water before frost at the crop nor in cold soil, hardly any in short days", () => {
  expect(winterWatering(47.1, DAY, -2, 5)).toEqual({ kind: "none", because: "frost" });
  expect(winterWatering(47.1, DAY, 2, 1)).toEqual({ kind: "none", because: "coldSoil" });
  expect(winterWatering(47.1, DAY, 2, 6)).toEqual({ kind: "hardly" });
  expect(winterWatering(47.1, dayNumber("2026-10-01"), 6, 12)).toEqual({ kind: "asUsual" });
  // South of the equator December days are long.
  expect(winterWatering(-41, DAY, 6, 14)).toEqual({ kind: "asUsual" });
});

test("strong wind and heavy snow are warned of while they can be prepared for", () => {
  const told = (
    after: number,
    windMps: number | null,
    precipitationMm: number | null,
    maxTempC: number,
  ) => ({
    date: isoDate(DAY + after),
    minTempC: maxTempC - 5,
    maxTempC,
    spreadC: 1,
    precipitationMm,
    cloudShare: 1,
    windMps,
  });
  const days = [
    told(0, 2, 0, 4),
    told(1, 11, 12, 6), // a storm with rain
    told(2, 3, 14, 0), // snow
    told(3, null, null, -4),
    told(6, 15, 30, -2), // too far off to act on
  ];
  expect(stormWarnings(days, DAY)).toEqual([
    { day: DAY + 1, kind: "wind", amount: 11 },
    { day: DAY + 2, kind: "snow", amount: 14 },
  ]);
});

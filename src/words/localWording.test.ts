import { dayNumber } from "@/core/calendar";
import { localWording } from "./localWording";

const day = dayNumber("2026-09-24");

test("dates and amounts follow the locale and the units", () => {
  const british = localWording("metric", "en-GB");
  expect(british.date(day)).toBe("24 September");
  expect(british.date(dayNumber("2027-01-05"), day)).toBe("5 January 2027");
  expect(british.lengthM(8)).toBe("8 m");
  expect(british.weightG(7.92)).toBe("7.9 g");
  expect(british.weightG(792)).toBe("792 g");
  expect(british.degrees(4.2)).toBe("4.2 °C");
  const american = localWording("imperial", "en-US");
  expect(american.date(day)).toBe("September 24");
  expect(american.lengthM(8)).toBe("26.2 ft");
  expect(american.distanceCm(7)).toBe("2.8 in");
  expect(american.weightG(28.35)).toBe("1 oz");
  expect(american.degrees(4.2)).toBe("7.6 °F");
  expect(localWording("metric", "de-DE").number(1234.5, 1)).toBe("1.234,5");
});

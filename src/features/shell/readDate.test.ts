import { dayNumber } from "@/core/calendar";
import { readDate } from "./readDate";

const MONTHS = [
  "January",
  "February",
  "March",
  "April",
  "May",
  "June",
  "July",
  "August",
  "September",
  "October",
  "November",
  "December",
];
const near = dayNumber("2026-09-24");

test.each([
  ["1 dec", "2026-12-01"],
  ["Dec 1", "2026-12-01"],
  ["15. January", "2027-01-15"],
  ["2027-02-03", "2027-02-03"],
])("%s is found as %s", (typed, date) => {
  expect(readDate(typed, MONTHS, near)).toBe(dayNumber(date));
});

test.each(["spinach", "31 feb", "12", "", "2026-13-01"])("%j is no date", (typed) => {
  expect(readDate(typed, MONTHS, near)).toBeNull();
});

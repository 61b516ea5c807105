import { laterWords } from "./days";

test("no day is minus twenty days later than another", () => {
  expect([-20, -1, 0, 1, 33].map(laterWords)).toEqual([
    "20 days sooner",
    "1 day sooner",
    "on the same day",
    "1 day later",
    "33 days later",
  ]);
});

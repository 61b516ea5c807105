import { dayNumber } from "@/core/calendar";
import { cropLibrary } from "@/core/crops";
import { startingFields, wishFrom } from "./wishFields";

const today = dayNumber("2026-09-24");

test("a wish opens with a crop of the library, a while ahead", () => {
  const fields = startingFields({ cropId: "kale" }, cropLibrary, today);
  expect(fields).toMatchObject({
    cropId: "kale",
    varietyId: "curly",
    mode: "by",
    by: "2026-12-01",
  });
  expect(startingFields({ cropId: "moonroot" }, cropLibrary, today).cropId).toBe("spinach");
  expect(wishFrom(fields, cropLibrary, today)).toMatchObject({
    wanted: { byDay: dayNumber("2026-12-01"), untilDay: null },
  });
  expect(wishFrom({ ...fields, mode: "today" }, cropLibrary, today)).toMatchObject({
    wanted: null,
  });
});

test.each([
  [{ by: "" }, /Enter the date you want it by/],
  [{ by: "2026-09-24" }, /has passed/],
  [{ mode: "between" as const, until: "" }, /Enter the last date/],
  [{ mode: "between" as const, until: "2026-11-01" }, /before the start date/],
  [{ cropId: "moonroot" }, /Choose a crop/],
])("what is missing is asked for (%#)", (some, words) => {
  expect(
    wishFrom({ ...startingFields({}, cropLibrary, today), ...some }, cropLibrary, today),
  ).toMatch(words);
});

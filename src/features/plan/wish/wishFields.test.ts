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
  expect(wishFrom({ ...fields, mode: "sowOn" }, cropLibrary, today)).toMatchObject({
    wanted: null,
  });
});

test("what if I sow on begins with the date in view, and takes a day that is past", () => {
  const fields = startingFields({ mode: "sowOn" }, cropLibrary, today, dayNumber("2026-11-02"));
  expect(fields.sowOn).toBe("2026-11-02");
  expect(wishFrom({ ...fields, sowOn: "2026-05-10" }, cropLibrary, today)).toMatchObject({
    wanted: null,
    today: dayNumber("2026-05-10"),
  });
});

test.each([
  [{ by: "" }, /Enter the date you want it by/],
  [{ by: "2026-09-24" }, /has passed/],
  [{ mode: "between" as const, until: "" }, /Enter the last date/],
  [{ mode: "between" as const, until: "2026-11-01" }, /before the start date/],
  [{ cropId: "moonroot" }, /Choose a crop/],
  [{ mode: "sowOn" as const, sowOn: "" }, /Enter the date you sow/],
  [{ mode: "sowOn" as const, sowOn: "2024-09-01" }, /more than two years ago/],
  [{ mode: "sowOn" as const, sowOn: "2033-09-01" }, /more than three years ahead/],
])("what is missing is asked for (%#)", (some, words) => {
  expect(
    wishFrom({ ...startingFields({}, cropLibrary, today), ...some }, cropLibrary, today),
  ).toMatch(words);
});

import careJson from "@data/care.json";
import cautions from "@data/cautions.json";
import pestsJson from "@data/pests.json";
import sources from "@data/sources.json";
import { dayNumber } from "../calendar";
import { cropLibrary } from "../crops";
import { CareSchema } from "./careSchema";
import { earthingUpFor, pests, pestsOf, referenceEvapotranspirationMm } from "./index";
import { PestSchema } from "./pestSchema";
import { inEnglish } from "@/words/told.testdata";

const known = Object.keys(sources);

test("care and pests fit their schemas, name crops and families that are there, and their sources", () => {
  expect(inEnglish(CareSchema.safeParse(careJson).error?.issues ?? [])).toEqual([]);
  const { sources: careSources, ...parts } = careJson;
  expect(Object.keys(careSources).sort()).toEqual(Object.keys(parts).sort());
  for (const source of Object.values(careSources)) expect(known).toContain(source);
  const families = new Set([...cropLibrary.values()].map(({ family }) => family));
  for (const pest of pestsJson.pests) {
    expect(inEnglish(PestSchema.safeParse(pest).error?.issues ?? [])).toEqual([]);
    expect(pest.attacks.families.filter((family) => !families.has(family))).toEqual([]);
    expect(pest.attacks.crops.filter((id) => !cropLibrary.has(id))).toEqual([]);
    expect(pest.attacks.families.length + pest.attacks.crops.length).toBeGreaterThan(0);
    for (const source of Object.values(pest.sources)) expect(known).toContain(source);
  }
  const named = [...careJson.supports, ...careJson.earthingUp];
  for (const { crops } of named) {
    expect(crops.filter((id) => !cropLibrary.has(id))).toEqual([]);
  }
  expect(pests.size).toBe(pestsJson.pests.length);
  expect(cautions.label).toMatch(/law/);
  expect(cautions.bees).toMatch(/evening/);
});

test.each([
  // FAO-56, example 20: Lyon in July, 14.8 and 26.6 °C: 5.0 mm.
  [45.72, "2026-07-15", 14.8, 26.6, 5],
  // A winter day at 47° N dries next to nothing.
  [47.1, "2026-12-21", -4, 2, 0.3],
])("what dries at %s° on %s, %s to %s °C, is about %s mm", (latitude, date, low, high, mm) => {
  const got = referenceEvapotranspirationMm(latitude, dayNumber(date), low, high);
  expect(Math.abs(got - mm)).toBeLessThan(0.25);
});

test("what stands in the sun has its pests by warmth, stage and cover", () => {
  const crop = (id: string) => {
    const found = cropLibrary.get(id);
    if (!found) throw new Error(id);
    return found;
  };
  const at = (id: string, meanC: number, more: Partial<Parameters<typeof pestsOf>[0]> = {}) =>
    pestsOf({ crop: crop(id), isUp: true, grown: 0.6, isCovered: false, ...more }, meanC).map(
      (pest) => pest.id,
    );
  expect(at("kale", 15)).toEqual(expect.arrayContaining(["caterpillars", "aphids"]));
  expect(at("kale", 2)).toEqual(["pigeons"]);
  expect(at("kale", 15, { grown: 0.1 })).toContain("flea-beetles");
  expect(at("kale", 15)).not.toContain("flea-beetles");
  expect(at("spinach", 9, { isCovered: true })).toContain("downy-mildew");
  expect(at("spinach", 12)).not.toContain("downy-mildew");
  expect(at("spinach", 12)).toContain("leaf-miners");
  // Before it is up only what goes for seed and seedbed.
  expect(at("pea-shelling", 6, { isUp: false, grown: 0 })).toEqual(["mice", "pets"]);
  expect(at("tomato", 18)).toContain("late-blight");
  expect(at("sweet-pepper", 18)).not.toContain("late-blight");
});

test("the common ways of care are found by crop", () => {
  expect(earthingUpFor("leek")?.atGrown).toHaveLength(2);
  expect(earthingUpFor("spinach")).toBeNull();
});

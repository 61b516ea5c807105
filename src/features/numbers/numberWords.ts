import { cropsOf, type Garden, type OwnNumberOf } from "@/core/garden";
import { TOLD_AT_SOIL_C, type LearnedNumber, type Seen } from "@/core/learn";
import type { LocalWording } from "@/ui/wording";
import { numbers as say } from "@/words/en/numbers";

const GRAMS_PER_KG = 1000;

/** What numbers stand together on the page, in the order of the page. */
export const GROUPS: readonly {
  what: OwnNumberOf;
  about?: LearnedNumber["about"]["kind"];
  title: string;
  means: (wording: LocalWording) => string;
}[] = [
  {
    what: "growth",
    about: "garden",
    title: say.growthGarden,
    means: () => say.growthGardenMeans,
  },
  { what: "growth", about: "crop", title: say.growthCrops, means: () => say.growthCropsMeans },
  {
    what: "emergence",
    title: say.emergence,
    means: (wording) => say.emergenceMeans({ temperature: wording.temperature(TOLD_AT_SOIL_C) }),
  },
  { what: "yield", title: say.yield, means: () => say.yieldMeans },
  { what: "hardiness", title: say.hardiness, means: () => say.hardinessMeans },
  { what: "regrowth", title: say.regrowth, means: () => say.regrowthMeans },
  { what: "stand", title: say.stand, means: () => say.standMeans },
  { what: "keeping", title: say.keeping, means: () => say.keepingMeans },
  { what: "degrees", title: say.degrees, means: () => say.degreesMeans },
  { what: "growth", about: "bed", title: say.growthBeds, means: () => say.growthBedsMeans },
];

export const percentWords = (share: number, wording: LocalWording) =>
  `${wording.number(100 * share)}\u00a0%`;

/** What a number is of: "Spinach", "Bed 3", "Everything". */
export function aboutWords(garden: Garden, { about }: Pick<LearnedNumber, "about">): string {
  switch (about.kind) {
    case "garden":
      return say.wholeGarden;
    case "crop":
      return cropsOf(garden).get(about.id)?.name ?? about.id;
    case "bed":
      return garden.beds.get(about.id)?.name ?? about.id;
    case "shelter":
      return garden.shelters.get(about.id)?.name ?? about.id;
  }
}

/** A number in its unit: "48 packet days", "1.6 kg/m²". */
export function amountWords(
  { unit, what }: Pick<LearnedNumber, "unit" | "what">,
  value: number,
  wording: LocalWording,
): string {
  switch (unit) {
    case "packetDays":
      return say.packetDays({ number: wording.number(value, value < 10 ? 1 : 0) });
    case "days":
      return wording.days(Math.round(value));
    case "share":
      return percentWords(value, wording);
    case "kgPerM2":
      return wording.ratePerM2(value * GRAMS_PER_KG);
    case "weeks":
      return say.weeks({ number: wording.number(value) });
    case "times":
      return say.times({ percent: percentWords(value, wording) });
    case "degrees":
      return what === "degrees" ? offWords(value, wording) : wording.temperature(value, 1);
  }
}

function offWords(differenceC: number, wording: LocalWording): string {
  if (Math.abs(differenceC) < 0.05) return say.asReckoned;
  const degrees = wording.degrees(Math.abs(differenceC));
  return differenceC > 0 ? say.warmer({ degrees }) : say.colder({ degrees });
}

/** What a number comes to that was taken over some time ago, in the unit of the one of now. */
export function takenAmount({ unit, what, library, taken }: LearnedNumber): number {
  const value = taken?.value ?? 1;
  if (what === "hardiness") return library - value;
  const isPace = what === "emergence" || what === "regrowth" || what === "growth";
  return unit === "times" || !isPace ? library * value : library / value;
}

/** What was expected and what came, of one entry. */
export function seenWords(seen: Seen, wording: LocalWording): string {
  const { expected, came } = seen;
  const days = (value: number) => wording.days(Math.round(value));
  const kg = (value: number) => wording.weightG(value * GRAMS_PER_KG);
  switch (seen.what) {
    case "growth":
    case "emergence":
      return say.expectedDays({ expected: days(expected), came: days(came) });
    case "stand":
      return say.expectedShare({
        expected: percentWords(expected, wording),
        came: percentWords(came, wording),
      });
    case "yield":
      return say.expectedYield({ expected: kg(expected), came: kg(came) });
    case "regrowth":
      return say.expectedRegrowth({ expected: days(expected), came: days(came) });
    case "hardiness":
      return say.expectedDeath({
        expected: percentWords(expected, wording),
        came: percentWords(came, wording),
      });
    case "keeping":
      return say.expectedKeeping({
        expected: wording.number(expected),
        came: wording.number(came),
      });
    case "degrees":
      return say.expectedDegrees({
        expected: wording.temperature(expected, 1),
        came: wording.temperature(came, 1),
      });
  }
}

/** Counts so little that it has to be said, as a share. */
export const ODD_BELOW = 0.4;

/** What is to be said of how little a number rests on; null where it is nothing. */
export function restsOnWords({ seen }: LearnedNumber): string | null {
  const odd = seen.filter(({ counts }) => counts < ODD_BELOW).length;
  if (seen.length === 1) return odd === 1 ? say.singleOdd : say.single;
  return odd > 0 ? say.someOdd({ count: odd }) : null;
}

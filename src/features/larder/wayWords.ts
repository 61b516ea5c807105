import type { DayNumber } from "@/core/calendar";
import type { Doing } from "@/core/supply";
import { coverWords } from "@/words/covers";
import { larder as say } from "@/words/en/larder";
import { storePlaces } from "@/words/en/storePlaces";
import type { LocalWording } from "@/ui/wording";

/** What a way to close a gap is, in words. */
export function doingWords(doing: Doing, day: DayNumber, wording: LocalWording): string {
  switch (doing.kind) {
    case "sow":
    case "buy":
      return say[doing.kind === "sow" ? "way" : "buyPlants"]({
        crop: doing.cropName,
        length: wording.lengthM(doing.planting.lengthM, 1),
        bed: doing.bedName,
        date: wording.date(doing.day, day),
      });
    case "cover":
      return say.coverIt({ cover: coverWords([doing.coverId]), bed: doing.bedName });
    case "store":
      return say.putByNow({
        weight: wording.weightG(doing.lot.grams),
        crop: doing.cropName,
        bed: doing.bedName,
        place: storePlaces[doing.lot.place],
      });
    case "shoots":
    case "force":
      return say[doing.kind === "shoots" ? "shootsWeekly" : "forceRoots"]({
        crop: doing.cropName,
        bed: doing.bedName,
        count: doing.plantings.length,
        date: wording.date(doing.day, day),
      });
  }
}

/** What it costs besides work. */
export function costWords(doing: Doing, wording: LocalWording): string {
  const seed = (grams: number) =>
    wording.weightG(grams < 10 ? Math.round(grams * 10) / 10 : Math.round(grams));
  switch (doing.kind) {
    case "sow":
    case "buy": {
      const plants = say.plants({ number: wording.number(doing.plants), count: doing.plants });
      return doing.kind === "buy"
        ? say.toBuy({ plants })
        : say.withSeed({ plants, seed: seed(doing.seedGrams) });
    }
    case "shoots":
      return say.seedOnly({ seed: seed(doing.seedGrams) });
    case "force":
      return say.rootsOnly({ roots: wording.number(doing.roots) });
    default:
      return "";
  }
}

import soilJson from "@data/soil.json";
import { depthLitres, nitrogenBoundG, weighedOut } from "./amounts";
import type { Feeding } from "./schema";
import { fact, type Told } from "../facts";

/** Dug: feed goes in, a spade deep. Undug: it stays on top. */
export type SoilSchool = "dug" | "undug";

/** What a feeding comes to over an area. */
export interface FeedingAmount {
  /** What to buy or fetch, in words. */
  item: Told;
  /** One of the two is given: what is measured by the barrow, or what is weighed. */
  litres: number | null;
  grams: number | null;
  /** What it brings in its first year, g; nitrogen below 0 where carbon that is dug in binds it at first. */
  nitrogenG: number;
  phosphateG: number;
  potashG: number;
}

/** The amount of a feeding for an area, with what it brings. */
export function feedingAmount(
  feed: Feeding["feed"],
  areaM2: number,
  school: SoilSchool,
): FeedingAmount {
  const nothing = { litres: null, grams: null, nitrogenG: 0, phosphateG: 0, potashG: 0 };
  switch (feed.kind) {
    case "compost": {
      const litres = depthLitres(areaM2, feed.depthCm);
      return {
        ...nothing,
        item: fact("soil.compost"),
        litres,
        ...broughtBy("compost", litres * soilJson.compostKgPerL),
      };
    }
    case "fertiliser": {
      const out = weighedOut(feed, areaM2, feed.nitrogenGPerM2);
      return {
        item: `${feed.name} ${[feed.nitrogen, feed.phosphate, feed.potash].map(percent).join("-")}`,
        litres: null,
        grams: out.grams,
        nitrogenG: out.grams * feed.nitrogen,
        phosphateG: out.phosphateGrams,
        potashG: out.potashGrams,
      };
    }
    case "manure":
      return {
        ...nothing,
        item: feed.raw ? fact("soil.rawManure") : fact("soil.compostedManure"),
        grams: feed.kgPerM2 * areaM2 * 1000,
        ...broughtBy("manure", feed.kgPerM2 * areaM2),
      };
    case "amendment":
      return { ...nothing, item: feed.name, grams: feed.gPerM2 * areaM2 };
    case "carbon": {
      const kg = feed.kgPerM2 * areaM2;
      // On top it rots slowly and binds next to nothing below.
      const boundG = school === "dug" ? nitrogenBoundG(kg) : 0;
      return {
        ...nothing,
        item: fact("soil.strawOrDryLeaves"),
        grams: kg * 1000,
        nitrogenG: -boundG,
      };
    }
  }
}

/** What compost or manure gives to plants in its first year; the rest comes over many. */
function broughtBy(
  kind: keyof typeof soilJson.firstYearGPerKg,
  kg: number,
): Pick<FeedingAmount, "nitrogenG" | "phosphateG" | "potashG"> {
  const { nitrogen, phosphate, potash } = soilJson.firstYearGPerKg[kind];
  return { nitrogenG: kg * nitrogen, phosphateG: kg * phosphate, potashG: kg * potash };
}

/** A share as a bag writes it: 0.05 is "5", 0.035 is "3.5". */
function percent(share: number): string {
  return String(Math.round(share * 1000) / 10);
}

/** Days that must lie between raw manure and a harvest, by whether what is eaten touches the soil. */
export const RAW_MANURE_DAYS = soilJson.rawManureDays;

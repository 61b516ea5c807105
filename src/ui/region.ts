import type { DecimalMark } from "@/core/typed";
import type { Units } from "@/core/units";

/** What differs by where the reader lives, as far as the browser tells. */
export interface Region {
  decimalMark: DecimalMark;
  /** "20/9" is the twentieth of September; otherwise "9/20" is. */
  dayFirst: boolean;
  paper: "A4" | "letter";
  units: Units;
}

/** Where US letter is the usual paper (Unicode CLDR, supplemental data: paper size). */
const LETTER_REGIONS: ReadonlySet<string> = new Set(
  "BZ CA CL CO CR GT MX NI PA PH PR SV US VE".split(" "),
);

/** Where feet, pounds and Fahrenheit are usual (Unicode CLDR, supplemental data: measurement system US). */
const IMPERIAL_REGIONS: ReadonlySet<string> = new Set("LR MM US".split(" "));

/**
 * The habits of a locale's region.
 *
 * @param locale the browser's own where none is given
 */
export function regionOf(locale?: string): Region {
  const number = new Intl.NumberFormat(locale).formatToParts(1.5);
  const date = new Intl.DateTimeFormat(locale, { day: "numeric", month: "numeric" });
  const order = date.formatToParts(0).map(({ type }) => type);
  const { region } = new Intl.Locale(date.resolvedOptions().locale).maximize();
  return {
    decimalMark: number.find(({ type }) => type === "decimal")?.value === "," ? "," : ".",
    dayFirst: order.indexOf("day") < order.indexOf("month"),
    units: IMPERIAL_REGIONS.has(region ?? "") ? "imperial" : "metric",
    paper: LETTER_REGIONS.has(region ?? "") ? "letter" : "A4",
  };
}

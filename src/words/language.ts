/** How the program speaks: by the reader's own setting, American English where nothing is known. */
export interface Language {
  /** For `Intl`: dates, numbers and lists. */
  locale: string;
  spelling: "American" | "British";
  /** Texts grown and marked, to see which are not in the tables and where longer ones do not fit. */
  isPseudo: boolean;
}

/** Where English is spelled as in the United States (Unicode CLDR, parent locales: en-001 has all others). */
const AMERICAN_REGIONS: ReadonlySet<string> = new Set("US AS GU MH MP PR UM VI PH CA".split(" "));

/** The usual code of the pseudo-locale: English with accents and half as long again. */
const PSEUDO = "en-XA";

/** @param wanted a BCP 47 tag, such as the browser's own */
export function languageOf(wanted: string): Language {
  if (wanted === PSEUDO) return { locale: "en-US", spelling: "American", isPseudo: true };
  const { language, region } = new Intl.Locale(wanted).maximize();
  // The sentences are English: a date within them is too, in the order the reader's region has.
  const locale = language === "en" ? wanted : `en-${region ?? "US"}`;
  const isAmerican = language === "en" && AMERICAN_REGIONS.has(region ?? "US");
  return { locale, spelling: isAmerican ? "American" : "British", isPseudo: false };
}

/** Pages are made beforehand in American English; a browser speaks as its reader does. */
export const language: Language = languageOf(
  typeof window === "undefined" ? "en-US" : window.navigator.language,
);

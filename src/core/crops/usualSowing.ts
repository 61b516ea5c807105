import usualSowingJson from "@data/usualSowing.json";

/** How common a crop is in gardens. */
export type HowGrown = "widely" | "often" | "seldom";

/** A day told in weeks from an average frost: light frost, in half of the years. */
export interface FrostWeeks {
  after: "lastFrost" | "firstFrost";
  weeks: number;
}

/** When growers sow a crop in the open, from one day to another. */
export interface SowingWindow {
  from: FrostWeeks;
  to: FrostWeeks;
}

/** What growers usually do with a crop. */
export interface UsualSowing {
  grown: HowGrown;
  /** None where it is sown at any time, or where nothing is known of it. */
  windows: readonly SowingWindow[];
}

/** Weeks that each cover over a bed adds before a window in spring and after it in autumn. */
export const WINDOW_WEEKS_FOR_EACH_COVER = usualSowingJson.weeksForEachCover;

const OF_OWN_CROPS: UsualSowing = { grown: "often", windows: [] };

const written: Readonly<Record<string, { grown: string; sow: readonly string[] }>> =
  usualSowingJson.crops;
/** Read once each: sorting asks for them over and over. */
const read = new Map<string, UsualSowing>();

/**
 * How common a crop of the library is, and when it is usually sown, into trays or the open ground.
 *
 * @returns for a crop of the grower's own: often grown, at no usual time
 * @throws RangeError when the library's own data are damaged
 */
export function usualSowing(cropId: string): UsualSowing {
  let usual = read.get(cropId);
  if (!usual) {
    usual = readUsualSowing(cropId);
    read.set(cropId, usual);
  }
  return usual;
}

function readUsualSowing(cropId: string): UsualSowing {
  const found = written[cropId];
  if (!found) return OF_OWN_CROPS;
  const { grown, sow } = found;
  if (grown !== "widely" && grown !== "often" && grown !== "seldom") {
    throw new RangeError(`Unknown word for how widely ${cropId} is grown: ${grown}`);
  }
  return { grown, windows: sow.map(windowFrom) };
}

/** Reads "lastFrost-7..firstFrost-4". */
function windowFrom(words: string): SowingWindow {
  const [from, to] = words.split("..").map(frostWeeksFrom);
  if (!from || !to) throw new RangeError(`No sowing window: ${words}`);
  return { from, to };
}

function frostWeeksFrom(words: string): FrostWeeks | undefined {
  const parts = /^(lastFrost|firstFrost)([+-]\d+)?$/.exec(words);
  if (!parts) return undefined;
  return { after: parts[1] as FrostWeeks["after"], weeks: Number(parts[2] ?? 0) };
}

import commons from "../gardenFile/commons.testdata.json";
import { dayNumber } from "../calendar";
import { cropLibrary, varietyOf } from "../crops";
import { fromGardenFile, type GardenFile } from "../gardenFile";
import type { Garden } from "../garden";
import { LEVEL_HORIZON } from "../sky";
import { siteOf } from "./gardenSite";
import type { Method, Stage } from "../growth";
import type { Growing } from "../schedule";

/** The tests' own garden and its site; the demo may change, this does not. */
export const tarnholt: Garden = fromGardenFile(commons as GardenFile);
if (!tarnholt.place) throw new Error("the garden has a place");
export const tarnholtSite = siteOf(tarnholt.place, tarnholt.record);

/** The same place by its few numbers instead of its record. */
export const inlandSite = siteOf({ ...tarnholt.place, climateFrom: "sketch" }, null);

export function growing(
  cropId: string,
  covers: string[] = [],
  more: { method?: Method; stage?: Stage; varietyId?: string } = {},
): Growing {
  const crop = cropLibrary.get(cropId);
  const variety = crop && varietyOf(crop, more.varietyId);
  if (!crop || !variety) throw new Error(`no ${cropId}`);
  return {
    crop,
    variety,
    method: more.method ?? "direct",
    stage: more.stage ?? "full",
    covers,
    horizon: LEVEL_HORIZON,
  };
}

export const day = dayNumber;

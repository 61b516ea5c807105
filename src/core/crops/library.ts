import arugula from "@data/crops/arugula.json";
import beet from "@data/crops/beet.json";
import broccoli from "@data/crops/broccoli.json";
import carrot from "@data/crops/carrot.json";
import chard from "@data/crops/chard.json";
import kale from "@data/crops/kale.json";
import leek from "@data/crops/leek.json";
import lettuce from "@data/crops/lettuce.json";
import mache from "@data/crops/mache.json";
import radish from "@data/crops/radish.json";
import spinach from "@data/crops/spinach.json";
import turnip from "@data/crops/turnip.json";
import type { Crop, Variety } from "./schema";

/**
 * The crops that come with the program, by id, in the order of their names. The files are checked
 * against `CropSchema` by the data test, so reading them costs nothing at start.
 */
export const cropLibrary: ReadonlyMap<string, Crop> = new Map(
  (
    [
      arugula,
      beet,
      broccoli,
      carrot,
      chard,
      kale,
      leek,
      lettuce,
      mache,
      radish,
      spinach,
      turnip,
    ] as Crop[]
  ).map((crop) => [crop.id, crop]),
);

/** A crop's variety by id; its first one when no id is given; undefined when there is no such id. */
export function varietyOf(crop: Crop, varietyId?: string): Variety | undefined {
  if (varietyId === undefined) return crop.varieties[0];
  return crop.varieties.find((variety) => variety.id === varietyId);
}

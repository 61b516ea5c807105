import foodJson from "@data/food.json";
import { DAYS_PER_WEEK, isoDate } from "../../calendar";
import { keepingIn, type StorePlace } from "../../food";
import type { Crop } from "../../crops";
import { eatDishes, dishOf } from "../eating";
import type { Source } from "../source";
import type { InGap, Judge } from "./judge";
import { cropNameOf } from "./planting";
import type { Trial } from "./way";

const { hoursPerKg } = foodJson.storing;
const GRAMS_PER_KG = 1000;
/** Less is not worth the work, kg. */
const LEAST_KG = 0.3;

/**
 * What stands ready now and nobody would eat in time, put by where it keeps until the gap: dry or moist
 * where it keeps so by itself, else frozen.
 */
export function storeTrials(inGap: InGap, { usual }: Judge): Trial[] {
  const { garden, weeks, gap, wantedKg } = inGap;
  // Of a season to come nothing stands there yet to be put by.
  if (weeks.firstDay > weeks.today) return [];
  const dishes = usual.flatMap((source) => {
    const dish = dishOf(source);
    return dish ? [{ ...dish, source }] : [];
  });
  eatDishes(dishes, wantedKg);
  const leftKg = new Map<string, number>();
  for (const { source, units } of dishes) {
    const { plantingId, worth } = source;
    // What is not ready this week is put by when it is.
    if (plantingId === null || (worth[0] ?? 0) <= 0 || source.storedFromWeek < Infinity) continue;
    leftKg.set(plantingId, (leftKg.get(plantingId) ?? 0) + units * (worth[0] ?? 0));
  }
  return [...leftKg].flatMap(([plantingId, kg]): Trial[] => {
    const planting = garden.plantings.get(plantingId);
    const crop = usual.find((one) => one.plantingId === plantingId)?.crop;
    const bed = planting && garden.beds.get(planting.bedId);
    if (!planting || !crop || !bed || kg < LEAST_KG) return [];
    const grams = Math.floor(kg * 10) * 100;
    const place = placeFor(crop, gap.fromDay - weeks.today);
    if (place === null) return [];
    const id = `store-${plantingId}`;
    const since = isoDate(weeks.today);
    const { cropId, varietyId } = planting;
    const lot = { id, cropId, varietyId, place, since, grams, plantingId, note: "" };
    const keeping = keepingIn(crop, place);
    return [
      {
        id,
        doing: { kind: "store", lot, cropName: cropNameOf(garden, planting), bedName: bed.name },
        hours: (grams / GRAMS_PER_KG) * hoursPerKg,
        change: (sources) => [
          ...without(sources, plantingId, grams / GRAMS_PER_KG),
          {
            id,
            group: gap.group,
            crop,
            plantingId,
            storeLotId: id,
            units: grams / GRAMS_PER_KG,
            worth: Float64Array.from({ length: weeks.count }, (_, week) =>
              week <= keeping.weeks ? (1 - keeping.lossAWeek) ** week : 0,
            ),
            storedFromWeek: 0,
          },
        ],
      },
    ];
  });
}

/** Where it keeps so many days; null where nowhere. */
function placeFor(crop: Crop, days: number): StorePlace | null {
  const places: StorePlace[] = crop.storage
    ? [crop.storage.air === "dry" ? "shelf" : "cellar", "freezer"]
    : ["freezer"];
  // What is eaten raw alone is no food once it was frozen.
  const isFrozen = crop.group !== "greens" || FROZEN_GREENS.has(crop.id);
  return (
    places.find(
      (place) =>
        (place !== "freezer" || isFrozen) && keepingIn(crop, place).weeks * DAYS_PER_WEEK >= days,
    ) ?? null
  );
}

const FROZEN_GREENS: ReadonlySet<string> = new Set(foodJson.storing.frozenGreens);

/** Sources less so much of what a planting gives this week, kg. */
function without(sources: readonly Source[], plantingId: string, kg: number): Source[] {
  let leftKg = kg;
  return sources.map((source) => {
    const worth = source.worth[0] ?? 0;
    if (source.plantingId !== plantingId || worth <= 0 || leftKg <= 0) return source;
    const takenKg = Math.min(leftKg, source.units * worth);
    leftKg -= takenKg;
    return { ...source, units: source.units - takenKg / worth };
  });
}

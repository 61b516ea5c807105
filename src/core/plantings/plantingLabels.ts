import { dayNumber, type DayNumber } from "../calendar";
import { varietyOf } from "../crops";
import { cropsOf, type Garden } from "../garden";
import type { Label, LabelSpacing } from "../trays";
import { standOf } from "./growing";
import { amountsFor } from "./spacing";

/** How the plants of a planting stand, for the label of its tray; undefined when it is gone. */
export function finalSpacing(garden: Garden, plantingId: string | null): LabelSpacing | undefined {
  const planting = garden.plantings.get(plantingId ?? "");
  const crop = planting && cropsOf(garden).get(planting.cropId);
  const bed = planting && garden.beds.get(planting.bedId);
  if (!planting || !crop || !bed) return undefined;
  const { rowCm, stationCm } = amountsFor(standOf(planting, bed), crop, planting.method);
  return { rowCm, inRowCm: stationCm, together: planting.plantsPerStation };
}

/** One label for each planting that is sown in a stretch of days, in the order of the days. */
export function plantingLabels(garden: Garden, fromDay: DayNumber, toDay: DayNumber): Label[] {
  const crops = cropsOf(garden);
  return [...garden.plantings.values()]
    .filter(({ sowOn }) => dayNumber(sowOn) >= fromDay && dayNumber(sowOn) <= toDay)
    .sort((a, b) => (a.sowOn < b.sowOn ? -1 : 1))
    .flatMap((planting) => {
      const crop = crops.get(planting.cropId);
      const bed = garden.beds.get(planting.bedId);
      if (!crop || !bed) return [];
      const amounts = amountsFor(standOf(planting, bed), crop, planting.method);
      return [
        {
          crop: crop.name,
          variety: varietyOf(crop, planting.varietyId)?.name ?? "",
          sownOn: planting.sowOn,
          count: amounts.plants,
          counted: "plants" as const,
          rowCm: amounts.rowCm,
          inRowCm: amounts.stationCm,
          together: planting.plantsPerStation,
          where: bed.name,
          treated: false,
        },
      ];
    });
}

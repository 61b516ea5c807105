import type { Crop } from "../crops";
import { varietyOf } from "../crops";
import type { Tray } from "./traySchema";

/** What stands on a label. */
export interface Label {
  crop: string;
  variety: string;
  /** ISO date. */
  sownOn: string;
  /** Cells of the tray, or plants in the bed. */
  count: number;
  counted: "cells" | "plants";
  /** Final distances, cm. */
  rowCm: number;
  inRowCm: number;
  where: string;
  treated: boolean;
}

/** One label for each sowing of the trays, in the order in which they stand. */
export function trayLabels(
  trays: readonly Tray[],
  cropOf: (id: string) => Crop | undefined,
  spacingOf: (plantingId: string | null) => { rowCm: number; inRowCm: number } | undefined,
  isTreated: (lotId: string | null) => boolean,
): Label[] {
  return trays.flatMap((tray) =>
    tray.sowings.flatMap((sowing) => {
      const crop = cropOf(sowing.cropId);
      if (!crop) return [];
      const spacing = spacingOf(sowing.plantingId) ?? crop.spacing;
      return [
        {
          crop: crop.name,
          variety: varietyOf(crop, sowing.varietyId)?.name ?? "",
          sownOn: sowing.sownOn,
          count: sowing.cells.length,
          counted: "cells" as const,
          rowCm: spacing.rowCm,
          inRowCm: spacing.inRowCm,
          where: tray.name,
          treated: isTreated(sowing.lotId),
        },
      ];
    }),
  );
}

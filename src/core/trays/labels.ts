import { varietyOf, type Crop } from "../crops";
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
  /** Plants at each place: more than one is a cluster. */
  together: number;
  where: string;
  treated: boolean;
}

/** How the plants of a label are to stand in the end. */
export type LabelSpacing = Pick<Label, "rowCm" | "inRowCm" | "together">;

/** One label for each sowing of the trays, in the order in which they stand. */
export function trayLabels(
  trays: readonly Tray[],
  cropOf: (id: string) => Crop | undefined,
  spacingOf: (plantingId: string | null) => LabelSpacing | undefined,
  isTreated: (lotId: string | null) => boolean,
): Label[] {
  return trays.flatMap((tray) =>
    tray.sowings.flatMap((sowing) => {
      const crop = cropOf(sowing.cropId);
      if (!crop) return [];
      const spacing = spacingOf(sowing.plantingId) ?? { ...crop.spacing, together: 1 };
      return [
        {
          crop: crop.name,
          variety: varietyOf(crop, sowing.varietyId)?.name ?? "",
          sownOn: sowing.sownOn,
          count: sowing.cells.length,
          counted: "cells" as const,
          rowCm: spacing.rowCm,
          inRowCm: spacing.inRowCm,
          together: spacing.together,
          where: tray.name,
          treated: isTreated(sowing.lotId),
        },
      ];
    }),
  );
}

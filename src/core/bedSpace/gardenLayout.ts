import { derive } from "../derive";
import { bedsInOrder, type Bed, type Garden } from "../garden";
import { around, boundsOf, inRows, type Outline, type Plot } from "../layout";

/** Where everything of a garden lies, whether somebody has laid it out or not. */
export interface GardenLayout {
  plot: Plot;
  beds: ReadonlyMap<string, Outline>;
  shelters: ReadonlyMap<string, Outline>;
}

const PLOT_MARGIN_M = 1;
const BETWEEN_GROUPS_M = 1.6;

/** The layout of a garden: as it was drawn; what was not drawn stands in rows beside it, by shelter. */
export function layoutOf({ beds, shelters, plot }: Laid): GardenLayout {
  return derive([beds, shelters, plot], laidOut);
}

type Laid = Pick<Garden, "beds" | "shelters" | "plot">;

function laidOut(
  ofBeds: Garden["beds"],
  ofShelters: Garden["shelters"],
  plot: Garden["plot"],
): GardenLayout {
  const garden = { beds: ofBeds, shelters: ofShelters, plot };
  const beds = new Map<string, Outline>();
  const shelters = new Map<string, Outline>();
  for (const bed of garden.beds.values()) {
    if (bed.position) beds.set(bed.id, placed(bed, bed.position));
  }
  for (const shelter of garden.shelters.values()) {
    if (shelter.outline) shelters.set(shelter.id, shelter.outline);
  }
  const drawn = boundsOf([...beds.values(), ...shelters.values()]);
  let left = drawn ? drawn.right + BETWEEN_GROUPS_M : PLOT_MARGIN_M;
  for (const [shelterId, group] of groupsOf(garden)) {
    const loose = group.filter((bed) => !bed.position);
    if (loose.length === 0) continue;
    const outlines = inRows(loose, left, PLOT_MARGIN_M);
    loose.forEach((bed, index) => {
      const outline = outlines[index];
      if (outline) beds.set(bed.id, outline);
    });
    const bounds = boundsOf(outlines);
    if (!bounds) continue;
    if (shelterId !== null && !shelters.has(shelterId)) shelters.set(shelterId, around(bounds));
    left = bounds.right + BETWEEN_GROUPS_M;
  }
  return {
    plot: garden.plot ?? plotAround([...beds.values(), ...shelters.values()]),
    beds,
    shelters,
  };
}

function placed(bed: Bed, position: NonNullable<Bed["position"]>): Outline {
  return { ...position, lengthM: bed.lengthM, widthM: bed.widthM };
}

/** The beds in the open, then those of each shelter, as one walks past them. */
function groupsOf(garden: Laid): Map<string | null, Bed[]> {
  const groups = new Map<string | null, Bed[]>();
  for (const bed of bedsInOrder(garden)) {
    groups.set(bed.shelterId, [...(groups.get(bed.shelterId) ?? []), bed]);
  }
  return groups;
}

function plotAround(outlines: readonly Outline[]): Plot {
  const bounds = boundsOf(outlines);
  return {
    id: "plot",
    lengthM: Math.max(5, Math.ceil((bounds?.right ?? 0) + PLOT_MARGIN_M)),
    widthM: Math.max(5, Math.ceil((bounds?.top ?? 0) + PLOT_MARGIN_M)),
    upBearingDeg: 0,
  };
}

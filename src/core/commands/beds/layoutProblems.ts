import type { Bed, Garden } from "../../garden";
import { overlap, within, type Outline } from "../../layout";
import { fact, type Fact } from "../../facts";

/** Something about where a bed lies that cannot be. */
export interface LayoutProblem {
  /** The same problem has the same key before and after a change. */
  key: string;
  /** The bed that could lie elsewhere. */
  bedId: string;
  message: Fact;
}

/** A laid-out bed as a rectangle on the ground. */
export function outlineOf(bed: Bed): Outline | null {
  return bed.position && { ...bed.position, lengthM: bed.lengthM, widthM: bed.widthM };
}

/** Everything that cannot lie as it does: outside the plot, across a wall, over another bed. */
export function layoutProblems(garden: Garden): LayoutProblem[] {
  const { plot } = garden;
  if (!plot) return [];
  const ground: Outline = {
    xM: plot.lengthM / 2,
    yM: plot.widthM / 2,
    angleDeg: 0,
    lengthM: plot.lengthM,
    widthM: plot.widthM,
  };
  const problems: LayoutProblem[] = [];
  const beds = [...garden.beds.values()].flatMap((bed) => {
    const outline = outlineOf(bed);
    return outline ? [{ bed, outline }] : [];
  });
  for (const { bed, outline } of beds) {
    const tell = (key: string, message: Fact) =>
      problems.push({ key: `${bed.id} ${key}`, bedId: bed.id, message });
    if (!within(outline, ground)) {
      tell(
        "plot",
        fact("commands.wouldBeOutsideThePlotMoveItInOr", {
          bed: bed.name,
          lengthM: plot.lengthM,
          widthM: plot.widthM,
        }),
      );
    }
    const own = garden.shelters.get(bed.shelterId ?? "");
    if (own?.outline && !within(outline, own.outline)) {
      tell(
        `outOf-${own.id}`,
        fact("commands.wouldStickOutOfMoveItInOrTakeItOut", { bed: bed.name, own: own.name }),
      );
    }
    for (const other of garden.shelters.values()) {
      if (other.id === bed.shelterId || !other.outline) continue;
      if (overlap(outline, other.outline)) {
        tell(
          `under-${other.id}`,
          fact("commands.wouldBeUnder", { bed: bed.name, other: other.name }),
        );
      }
    }
  }
  for (const [index, { bed, outline }] of beds.entries()) {
    for (const other of beds.slice(index + 1)) {
      if (!overlap(outline, other.outline)) continue;
      problems.push({
        key: [bed.id, other.bed.id].sort().join(" over "),
        bedId: other.bed.id,
        message: fact("commands.wouldOverlapBedsMayTouchNotOverlap", {
          bed: bed.name,
          bed2: other.bed.name,
        }),
      });
    }
  }
  return problems;
}

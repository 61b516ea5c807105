import { foodGroupOf } from "../../food";
import { bedsInOrder, type Bed, type Garden } from "../../garden";
import { plantingState, type PlantingState } from "../../plantings";
import type { CoverPiece } from "../../shelter";
import { coversFor } from "../coversFor";
import { plantingSources } from "../plantingSources";
import { coverHours } from "../workHours";
import type { InGap } from "./judge";
import type { Trial } from "./way";

/** Covers of the shed over beds in the open in which something of the group grows. */
export function coverTrials(inGap: InGap): Trial[] {
  const { garden, gap } = inGap;
  return bedsInOrder(garden).flatMap((bed) => {
    const grows = statesIn(inGap, garden, bed).some(
      ({ growing }) => foodGroupOf(growing.crop) === gap.group,
    );
    return grows ? coversFor(garden, bed).map((piece) => trialOf(inGap, bed, piece)) : [];
  });
}

function statesIn({ site }: InGap, garden: Garden, bed: Bed): PlantingState[] {
  return [...garden.plantings.values()].flatMap((planting) =>
    planting.bedId === bed.id ? (plantingState(garden, site, planting) ?? []) : [],
  );
}

function trialOf(inGap: InGap, bed: Bed, piece: CoverPiece): Trial {
  const { site, garden, weeks } = inGap;
  const { id: bedId, name: bedName } = bed;
  const { id: pieceId, materialId } = piece;
  const over = { ...bed, covers: [...bed.covers, materialId] };
  const under = { ...garden, beds: new Map(garden.beds).set(bedId, over) };
  const states = statesIn(inGap, under, over);
  const ids = new Set(states.map(({ planting }) => planting.id));
  return {
    id: `cover-${bedId}-${materialId}`,
    doing: { kind: "cover", bedId, bedName, pieceId, coverId: materialId },
    hours: coverHours(bed),
    change: (sources, year) => [
      ...sources.filter(({ plantingId }) => plantingId === null || !ids.has(plantingId)),
      ...states.flatMap((state) => plantingSources(site, under, state, weeks, year)),
    ],
  };
}

import shelterJson from "@data/shelter.json";
import { materials, type CoverIds } from "../materials";
import type { Material } from "../materialSchema";

/** Nested covers as the energy balance sees them, from the outside in. */
export interface Stack {
  layers: readonly Material[];
  /** Share of the ground that lies beside the inner covers: the paths of a house. */
  pathShare: number;
  /** Water in barrels, litres for each square metre of ground. */
  barrelLitresPerM2: number;
  /** Air changes an hour that wide-open vents add. */
  ventChangesPerHour: number;
  /** A film that sheds its drops, or air too dry for any: it stays transparent to heat. */
  staysDry: boolean;
  /** Leaf over each square metre of the bed. */
  leafAreaIndex: number;
}

/** Air changes an hour that a wide-open vent adds: a low space is changed sooner than a high one. */
function ventChangesOf({ kind }: Material): number {
  const { houseVentChangesPerHour, lowCoverVentChangesPerHour } = shelterJson.practice;
  return kind === "house" ? houseVentChangesPerHour : lowCoverVentChangesPerHour;
}

/** What a grower's own structure has that its covers alone do not tell. */
export interface Structure extends Partial<
  Pick<Stack, "barrelLitresPerM2" | "staysDry" | "leafAreaIndex">
> {
  /** Mean height of the outermost space, m; the usual of its kind where nothing is given. */
  heightM?: number;
}

/** A stack of covers by their ids; unknown ones are left out. */
export function stackOf(covers: CoverIds, more: Structure = {}): Stack {
  const layers = covers.flatMap((id, index) => {
    const layer = materials.get(id);
    if (!layer) return [];
    return index === 0 && more.heightM ? { ...layer, heightM: more.heightM } : layer;
  });
  const [outermost] = layers;
  // A house has paths between its beds, on which nothing lies; a frame or tunnel is all bed.
  const hasPaths = outermost?.kind === "house" && layers.length > 1;
  return {
    layers,
    pathShare: hasPaths ? shelterJson.pathShare : 0,
    barrelLitresPerM2: more.barrelLitresPerM2 ?? 0,
    ventChangesPerHour: outermost ? ventChangesOf(outermost) : 0,
    staysDry: more.staysDry ?? false,
    leafAreaIndex: more.leafAreaIndex ?? shelterJson.canopy.usualLeafAreaIndex,
  };
}

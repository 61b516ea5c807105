"use client";

import { useState } from "react";
import type { Bed, Garden, Planting } from "@/core/garden";
import { axesOf, exactM, type Across, type Outline } from "@/core/layout";
import { meaningOfMove, nearestPlace, type Meaning } from "@/core/bedSpace";
import type { Site } from "@/core/growth";
import { gardenStore } from "@/store/index";
import { setView, tell, tellRefusal } from "@/ui/viewState";
import type { MapScale } from "./mapScale";
import { beds as say } from "@/words/en/beds";

/** A planting under the hand, over a bed. */
export interface Carried {
  planting: Planting;
  bed: Bed;
  fromM: number;
  across: Across;
  meanings: Meaning[];
  /** Where the pointer is, px on the map. */
  x: number;
  y: number;
}

export interface Moving {
  carried: Carried | null;
  /** The pointer has come somewhere with a planting. */
  carry(planting: Planting, x: number, y: number): void;
  drop(): void;
  cancel(): void;
}

/** A planting that is put to the middle of its own length under the pointer snaps to these, m. */
const SNAP_M = 0.1;

/** Carrying a planting over the map: over which bed it is, and what it would mean to drop it there. */
export function useMoving(
  garden: Garden,
  site: Site | null,
  outlines: ReadonlyMap<string, Outline>,
  scale: MapScale,
): Moving {
  const [carried, setCarried] = useState<Carried | null>(null);
  return {
    carried,
    carry(planting, x, y) {
      const under = site && bedUnder(garden, outlines, scale, x, y);
      if (!under) return setCarried(null);
      const { bed, alongM, acrossM } = under;
      const across = stripUnder(planting.across, acrossM, bed);
      const moved = { ...planting, across };
      const wishedM = Math.round((alongM - planting.lengthM / 2) / SNAP_M) * SNAP_M;
      const most = Math.max(0, bed.lengthM - planting.lengthM);
      const near = nearestPlace(site, garden, moved, bed, wishedM);
      const fromM = near ?? exactM(Math.min(Math.max(0, wishedM), most));
      // The sums are done again only when it has come somewhere else.
      const isThere = carried?.bed.id === bed.id && carried.fromM === fromM;
      const same = isThere && isSameStrip(carried.across, across);
      const meanings = same ? carried.meanings : meaningOfMove(site, garden, moved, bed, fromM);
      setCarried({ planting, bed, fromM, across, meanings, x, y });
    },
    drop() {
      setCarried(null);
      if (carried) void moveTo(carried);
    },
    cancel: () => setCarried(null),
  };
}

async function moveTo({ planting, bed, fromM, across }: Carried): Promise<void> {
  const isSame = bed.id === planting.bedId && fromM === planting.fromM;
  if (isSame && isSameStrip(across, planting.across)) return;
  const done = await gardenStore().dispatch("planting.edit", {
    id: planting.id,
    bedId: bed.id,
    fromM,
    across,
  });
  if (!done.ok) return tellRefusal(done);
  setView({ selectedBedId: bed.id, selectedPlantingId: null });
  tell(say.movedTo({ bed: bed.name }), "done", true);
}

/** Strips snap to these across the bed, m. */
const SIDE_SNAP_M = 0.05;

/** A strip put under the pointer, as far as the bed is wide; what lies otherwise stays as it is. */
function stripUnder(across: Across, acrossM: number, bed: Bed): Across {
  if (across.kind !== "strip") return across;
  const most = Math.max(0, bed.widthM - across.widthM);
  const wishedM = Math.round((acrossM - across.widthM / 2) / SIDE_SNAP_M) * SIDE_SNAP_M;
  return { ...across, fromM: exactM(Math.min(Math.max(0, wishedM), most)) };
}

function isSameStrip(a: Across, b: Across): boolean {
  return a.kind !== "strip" || b.kind !== "strip" ? a.kind === b.kind : a.fromM === b.fromM;
}

/** The bed under a point of the map, and how far along and across it the point lies. */
function bedUnder(
  garden: Garden,
  outlines: ReadonlyMap<string, Outline>,
  scale: MapScale,
  x: number,
  y: number,
): { bed: Bed; alongM: number; acrossM: number } | null {
  const at = scale.pointAt(x, y);
  for (const [id, outline] of outlines) {
    const bed = garden.beds.get(id);
    if (!bed) continue;
    const [along, across] = axesOf(outline.angleDeg);
    const [dx, dy] = [at.x - outline.xM, at.y - outline.yM];
    const a = dx * along.x + dy * along.y;
    const b = dx * across.x + dy * across.y;
    if (Math.abs(a) > outline.lengthM / 2 || Math.abs(b) > outline.widthM / 2) continue;
    // The axis across points to the left.
    return { bed, alongM: a + outline.lengthM / 2, acrossM: outline.widthM / 2 - b };
  }
  return null;
}

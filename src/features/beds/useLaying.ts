"use client";

import type { Garden } from "@/core/garden";
import type { Outline } from "@/core/layout";
import { layoutOf } from "@/core/plan";
import { gardenStore } from "@/store";
import { useSettling, type Settling } from "@/ui/inputs";
import { tellRefusal } from "@/ui/viewState";

/** A bed under the hand. */
export interface Laid {
  id: string;
  outline: Outline;
}
export type Laying = Settling<Laid>;

/**
 * Moving and turning beds: shown at once, kept when the hand rests. The first move keeps the whole
 * layout as it is shown, so that nothing else jumps.
 */
export function useLaying(garden: Garden): Laying {
  return useSettling<Laid>(async (laid) => {
    const done = await gardenStore().dispatch("layout.set", layoutWith(garden, laid));
    if (!done.ok) tellRefusal(done);
  });
}

/** The layout to keep when one bed has been moved. */
function layoutWith(garden: Garden, { id, outline }: Laid) {
  const { plot, beds, shelters } = layoutOf(garden);
  const positionOf = ({ xM, yM, angleDeg }: Outline) => ({ xM, yM, angleDeg });
  const moved = { id, position: positionOf(outline) };
  const isLaidOut = garden.plot !== null && [...garden.beds.values()].every((bed) => bed.position);
  if (isLaidOut) return { beds: [moved], shelters: [] };
  return {
    plot,
    beds: [...beds].map(([bedId, one]) =>
      bedId === id ? moved : { id: bedId, position: positionOf(one) },
    ),
    shelters: [...shelters].map(([shelterId, one]) => ({ id: shelterId, outline: one })),
  };
}

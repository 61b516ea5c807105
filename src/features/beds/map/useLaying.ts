"use client";

import type { Garden } from "@/core/garden";
import type { Outline } from "@/core/layout";
import { layoutOf } from "@/core/bedSpace";
import { gardenStore } from "@/store/index";
import { useSettling, type Settling } from "@/ui/inputs/index";
import { tell, tellRefusal } from "@/ui/viewState";
import { beds as say } from "@/words/en/beds";

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
    const bed = garden.beds.get(laid.id);
    if (!bed) return;
    const { outline } = laid;
    const sized = outline.lengthM !== bed.lengthM || outline.widthM !== bed.widthM;
    const size = sized ? { lengthM: outline.lengthM, widthM: outline.widthM } : null;
    if (size && isLaidOut(garden)) {
      const position = positionOf(outline);
      const done = await gardenStore().dispatch("bed.edit", { id: bed.id, ...size, position });
      if (!done.ok) tellRefusal(done);
      return;
    }
    const done = await gardenStore().dispatch("layout.set", layoutWith(garden, laid));
    if (!done.ok) return tellRefusal(done);
    tellShelter(garden, laid.id);
    if (!size) return;
    const sizedToo = await gardenStore().dispatch("bed.edit", { id: bed.id, ...size });
    if (!sizedToo.ok) tellRefusal(sizedToo);
  });
}

/** Says it when a bed has come under another roof, or out from under one. */
function tellShelter(before: Garden, bedId: string): void {
  const now = gardenStore().getState().garden;
  const bed = now.beds.get(bedId);
  if (!bed || bed.shelterId === before.beds.get(bedId)?.shelterId) return;
  const shelter = now.shelters.get(bed.shelterId ?? "");
  tell(
    say.standsNow({
      bed: bed.name,
      value: shelter ? say.inWord({ shelter: shelter.name }) : say.inTheOpen,
    }),
    "done",
    true,
  );
}

function isLaidOut(garden: Garden): boolean {
  return garden.plot !== null && [...garden.beds.values()].every((bed) => bed.position);
}

function positionOf({ xM, yM, angleDeg }: Outline) {
  return { xM, yM, angleDeg };
}

/** The layout to keep when one bed has been moved. */
function layoutWith(garden: Garden, { id, outline }: Laid) {
  const { plot, beds, shelters } = layoutOf(garden);
  const moved = { id, position: positionOf(outline) };
  if (isLaidOut(garden)) return { beds: [moved], shelters: [] };
  return {
    plot,
    beds: [...beds].map(([bedId, one]) =>
      bedId === id ? moved : { id: bedId, position: positionOf(one) },
    ),
    shelters: [...shelters].map(([shelterId, one]) => ({ id: shelterId, outline: one })),
  };
}

import type { Bed } from "../garden";
import { patchesM2, patchesMeet, patchesOf, WHOLE_WIDTH, type Part, type Patch } from "../layout";
import type { Feeding } from "../soil";

/** The ground of its bed that a feeding is for. */
export function fedGround({ part }: Pick<Feeding, "part">, bed: Bed): Patch[] {
  const whole: Part = { fromM: 0, lengthM: bed.lengthM, across: WHOLE_WIDTH };
  return patchesOf(part ?? whole, bed.widthM);
}

/** The same, m². */
export function fedM2(feeding: Pick<Feeding, "part">, bed: Bed): number {
  return patchesM2(fedGround(feeding, bed));
}

/** Whether a part of the bed gets any of a feeding. */
export function isFed(feeding: Pick<Feeding, "part">, bed: Bed, part: Part): boolean {
  const ground = fedGround(feeding, bed);
  return patchesOf(part, bed.widthM).some((patch) =>
    ground.some((other) => patchesMeet(patch, other)),
  );
}

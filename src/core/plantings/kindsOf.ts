import { derive } from "../derive";
import type { Planting } from "../garden";
import type { Growing } from "../schedule";
import { usualYieldKg } from "./spacing";
import type { Stand } from "./stand";

/** One kind of a sowing: the crop itself, or one that is sown with it. */
export interface Kind {
  growing: Growing;
  /** Its share of the plants, 0 to 1; 1 where nothing is mixed. */
  share: number;
}

/** The kinds of a sowing, the planting's own crop first with what the others leave it. */
export function kindsOf(growing: Growing): readonly Kind[] {
  return derive([growing], kindsIn);
}

function kindsIn(growing: Growing): Kind[] {
  const mixed = growing.mix ?? [];
  const left = 1 - mixed.reduce((sum, { share }) => sum + share, 0);
  return [
    { growing: { ...growing, mix: undefined }, share: left },
    ...mixed.map(({ crop, variety, share }) => ({
      growing: { ...growing, crop, variety, mix: undefined },
      share,
    })),
  ];
}

/** Kilograms that a stand of one kind or several usually gives. */
export function standYieldKg(
  stand: Stand,
  growing: Growing,
  { method, stage }: Pick<Planting, "method" | "stage">,
): number {
  return kindsOf(growing).reduce(
    (sum, kind) => sum + usualYieldKg(stand, kind.growing.crop, method, stage) * kind.share,
    0,
  );
}

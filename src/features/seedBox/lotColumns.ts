import { varietyOf, type Crop } from "@/core/crops";
import { isSpent, lotSprouting, seedsIn, type SeedLot } from "@/core/seedBox";
import { column } from "@/ui/table";
import { seedBox as say } from "@/words/en/seedBox";

/** A packet, with the crop that it is of. */
export interface HeldLot {
  lot: SeedLot;
  crop: Crop;
}

export const CELL = { px: 1, py: 0.75, fontSize: 15, borderColor: "var(--line)" } as const;

export function varietyName({ lot, crop }: HeldLot): string {
  return varietyOf(crop, lot.varietyId)?.name ?? "";
}

/** What the seed box can be sorted by and show. */
export function lotColumns(today: number) {
  return [
    column<HeldLot>({
      id: "seed",
      title: say.seed,
      order: "words",
      value: (held) => `${held.crop.name}, ${varietyName(held)}`,
      alwaysShown: true,
    }),
    column<HeldLot>({
      id: "packedYear",
      title: say.packedFor,
      order: "day",
      value: ({ lot }) => lot.packedYear,
    }),
    column<HeldLot>({
      id: "seeds",
      title: say.amount,
      order: "number",
      value: ({ crop, lot }) => seedsIn(crop, lot),
    }),
    column<HeldLot>({
      id: "share",
      title: say.germination,
      order: "number",
      value: ({ crop, lot }) => lotSprouting(crop, lot, today).share,
    }),
    column<HeldLot>({
      id: "thicker",
      title: say.sow,
      order: "number",
      // What is too old to sow comes before what is sown the thickest.
      value: ({ crop, lot }) =>
        isSpent(crop, lot, today) ? Infinity : lotSprouting(crop, lot, today).sowThicker,
    }),
  ];
}

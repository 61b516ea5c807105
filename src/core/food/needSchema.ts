import * as z from "zod";
import { code } from "../facts";
import { FOOD_GROUPS } from "./foodGroups";

const KgAWeek = z
  .number({ error: code("food.giveAWeight") })
  .min(0, code("food.aNeedIsNothingOrMore"))
  .max(100_000, code("food.atMost100TonnesAWeek"));
const OfSeasons = z.strictObject({
  autumn: KgAWeek,
  winter: KgAWeek,
  spring: KgAWeek,
  summer: KgAWeek,
});
export type OfSeasons = z.infer<typeof OfSeasons>;

/** What a household or the shares want, in kilograms a week for all of them, by group and season. */
export const NeedSchema = z.strictObject({
  id: z.literal("need"),
  eaters: z
    .number({ error: code("food.giveHowManyEat") })
    .int(code("food.wholePeople"))
    .min(1, code("food.atLeastOneEater"))
    .max(5000, code("food.atMost5000Eaters")),
  greens: z.enum(["little", "usual", "much"]),
  groups: z.strictObject(
    Object.fromEntries(FOOD_GROUPS.map((group) => [group, OfSeasons])) as Record<
      (typeof FOOD_GROUPS)[number],
      typeof OfSeasons
    >,
  ),
});
export type Need = z.infer<typeof NeedSchema>;

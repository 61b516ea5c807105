import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { IdSchema } from "../naming";
import { code } from "../facts";

const AirC = z
  .number({ error: code("containers.giveHowWarmTheRoomIs") })
  .min(0, code("containers.aRoomIsNoFreezer"))
  .max(40, code("containers.noPlantGrowsThere"));

/** A room indoors with warmth and lamps of its own, such as a cellar shelf or a heated garage. */
const GrowingRoomSchema = z
  .strictObject({
    kind: z.literal("room"),
    /** Air over night and by day, °C. */
    minC: AirC,
    maxC: AirC,
    /** Hours a day that the lamps burn, and their light over the plants, µmol/m² a second. */
    lampHours: z
      .number({ error: code("containers.giveHoursOfLight") })
      .min(0, code("containers.n0To24Hours"))
      .max(24, code("containers.n0To24Hours")),
    lampUmol: z
      .number({ error: code("containers.giveTheLightOfTheLamps") })
      .min(0, code("containers.n0To2000Micromoles"))
      .max(2000, code("containers.n0To2000Micromoles")),
  })
  .refine(({ minC, maxC }) => maxC >= minC, {
    path: ["maxC"],
    error: code("containers.byDayAtLeastAsWarm"),
  });

/** Where a container stands: in the open, in a shelter, at a window, on a heated bench, or in a growing room. */
export const StandsAtSchema = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("outdoors") }),
  z.strictObject({ kind: z.literal("shelter"), shelterId: IdSchema }),
  z.strictObject({ kind: z.literal("window") }),
  z.strictObject({ kind: z.literal("bench") }),
  GrowingRoomSchema,
]);
export type StandsAt = z.infer<typeof StandsAtSchema>;

export const CONTAINER_KINDS = ["pot", "planter", "bag", "sack", "windowBox", "tray"] as const;

/** Containers alike in a row, as a place to grow in: how each is made, and where they stand from when on. */
export const ContainerSchema = z.strictObject({
  kind: z.enum(CONTAINER_KINDS),
  outline: z.enum(["round", "rectangle"]),
  /** Of each, along the row: its diameter where it is round. */
  eachM: z
    .number({ error: code("containers.giveTheSizeOfEach") })
    .min(0.05, code("containers.atLeast5CmWide"))
    .max(5, code("containers.atMost5M")),
  /** Of the soil in it when it is full. */
  depthM: z
    .number({ error: code("containers.giveHowDeepTheyAre") })
    .min(0.03, code("containers.atLeast3CmDeep"))
    .max(2, code("containers.atMost2MDeep")),
  /** The first says where they begin; each later one is a move. */
  stays: z
    .array(z.strictObject({ from: IsoDateSchema, at: StandsAtSchema }))
    .min(1, code("containers.sayWhereTheyStand"))
    .max(200, code("containers.atMost200Moves"))
    .refine(
      (stays) => stays.every(({ from }, at) => at === 0 || from > (stays[at - 1]?.from ?? "")),
      { error: code("containers.movesInTheOrderOfTheirDays") },
    ),
});
export type Container = z.infer<typeof ContainerSchema>;

import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { IdSchema, NameSchema } from "../naming";
import { code, fact, inMessage, type Told } from "../facts";

const whole = (least: number, most: number, what: Told) =>
  z
    .number({ error: inMessage(fact("trays.give", { what })) })
    .int(code("trays.wholeNumbersOnly"))
    .min(least, inMessage(fact("trays.atLeast", { least })))
    .max(most, inMessage(fact("trays.atMost", { most })));
const Cm = z
  .number({ error: code("trays.giveCentimetres") })
  .min(1, code("trays.atLeast1Cm"))
  .max(300, code("trays.atMost300Cm"));

/** Where trays stand: a bench, a heat mat, a cold frame, a place outdoors. */
export const StandSchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  kind: z.enum(["bench", "mat", "frame", "outdoors"]),
  lengthM: z
    .number({ error: code("trays.giveALength") })
    .min(0.1, code("trays.atLeast01M"))
    .max(100, code("trays.atMost100M")),
  widthM: z
    .number({ error: code("trays.giveAWidth") })
    .min(0.1, code("trays.atLeast01M"))
    .max(100, code("trays.atMost100M")),
  /** Set point of a heat mat, °C; null without heat. */
  heatMatC: z
    .number()
    .min(10, code("trays.atLeast10C"))
    .max(35, code("trays.atMost35C"))
    .nullable(),
});
export type Stand = z.infer<typeof StandSchema>;

/** Something done to a sowing, as it is remembered. */
export const TrayEntrySchema = z.strictObject({
  on: IsoDateSchema,
  what: z.enum(["sown", "counted", "thinned", "pottedOn", "split", "discarded", "plantedOut"]),
  /** Seedlings in the sowing's cells afterwards; null where nobody counted. */
  seedlings: z.number().int().min(0).nullable(),
});

/** One crop in some cells of a tray. */
export const TraySowingSchema = z.strictObject({
  id: IdSchema,
  cropId: z.string(),
  varietyId: z.string(),
  /** The lot the seed came from. */
  lotId: IdSchema.nullable(),
  /** The planting it is raised for. */
  plantingId: IdSchema.nullable(),
  sownOn: IsoDateSchema,
  /** 0 for seedlings that were potted on into these cells. */
  seedsPerCell: whole(0, 50, fact("trays.theSeedsForEachCell")),
  /** The cells, counted along the rows from 0. */
  cells: z.array(z.number().int().min(0)).max(2000),
  /** Seedlings in each of the cells, in the same order; null until they are counted. */
  seedlings: z.array(z.number().int().min(0).max(99)).nullable(),
  labelled: z.boolean(),
  entries: z.array(TrayEntrySchema).max(500),
});
export type TraySowing = z.infer<typeof TraySowingSchema>;

/** A tray of cells, what is in them, and where it has stood. */
export const TraySchema = z
  .strictObject({
    id: IdSchema,
    name: NameSchema,
    columns: whole(1, 60, fact("trays.theCellsInARow")),
    rows: whole(1, 60, fact("trays.theRows")),
    cellMl: z
      .number({ error: code("trays.giveTheVolumeOfACell") })
      .min(1, code("trays.atLeast1Ml"))
      .max(5000, code("trays.atMost5000Ml")),
    lengthCm: Cm,
    widthCm: Cm,
    /** Where it stands from which day on, in the order of the days; null is put away. */
    stays: z
      .array(z.strictObject({ from: IsoDateSchema, standId: IdSchema.nullable() }))
      .max(200, code("trays.atMost200Moves")),
    sowings: z.array(TraySowingSchema).max(200, code("trays.atMost200SowingsInATray")),
  })
  .check((context) => {
    const tray = context.value;
    const taken = new Set<number>();
    tray.sowings.forEach((sowing, index) => {
      const path = ["sowings", index, "cells"];
      if (sowing.seedlings && sowing.seedlings.length !== sowing.cells.length) {
        context.issues.push({
          code: "custom",
          path: ["sowings", index, "seedlings"],
          message: code("trays.thereShouldBeOneCountForEachCell"),
          input: sowing.seedlings,
        });
      }
      for (const cell of sowing.cells) {
        const outside = cell >= tray.columns * tray.rows;
        if (!outside && !taken.has(cell)) {
          taken.add(cell);
          continue;
        }
        context.issues.push({
          code: "custom",
          path,
          message: inMessage(
            outside
              ? fact("trays.theTrayHasCellsThereIsNoCell", {
                  columns: tray.columns,
                  rows: tray.rows,
                  cell,
                })
              : fact("trays.twoSowingsHoldCell", { cell }),
          ),
          input: sowing.cells,
        });
        return;
      }
    });
  });
export type Tray = z.infer<typeof TraySchema>;

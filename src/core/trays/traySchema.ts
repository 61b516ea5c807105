import * as z from "zod";
import { IsoDateSchema } from "../calendar";
import { IdSchema, NameSchema } from "../naming";

const whole = (least: number, most: number, what: string) =>
  z
    .number({ error: `Give ${what}.` })
    .int("Whole numbers only.")
    .min(least, `At least ${least}.`)
    .max(most, `At most ${most}.`);
const Cm = z
  .number({ error: "Give centimetres." })
  .min(1, "At least 1 cm.")
  .max(300, "At most 300 cm.");

/** Where trays stand: a bench, a heat mat, a cold frame, a place outdoors. */
export const StandSchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  kind: z.enum(["bench", "mat", "frame", "outdoors"]),
  lengthM: z
    .number({ error: "Give a length." })
    .min(0.1, "At least 0.1 m.")
    .max(100, "At most 100 m."),
  widthM: z
    .number({ error: "Give a width." })
    .min(0.1, "At least 0.1 m.")
    .max(100, "At most 100 m."),
  /** Set point of a heat mat, °C; null without heat. */
  heatMatC: z.number().min(10, "At least 10 °C.").max(35, "At most 35 °C.").nullable(),
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
  seedsPerCell: whole(0, 50, "the seeds for each cell"),
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
    columns: whole(1, 60, "the cells in a row"),
    rows: whole(1, 60, "the rows"),
    cellMl: z
      .number({ error: "Give the volume of a cell." })
      .min(1, "At least 1 mL.")
      .max(5000, "At most 5,000 mL."),
    lengthCm: Cm,
    widthCm: Cm,
    /** Where it stands from which day on, in the order of the days; null is put away. */
    stays: z
      .array(z.strictObject({ from: IsoDateSchema, standId: IdSchema.nullable() }))
      .max(200, "At most 200 moves."),
    sowings: z.array(TraySowingSchema).max(200, "At most 200 sowings in a tray."),
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
          message: "There should be one count for each cell.",
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
          message: outside
            ? `The tray has ${tray.columns * tray.rows} cells; there is no cell ${cell}.`
            : `Two sowings hold cell ${cell}.`,
          input: sowing.cells,
        });
        return;
      }
    });
  });
export type Tray = z.infer<typeof TraySchema>;

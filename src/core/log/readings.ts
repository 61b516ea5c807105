import * as z from "zod";
import { code } from "../facts";

export const READINGS_FORMAT = "late-ember-readings";
export const READINGS_VERSION = 1;

const PlainText = z
  .string()
  .trim()
  .min(1)
  .max(80)
  .regex(/^[^<>\u0000-\u001f\u007f]*$/, code("log.aNameCannotHoldOrControlCharacters"));

/** What thermometers in and around the garden have measured. */
export const ReadingsSchema = z.strictObject({
  format: z.literal(READINGS_FORMAT),
  version: z.literal(READINGS_VERSION),
  source: PlainText,
  /** Made up by a stand-in, not measured by anything. */
  simulated: z.boolean(),
  readings: z
    .array(
      z.strictObject({
        /** Where the thermometer hangs: "outside", or a shelter's id. */
        sensor: PlainText,
        /** Local date and time to the minute: 2026-09-24T06:00. */
        at: z
          .string()
          .regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, code("log.writeTheTimeAs20260924t0600")),
        tempC: z.number().min(-70).max(80),
      }),
    )
    .max(100_000),
});

export type Readings = z.infer<typeof ReadingsSchema>;

/** A sensor's coldest, warmest and latest reading. */
export interface SensorSummary {
  sensor: string;
  minTempC: number;
  maxTempC: number;
  lastTempC: number;
  lastAt: string;
}

/** Each sensor's readings in a line, in the order in which the sensors first report. */
export function summariseReadings({ readings }: Readings): SensorSummary[] {
  const bySensor = new Map<string, SensorSummary>();
  for (const { sensor, at, tempC } of readings) {
    const known = bySensor.get(sensor);
    if (!known) {
      bySensor.set(sensor, {
        sensor,
        minTempC: tempC,
        maxTempC: tempC,
        lastTempC: tempC,
        lastAt: at,
      });
      continue;
    }
    known.minTempC = Math.min(known.minTempC, tempC);
    known.maxTempC = Math.max(known.maxTempC, tempC);
    if (at >= known.lastAt) [known.lastAt, known.lastTempC] = [at, tempC];
  }
  return [...bySensor.values()];
}

import type { Garden } from "@/core/garden";
import type { Preparation } from "@/core/plantings";
import type { QuestionName } from "./questions";

/**
 * What was worked out of a garden, kept on the device: the next start shows it at once, and has it worked
 * out again behind the screen. It is of one version of the program and of one state of the garden.
 */
export interface KeptStart {
  program: string;
  revision: number;
  /** What may have been damaged without a change that was counted. */
  stamp: string;
  preparation: Preparation;
  answers: { name: QuestionName; key: string; value: unknown }[];
}

export const START_KEY = "start";
/** A program that is still being written keeps nothing: what it works out changes under it. */
export const program = process.env.LATE_EMBER_BUILD ?? "";

/** What a kept start must agree in with the garden as it was opened. */
export function stampOf({ place, beds, plantings, logEntries }: Garden): string {
  return JSON.stringify([place, beds.size, plantings.size, logEntries.size]);
}

import type { Arguments, OptionSpec } from "./arguments";
import { cli as say } from "@/words/en/cli";

/** A value printed as JSON, with a plain line when it is bad news; or text as it is. */
type Output = { json: unknown; badNews?: string } | { text: string };

/** One thing the command can do. */
export interface Verb {
  name: string;
  usage: string;
  summary: string;
  options: readonly OptionSpec[];
  /** How many words it takes besides its options. */
  positional: number | "any";
  run(given: Arguments): Output | Promise<Output>;
}

export const UNITS_OPTION: OptionSpec = {
  name: "units",
  takes: "value",
  help: say.metricOrImperialForTemperaturesIn,
};

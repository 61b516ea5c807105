import type { Arguments, OptionSpec } from "./arguments";

type Output = { json: unknown } | { text: string };

/** One thing the command can do. */
export interface Verb {
  name: string;
  usage: string;
  summary: string;
  options: readonly OptionSpec[];
  /** How many words it takes besides its options. */
  positional: number;
  /** What goes to standard output: a value printed as JSON, or text as it is. */
  run(given: Arguments): Output | Promise<Output>;
}

export const UNITS_OPTION: OptionSpec = {
  name: "units",
  takes: "value",
  help: "metric or imperial, for temperatures in sentences",
};

import { cli as say } from "@/words/en/cli";
/** What the command was asked for, cut into its parts. */
export interface Arguments {
  positional: string[];
  options: Map<string, string | true>;
}

/** Something the command cannot do; its message is the one line on standard error. */
export class Refusal extends Error {}

/** An option a verb takes: with a value, or a bare switch. */
export interface OptionSpec {
  name: string;
  takes: "value" | "nothing";
  help: string;
}

/**
 * Reads `--name value` and `--switch` arguments against what the verb takes.
 *
 * @throws Refusal for an unknown option, one given twice, or one without its value
 */
export function readArguments(words: readonly string[], specs: readonly OptionSpec[]): Arguments {
  const positional: string[] = [];
  const options = new Map<string, string | true>();
  for (let index = 0; index < words.length; index += 1) {
    const word = words[index] ?? "";
    if (!word.startsWith("--")) {
      positional.push(word);
      continue;
    }
    const [name = "", inline] = splitOnce(word.slice(2));
    const spec = specs.find((candidate) => candidate.name === name);
    if (!spec) throw new Refusal(say.unknownOption({ name, knownOptions: knownOptions(specs) }));
    if (options.has(name)) throw new Refusal(`--${name} is given twice.`);
    if (spec.takes === "nothing") {
      if (inline !== undefined) throw new Refusal(`--${name} takes no value.`);
      options.set(name, true);
      continue;
    }
    const value = inline ?? words[(index += 1)];
    if (value === undefined) throw new Refusal(`--${name} needs a value: ${spec.help}.`);
    options.set(name, value);
  }
  return { positional, options };
}

function splitOnce(text: string): [string, string | undefined] {
  const at = text.indexOf("=");
  return at < 0 ? [text, undefined] : [text.slice(0, at), text.slice(at + 1)];
}

function knownOptions(specs: readonly OptionSpec[]): string {
  if (specs.length === 0) return say.thisVerbTakesNone;
  return say.knownHere({ map: specs.map((spec) => `--${spec.name}`).join(", ") });
}

/** The text of an option that must be there. */
export function required(given: Arguments, name: string): string {
  const value = given.options.get(name);
  if (typeof value !== "string") throw new Refusal(`--${name} is missing.`);
  return value;
}

export function optional(given: Arguments, name: string): string | undefined {
  const value = given.options.get(name);
  return typeof value === "string" ? value : undefined;
}

/** A number within bounds, or a refusal that says what would be right. */
export function numberOption(text: string, name: string, least: number, most: number): number {
  const value = Number(text);
  if (text.trim() === "" || !Number.isFinite(value) || value < least || value > most) {
    throw new Refusal(`--${name} should be a number from ${least} to ${most}, not "${text}".`);
  }
  return value;
}

import { readArguments, Refusal } from "./arguments";
import type { Verb } from "./verb";
import { amounts } from "./verbs/amounts";
import { check } from "./verbs/check";
import { countback } from "./verbs/countback";
import { crops } from "./verbs/crops";
import { exportFile } from "./verbs/export";
import { fill } from "./verbs/fill";
import { frost } from "./verbs/frost";
import { hardiness } from "./verbs/hardiness";
import { learn } from "./verbs/learn";
import { night } from "./verbs/night";
import { ready } from "./verbs/ready";
import { rehearse } from "./verbs/rehearse";
import { season } from "./verbs/season";
import { sprout } from "./verbs/sprout";
import { sun } from "./verbs/sun";
import { supply } from "./verbs/supply";
import { today } from "./verbs/today";
import { merge } from "./verbs/merge";
import { trial } from "./verbs/trial";
import { cli as say } from "@/words/en/cli";

const VERBS: readonly Verb[] = [
  sun,
  frost,
  crops,
  sprout,
  amounts,
  ready,
  countback,
  night,
  hardiness,
  today,
  supply,
  fill,
  rehearse,
  learn,
  season,
  trial,
  merge,
  check,
  exportFile,
];
const REFUSED = 2;

/** What a call prints and the code it exits with. */
export interface Printed {
  stdout: string;
  stderr: string;
  exitCode: number;
}

/** Runs the command on its words; all output is made before any is printed. */
export async function run(words: readonly string[]): Promise<Printed> {
  const [name, ...rest] = words;
  if (name === undefined || name === "help" || name === "--help") return printed(overview());
  const verb = VERBS.find((candidate) => candidate.name === name);
  if (!verb) {
    return refused(say.thereIsNoVerbKnown({ name, map: VERBS.map((one) => one.name).join(", ") }));
  }
  if (rest.includes("--help")) return printed(helpFor(verb));
  try {
    const given = readArguments(rest, verb.options);
    if (verb.positional !== "any" && given.positional.length !== verb.positional)
      return refused(say.usageEmber({ usage: verb.usage }));
    const result = await verb.run(given);
    if ("text" in result) return printed(result.text);
    const stdout = `${JSON.stringify(result.json, null, 2)}\n`;
    return result.badNews === undefined
      ? printed(stdout)
      : { stdout, stderr: `${result.badNews}\n`, exitCode: REFUSED };
  } catch (error) {
    if (error instanceof Refusal) return refused(error.message);
    throw error;
  }
}

function overview(): string {
  const width = Math.max(...VERBS.map((verb) => verb.name.length));
  const lines = VERBS.map((verb) => `  ${verb.name.padEnd(width)}  ${verb.summary}`);
  return say.lateEmberWithoutABrowserJsonOn({ lines: lines.join("\n") });
}

function helpFor(verb: Verb): string {
  const lines = verb.options.map((option) => `  --${option.name}: ${option.help}`);
  return `ember ${verb.usage}\n${verb.summary}\n${lines.join("\n")}${lines.length > 0 ? "\n" : ""}`;
}

function printed(stdout: string): Printed {
  return { stdout, stderr: "", exitCode: 0 };
}

function refused(message: string): Printed {
  return { stdout: "", stderr: `${message}\n`, exitCode: REFUSED };
}

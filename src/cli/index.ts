import { writeSync } from "node:fs";
import { run } from "./run";

const result = await run(process.argv.slice(2));
print(1, result.stdout);
print(2, result.stderr);
process.exitCode = result.exitCode;

/** Writes all of it, also into a pipe that takes it in pieces; a reader that left early is no error. */
function print(descriptor: number, text: string): void {
  const bytes = Buffer.from(text, "utf8");
  let written = 0;
  while (written < bytes.length) {
    try {
      written += writeSync(descriptor, bytes, written);
    } catch (error) {
      const code = (error as NodeJS.ErrnoException).code;
      if (code === "EPIPE") return;
      if (code !== "EAGAIN") throw error;
    }
  }
}

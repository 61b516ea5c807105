import { containers as say } from "./en/containers";

/** Where containers stand, in words. */
export function standingPlace(
  kind: "outdoors" | "shelter" | "window" | "bench" | "room",
  shelter: string,
): string {
  return kind === "shelter" ? shelter : say[kind];
}

import * as z from "zod";
import { fact } from "../facts";
import type { CommandCall } from "../commands";
import type { Refused } from "./asked";
import { SHARD_FORMAT, SHARD_VERSION } from "./shardFormat";
import { ShardSchema, type Shard } from "./shardSchema";

/** A part of a rehearsal from what was read of a file. */
export function shardFrom(read: unknown): { ok: true; shard: Shard } | Refused {
  const head = z.object({ format: z.literal(SHARD_FORMAT), version: z.number() }).safeParse(read);
  if (head.success && head.data.version !== SHARD_VERSION) {
    const { version } = head.data;
    return { ok: false, refusal: fact("winter.otherVersion", { version }) };
  }
  const parsed = ShardSchema.safeParse(read);
  return parsed.success
    ? { ok: true, shard: parsed.data }
    : { ok: false, refusal: fact("winter.notAShard") };
}

const ChangeSchema = z.array(z.strictObject({ name: z.string(), input: z.unknown() })).min(1);

/** A change's commands from what was read of a file; null where it is no list of commands. */
export function changeFrom(read: unknown): CommandCall[] | null {
  const parsed = ChangeSchema.safeParse(read);
  return parsed.success ? parsed.data.map(({ name, input }) => ({ name, input })) : null;
}

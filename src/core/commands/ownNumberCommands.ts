import * as z from "zod";
import { fact } from "../facts";
import { OwnNumberSchema, type Change } from "../garden";
import { change, command } from "./command";

/** Numbers of the record taken over, or taken over anew: the garden goes by them from now on. */
export const setOwnNumbers = command({
  name: "ownNumber.setMany",
  label: ({ numbers }) => fact("commands.ownNumbers", { count: numbers.length }),
  input: z.object({ numbers: z.array(OwnNumberSchema).min(1).max(2000) }),
  run(garden, { numbers }) {
    const changes = numbers.map((after): Change => {
      const before = garden.ownNumbers.get(after.id) ?? null;
      return { kind: "ownNumber", id: after.id, before, after };
    });
    return change(...changes);
  },
});

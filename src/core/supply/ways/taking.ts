import type { StoreLot } from "../../food";
import type { Planting, Succession } from "../../garden";
import type { Doing } from "./way";

/** The command that takes a way, with its input. */
export type TakenWay =
  | { name: "planting.add"; input: Planting }
  | { name: "succession.add"; input: { succession: Succession; plantings: Planting[] } }
  | {
      name: "plan.take";
      input: {
        leaveOut: string[];
        covers: { bedId: string; pieceId: string }[];
        successions: Succession[];
        plantings: Planting[];
      };
    }
  | { name: "store.putBy"; input: { lot: StoreLot; pickedId: string } };

/**
 * How a way is taken: one command, one step to undo.
 *
 * @param newId makes an id for whatever comes into the garden
 */
export function takenWay(
  doing: Doing,
  newId: (kind: "planting" | "succession" | "store" | "log") => string,
): TakenWay {
  switch (doing.kind) {
    case "sow":
    case "buy":
      return { name: "planting.add", input: { ...doing.planting, id: newId("planting") } };
    case "cover": {
      const { bedId, pieceId } = doing;
      const none = { leaveOut: [], successions: [], plantings: [] };
      return { name: "plan.take", input: { ...none, covers: [{ bedId, pieceId }] } };
    }
    case "store":
      return {
        name: "store.putBy",
        input: { lot: { ...doing.lot, id: newId("store") }, pickedId: newId("log") },
      };
    case "shoots":
    case "force": {
      const id = newId("succession");
      return {
        name: "succession.add",
        input: {
          succession: { id, rule: "calendar", interval: doing.everyDays },
          plantings: doing.plantings.map((one) => ({
            ...one,
            id: newId("planting"),
            successionId: id,
          })),
        },
      };
    }
  }
}

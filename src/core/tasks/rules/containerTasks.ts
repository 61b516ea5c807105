import { dayNumber } from "../../calendar";
import { standsAtOn } from "../../containers";
import { fact, type Told } from "../../facts";
import type { Garden } from "../../garden";
import { PLAIN, type Round, type Task } from "../task";

/** A move is asked for from its day on, and so long after it. */
const ASKED_AFTER_DAYS = 7;

/** Containers whose day has come to be carried somewhere else. */
export function containerTasks({ garden, day }: Round): Task[] {
  return [...garden.beds.values()].flatMap((bed): Task[] => {
    const { container } = bed;
    const move = container?.stays.slice(1).findLast(({ from }) => dayNumber(from) <= day);
    if (!container || !move) return [];
    const onDay = dayNumber(move.from);
    if (day > onDay + ASKED_AFTER_DAYS) return [];
    const before = standsAtOn(container, onDay - 1);
    if (before.kind === move.at.kind && move.at.kind !== "shelter") return [];
    const isOut = move.at.kind === "outdoors";
    return [
      {
        ...PLAIN,
        id: `${bed.id}-move-${move.from}`,
        kind: isOut ? "carryOut" : "carryIn",
        subject: bed.name,
        place: bed.name,
        bedId: bed.id,
        fromDay: onDay,
        untilDay: onDay,
        reason: fact("tasks.theirMoveIsPlannedFor", { onDay }),
        howMuch: fact("tasks.toPlace", {
          kind: move.at.kind,
          shelter: shelterName(garden, move.at),
        }),
        endsWhen: fact("tasks.theyStandThere"),
        ifLeft: fact("tasks.theyGrowAsWhereTheyStand"),
        isLate: day > onDay,
      },
    ];
  });
}

function shelterName({ shelters }: Garden, at: ReturnType<typeof standsAtOn>): Told {
  return at.kind === "shelter" ? (shelters.get(at.shelterId)?.name ?? "") : "";
}

import type { Garden } from "../garden";
import type { LogEntry } from "../log";
import { plantingName } from "../plantings";

/**
 * An entry's subject and place by name; empty where it has none.
 *
 * @param outside the name of the open air
 */
export function subjectOf(
  garden: Garden,
  { what }: LogEntry,
  outside: string,
): { subject: string; place: string } {
  if (what.kind === "temperature") {
    const { under } = what;
    const there =
      under === null
        ? undefined
        : under.kind === "bed"
          ? garden.beds.get(under.id)
          : garden.shelters.get(under.id);
    return { subject: "", place: under === null ? outside : (there?.name ?? "") };
  }
  const planting = garden.plantings.get(what.plantingId ?? "");
  const bedId = planting?.bedId ?? ("bedId" in what ? what.bedId : null);
  return {
    subject: planting ? plantingName(garden, planting) : "subject" in what ? what.subject : "",
    place: garden.beds.get(bedId ?? "")?.name ?? ("place" in what ? what.place : ""),
  };
}

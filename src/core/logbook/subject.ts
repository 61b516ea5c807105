import { fact, toldBy, type Told } from "../facts";
import { cropsOf, type Garden } from "../garden";
import type { LogEntry } from "../log";
import { plantingName } from "../plantings";

/** What an entry is about and where: by name, or as the fact that was kept; empty where it has none. */
export function subjectOf(garden: Garden, { what }: LogEntry): { subject: Told; place: Told } {
  if (what.kind === "temperature") {
    const { under } = what;
    if (under === null) return { subject: "", place: fact("logbook.outside") };
    const there = (under.kind === "bed" ? garden.beds : garden.shelters).get(under.id);
    return { subject: "", place: there?.name ?? "" };
  }
  if (what.kind === "taken") {
    const lot = garden.storeLots.get(what.storeLotId);
    const crop = lot && cropsOf(garden).get(lot.cropId);
    return {
      subject: crop?.name ?? "",
      place: lot ? fact("logbook.inStore", { place: lot.place }) : "",
    };
  }
  const planting = garden.plantings.get(what.plantingId ?? "");
  const bedId = planting?.bedId ?? ("bedId" in what ? what.bedId : null);
  return {
    subject: planting
      ? plantingName(garden, planting)
      : toldBy("subject" in what ? what.subject : ""),
    place: garden.beds.get(bedId ?? "")?.name ?? toldBy("place" in what ? what.place : ""),
  };
}

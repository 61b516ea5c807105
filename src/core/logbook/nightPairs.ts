import type { Garden } from "../garden";
import { ThermometerDaySchema, type ThermometerDay } from "../log";
import type { LineContext, Understood } from "./understood";
import { fact } from "../facts";

/** An inside and an outside reading of one day belong together, as a night of a thermometer. */
export function asPairs(list: Understood[], { garden, newId }: LineContext): Understood[] {
  const isReading = (one: Understood, inside: boolean) =>
    one.entry?.what.kind === "temperature" && (one.entry.what.under !== null) === inside;
  const outside = list.find((one) => isReading(one, false));
  const inside = list.filter((one) => isReading(one, true));
  if (!outside || inside.length === 0) return list;
  return list.flatMap((one): Understood[] => {
    if (one === outside) return [];
    if (!inside.includes(one)) return [one];
    const within = one.entry?.what;
    const without = outside.entry?.what;
    if (within?.kind !== "temperature" || without?.kind !== "temperature" || !within.under)
      return [one];
    const night = ThermometerDaySchema.safeParse({
      id: thermometerId(garden, within.under, one.entry?.on ?? "") ?? newId("log"),
      under: within.under,
      on: one.entry?.on,
      insideMinC: within.tempC,
      outsideMinC: without.tempC,
      insideMaxC: null,
      outsideMaxC: null,
      source: "typed",
    });
    if (!night.success) return [one];
    const where =
      within.under.kind === "bed"
        ? garden.beds.get(within.under.id)
        : garden.shelters.get(within.under.id);
    return [
      {
        ...one,
        entry: null,
        thermometerDay: night.data,
        words: fact("logbook.lowestInOutside", {
          tempC: within.tempC,
          where: where?.name ?? within.under.id,
          tempC2: without.tempC,
        }),
      },
    ];
  });
}

/** A day that is there already is replaced. */
function thermometerId(
  garden: Garden,
  under: ThermometerDay["under"],
  on: string,
): string | undefined {
  return [...garden.thermometerDays.values()].find(
    (one) => one.under.kind === under.kind && one.under.id === under.id && one.on === on,
  )?.id;
}

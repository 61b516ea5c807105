import { z } from "zod";
import containersJson from "@data/containerKinds.json";
import { CONTAINER_KINDS, diameterFor, type Container, type StandsAt } from "@/core/containers";
import type { Bed } from "@/core/garden";
import { exactM } from "@/core/layout";
import { celsius, centimetres, inches, litresFromGallons, type Units } from "@/core/units";
import { containers as say } from "@/words/en/containers";
import { maybeAmount } from "../forms";

/** Containers as a form holds them, sizes in the grower's short units: to be spread into its schema. */
export const CONTAINER_FIELDS = {
  kind: z.enum(CONTAINER_KINDS),
  outline: z.enum(["round", "rectangle"]),
  sizeBy: z.enum(["size", "volume"]),
  /** Diameter, or length of each. */
  each: maybeAmount,
  wide: maybeAmount,
  depth: maybeAmount,
  /** Litres or gallons that each holds. */
  volume: maybeAmount,
  /** "outdoors", "window", "bench", or a shelter's id. */
  at: z.string(),
};
export type ContainerFields = z.infer<z.ZodObject<typeof CONTAINER_FIELDS>>;

type Kind = ContainerFields["kind"];

const shortOf = (m: number, units: Units) =>
  Math.round((units === "imperial" ? inches(m * 100) : m * 100) * 10) / 10;
const metresFrom = (short: number, units: Units) =>
  exactM((units === "imperial" ? centimetres(short) : short) / 100);

/** What a kind usually is, in the grower's units. */
export function usualContainer(kind: Kind, units: Units): ContainerFields {
  const { outline, eachM, widthM, depthM } = containersJson.kinds[kind];
  // Whole inches for who measures in them.
  const short = (m: number) =>
    units === "imperial" ? Math.round(shortOf(m, units)) : shortOf(m, units);
  return {
    kind,
    outline: outline as "round" | "rectangle",
    sizeBy: "size",
    each: short(eachM),
    wide: short(widthM),
    depth: short(depthM),
    volume: units === "imperial" ? 5 : 20,
    at: "outdoors",
  };
}

/** A row of containers as its fields show it. */
export function containerFieldsOf(
  { kind, outline, eachM, depthM }: Container,
  { widthM }: Pick<Bed, "widthM">,
  units: Units,
): ContainerFields {
  return {
    ...usualContainer(kind, units),
    outline,
    each: shortOf(eachM, units),
    wide: shortOf(widthM, units),
    depth: shortOf(depthM, units),
  };
}

/** A growing room as a form holds it, temperatures in the grower's degrees: to be spread into its schema. */
export const ROOM_FIELDS = {
  roomMin: maybeAmount,
  roomMax: maybeAmount,
  lampHours: maybeAmount,
  lampUmol: maybeAmount,
};
export type RoomFields = z.infer<z.ZodObject<typeof ROOM_FIELDS>>;

/** A growing room as its fields say; what is missing is refused by the garden, with its name. */
export function roomFrom(
  { roomMin, roomMax, lampHours, lampUmol }: RoomFields,
  units: Units,
): StandsAt {
  const inC = (value: number) =>
    units === "imperial" ? Math.round(celsius(value) * 10) / 10 : value;
  return { kind: "room", minC: inC(roomMin), maxC: inC(roomMax), lampHours, lampUmol };
}

/** Light of lamps in a day, mol/m². */
export function lampMol({ lampHours, lampUmol }: Pick<RoomFields, "lampHours" | "lampUmol">) {
  return (lampHours * lampUmol * SECONDS_PER_HOUR) / UMOL_PER_MOL;
}

const SECONDS_PER_HOUR = 3600;
const UMOL_PER_MOL = 1e6;

/** Where a choice says that they stand. */
export function standsAtFrom(at: string): StandsAt {
  if (at === "outdoors" || at === "window" || at === "bench") return { kind: at };
  return { kind: "shelter", shelterId: at };
}

/** Size of each container that is typed, m; NaN where something is missing. */
export function sizesFrom(fields: ContainerFields, units: Units) {
  const depthM = metresFrom(fields.depth, units);
  const isRound = fields.outline === "round";
  const litres = units === "imperial" ? litresFromGallons(fields.volume) : fields.volume;
  const eachM =
    isRound && fields.sizeBy === "volume"
      ? diameterFor(litres, depthM)
      : metresFrom(fields.each, units);
  return { eachM, widthM: isRound ? eachM : metresFrom(fields.wide, units), depthM };
}

/** The row of containers that the fields say. */
export function rowFrom(
  fields: ContainerFields,
  count: number,
  from: string,
  units: Units,
): Pick<Bed, "lengthM" | "widthM"> & { container: Container } {
  const { eachM, widthM, depthM } = sizesFrom(fields, units);
  const { kind, outline } = fields;
  const stays = [{ from, at: standsAtFrom(fields.at) }];
  return {
    lengthM: exactM(count * eachM),
    widthM,
    container: { kind, outline, eachM, depthM, stays },
  };
}

/** Refuses what is missing, for a schema that the fields are spread into. */
export function refineContainer(fields: ContainerFields, context: z.RefinementCtx): void {
  const need = (name: keyof ContainerFields, message: string) => {
    const value = fields[name];
    if (!(typeof value === "number" && value > 0 && Number.isFinite(value)))
      context.addIssue({ code: "custom", path: [name], message });
  };
  need("depth", say.enterTheDepth);
  if (fields.outline === "round" && fields.sizeBy === "volume") {
    return need("volume", say.enterTheVolume);
  }
  need("each", say.enterTheDiameter);
  if (fields.outline === "rectangle") need("wide", say.enterTheWidth);
}

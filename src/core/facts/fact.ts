import type { Told } from "./told";
import type { BedCareFacts } from "./bedCare";
import type { BedSpaceFacts } from "./bedSpace";
import type { BringInFacts } from "./bringIn";
import type { CalendarFacts } from "./calendar";
import type { ClimateFacts } from "./climate";
import type { CommandsFacts } from "./commands";
import type { ContainersFacts } from "./containers";
import type { FoodFacts } from "./food";
import type { SupplyFacts } from "./supply";
import type { CropsFacts } from "./crops";
import type { FormatsFacts } from "./formats";
import type { FrostNightFacts } from "./frostNight";
import type { GardenFacts } from "./garden";
import type { GardenFileFacts } from "./gardenFile";
import type { LayoutFacts } from "./layout";
import type { LogFacts } from "./log";
import type { LogbookFacts } from "./logbook";
import type { NamingFacts } from "./naming";
import type { PlantingsFacts } from "./plantings";
import type { ScheduleFacts } from "./schedule";
import type { SeedBoxFacts } from "./seedBox";
import type { ShelterFacts } from "./shelter";
import type { SkyFacts } from "./sky";
import type { SoilFacts } from "./soil";
import type { TasksFacts } from "./tasks";
import type { TraysFacts } from "./trays";
import type { WeatherFilesFacts } from "./weatherFiles";
import type { WinterFacts } from "./winter";

/** Every code, with what it is about: numbers in SI, days as day numbers, names as the grower wrote them. */
export interface Facts
  extends
    BedCareFacts,
    BedSpaceFacts,
    BringInFacts,
    CalendarFacts,
    ClimateFacts,
    CommandsFacts,
    ContainersFacts,
    FoodFacts,
    SupplyFacts,
    CropsFacts,
    FormatsFacts,
    FrostNightFacts,
    GardenFacts,
    GardenFileFacts,
    LayoutFacts,
    LogFacts,
    LogbookFacts,
    NamingFacts,
    PlantingsFacts,
    ScheduleFacts,
    SeedBoxFacts,
    ShelterFacts,
    SkyFacts,
    SoilFacts,
    TasksFacts,
    TraysFacts,
    WeatherFilesFacts,
    WinterFacts {}

export type Code = keyof Facts;

export type FactOf<C extends Code> = { readonly code: C } & Readonly<Facts[C]>;

/**
 * What the core has to say. `src/words` makes the sentence, in the reader's language and units. What it is
 * about is checked where it is made, by `fact`: a union of all of them would be too much for the compiler.
 */
export interface Fact {
  readonly code: Code;
}

/** Codes of facts that are about nothing else. */
export type BareCode = { [C in Code]: keyof Facts[C] extends never ? C : never }[Code];

/**
 * A fact of the garden, to be told by `src/words`.
 *
 * @example fact("trays.thereIsAlreadyATrayCalled", { tray: "Leeks 1" })
 */
export function fact<C extends BareCode>(code: C): FactOf<C>;
export function fact<C extends Code>(code: C, about: Facts[C]): FactOf<C>;
export function fact(code: Code, about: object = {}): Fact {
  return { code, ...about } as Fact;
}

/** Whether what is told is a fact with a code: then what it is about can be read. */
export function isFact<C extends Code>(told: Told | null, code: C): told is FactOf<C> {
  return told !== null && typeof told !== "string" && told.code === code;
}

/** A fact as the message of a Zod schema, which holds text only: its code, for the words to look up. */
export function code(bare: BareCode): string {
  return bare;
}

/** A fact about something, as the message of a Zod schema. */
export function inMessage(told: Fact): string {
  return keyOf(told);
}

/** A fact or a name as a text to keep or to compare: the name, the bare code, or the whole as JSON. */
export function keyOf(told: Told): string {
  if (typeof told === "string") return told;
  return Object.keys(told).length === 1 ? told.code : JSON.stringify(told);
}

/** The fact that a schema's message, or a kept text, stands for; null where it is none of ours. */
export function fromMessage(message: string): Fact | null {
  if (/^[a-zA-Z]+\.\w+$/.test(message)) return { code: message } as Fact;
  if (!message.startsWith('{"code":"')) return null;
  try {
    const read = JSON.parse(message) as { code: unknown };
    return typeof read.code === "string" ? (read as Fact) : null;
  } catch {
    return null;
  }
}

/** What a kept text stands for: the fact where it is one, else the name. */
export function toldBy(key: string): Told {
  return fromMessage(key) ?? key;
}

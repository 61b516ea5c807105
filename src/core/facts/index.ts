export {
  code,
  fact,
  fromMessage,
  inMessage,
  isFact,
  keyOf,
  toldBy,
  type Code,
  type Fact,
  type FactOf,
  type Facts,
} from "./fact";
export type { Nothing, Told } from "./told";
export type { BedCareFacts } from "./bedCare";
export type { BedSpaceFacts } from "./bedSpace";
export type { ContainersFacts } from "./containers";
export type { BringInFacts } from "./bringIn";
export type { CalendarFacts } from "./calendar";
export type { ClimateFacts } from "./climate";
export type { CommandsFacts } from "./commands";
export type { CropsFacts } from "./crops";
export type { FoodFacts } from "./food";
export type { FormatsFacts } from "./formats";
export type { FrostNightFacts } from "./frostNight";
export type { GardenFacts } from "./garden";
export type { GardenFileFacts } from "./gardenFile";
export type { LayoutFacts } from "./layout";
export type { LogFacts } from "./log";
export type { LogbookFacts } from "./logbook";
export type { NamingFacts } from "./naming";
export type { PlantingsFacts } from "./plantings";
export type { ScheduleFacts } from "./schedule";
export type { SeedBoxFacts } from "./seedBox";
export type { ShelterFacts } from "./shelter";
export type { SkyFacts } from "./sky";
export type { SoilFacts } from "./soil";
export type { SupplyFacts } from "./supply";
export type { WinterFacts } from "./winter";
export type { TasksFacts } from "./tasks";
export type { TraysFacts } from "./trays";
export type { WeatherFilesFacts } from "./weatherFiles";

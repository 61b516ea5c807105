export { CropSchema, type Crop, type PacketBasis, type Variety } from "./schema";
export { cropLibrary, varietyOf } from "./library";
export {
  benchDayWorth,
  dayWorthOf,
  lightResponse,
  temperatureResponse,
  type DayWorth,
} from "./growth";

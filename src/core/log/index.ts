export {
  READINGS_FORMAT,
  READINGS_VERSION,
  ReadingsSchema,
  summariseReadings,
  type Readings,
  type SensorSummary,
} from "./readings";

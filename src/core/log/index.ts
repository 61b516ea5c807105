export {
  LogEntrySchema,
  LOSS_CAUSES,
  LoggedSchema,
  TAKEN_FOR,
  TaskIdSchema,
  type LogEntry,
  WriterSchema,
  type Logged,
  type LoggedKind,
  type LossCause,
  type TakenFor,
  type Writer,
} from "./entry";
export { WORKS, WORK_IN_TIME, type Work } from "./work";
export {
  READINGS_FORMAT,
  READINGS_VERSION,
  ReadingsSchema,
  summariseReadings,
  type Readings,
  type SensorSummary,
} from "./readings";
export { ThermometerDaySchema, type ThermometerDay } from "./thermometerDay";
export {
  daysFromSeries,
  withoutStuckDays,
  type DayOfPair,
  type Point,
  type SeriesDays,
} from "./thermometerSeries";

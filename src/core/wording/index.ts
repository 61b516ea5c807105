export {
  celsius,
  chanceWords,
  fahrenheit,
  feet,
  inches,
  metres,
  ounces,
  plainWording,
  temperatureWords,
  type Units,
  type Wording,
} from "./wording";

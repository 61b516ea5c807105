export {
  celsius,
  centimetres,
  cubicInches,
  fahrenheit,
  feet,
  inches,
  metres,
  millilitres,
  ounces,
  type Units,
} from "./units";

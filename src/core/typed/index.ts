export { readLength, type LengthUnit } from "./readLength";
export { readNumber, type DecimalMark } from "./readNumber";

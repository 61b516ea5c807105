export { readNumber, type DecimalMark } from "./readNumber";

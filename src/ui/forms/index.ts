export { amount, maybeAmount, readable } from "./amounts";
export { CoverField } from "./CoverField";
export { CheckField, ChoiceField, DateField, LengthField, NumberField, WordsField } from "./fields";
export { useFields, type Fields } from "./useFields";
export { useKeptFields } from "./useKeptFields";

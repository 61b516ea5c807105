export { amount, maybeAmount, readable } from "./amounts";
export { CoverField } from "./CoverField";
export { CheckField, ChoiceField, DateField, LengthField, NumberField, WordsField } from "./fields";
export { HowMuchField } from "./HowMuchField";
export { HOW_MUCH_FIELDS, howMuchFrom, USUAL_HOW_MUCH_FIELDS } from "./howMuchFields";
export { useFields, type Fields } from "./useFields";
export { useKeptFields } from "./useKeptFields";

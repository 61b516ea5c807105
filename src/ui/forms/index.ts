export { amount, maybeAmount } from "./amounts";
export { CheckField, ChoiceField, DateField, NumberField, WordsField } from "./fields";
export { KEPT, useFields } from "./useFields";

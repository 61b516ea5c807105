export { closedSeason, seasonToClose } from "./closing";
export {
  nextSeason,
  type Draft,
  type DraftNote,
  type NextSeason,
  type RestDraft,
} from "./nextSeason";
export { reviewOf, type CameLate, type SeasonGap, type SeasonReview } from "./review";
export { suggestionsFrom, type Suggestion } from "./suggestions";
export { comparedBy, comparedIn, type Compared, type ComparedGroup } from "./comparison";
export { closingOn, seasonOnAPage } from "./pages";

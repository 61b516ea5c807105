import { table } from "../table";

/** What ui says. */
export const ui = table({
  skipToView: "Skip to the view",
  noCropByThatName: "No crop by that name.",
  makeYourOwnFromASimilarOne: "Make your own from a similar one",
  lbPer100SqFt: "lb/100 sq ft",
  lbPer1000SqFt: "lb/1,000 sq ft",
  noneInTheOpen: "None: uncovered",
  cover: "Cover",
  enterANumberLike75: "Enter a number, like 7.5.",
  views: "Views",
  season: "Season",
  close: "Close",
  more: "More",
  noConnectionTryAgain: "No connection. Try again",
  reloadThePage: "Reload the page",
  thisPartOfThePageFailedYourDataIs:
    "This part of the page failed. Your data is safe. Reload the page if it happens again.",
  tryAgain: "Try again",
  crop: "Crop",
  variety: "Variety",
  cancel: "Cancel",
  day: "Day",
  month: "Month",
  dateInView: "Date in view",
  ofDaylight: ({ date, isDay, hours }: { date: string; isDay: boolean; hours: string }) =>
    `${date}${isDay ? ", today" : ""}, ${hours} of daylight`,
  directSunOn: ({ bedName }: { bedName: string }) => `direct sun on ${bedName}`,
  whatComesIsNotKnownYet: "what comes is not known yet",
  frostyNights: "frosts",
  frostOdds: "frost odds",
  daylight: "daylight",
  underHours: ({
    shortDayHours,
    date,
    date2,
  }: {
    shortDayHours: number;
    date: string;
    date2: string;
  }) => `under ${shortDayHours} hours: ${date} – ${date2}`,
  hMin: ({ floor, minutes }: { floor: number; minutes: number }) => `${floor} h ${minutes} min`,
  whatDoesMean: ({ name }: { name: string }) => `What does “${name}” mean?`,
  save: "Save",
});

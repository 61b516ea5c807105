import { plural, table } from "../table";

/** What is said when the garden is kept safe elsewhere, handed on, or put into a calendar. */
export const keeping = table({
  calendarForYourPhone: "Calendar for your phone",
  saveCalendar: "Save calendar",
  whatTheCalendarHolds:
    "From today on: every sowing, hardening off, transplanting and first picking, each with how it strays from year to year; for the next two weeks also one entry a day for the garden round with its list, and what must not be late.",
  ringsWhereLatenessCosts:
    "Ring where being late costs a crop: at seven in the morning, and at three in the afternoon for what is done before a cold night",
  laterFilesUpdateIt:
    "Save it again whenever the plan has changed: your phone's calendar then moves what moved and cancels what is no longer planned.",
  openingItAgainUpdates:
    "You have saved one from this device before. Open the new file the same way: what moved is moved, what is no longer planned is cancelled.",
  backups: "Backups…",
  backupsTitle: "Backups",
  neverSaved: "This garden has not been saved as a file yet. It is only in this browser.",
  savedToday: "Last saved as a file today.",
  savedAgo: ({ days }: { days: number }) =>
    `Last saved as a file ${days} ${plural(days, "day", "days")} ago.`,
  changesSince: ({ changes }: { changes: number }) =>
    `${changes} ${plural(changes, "change", "changes")} since.`,
  saveNow: "Save garden file now",
  later: "Later",
  folderHeading: "A copy every day, by itself",
  folderHelp:
    "Choose a folder: while Late Ember is open it keeps a dated copy of the garden there, one file a day. Older copies stay until you delete them.",
  folderMissing:
    "This browser cannot write to folders by itself. Save a file now and then, and keep it on another device too.",
  chooseFolder: "Choose folder…",
  otherFolder: "Other folder…",
  folderIs: ({ name }: { name: string }) => `Copies go to the folder “${name}”.`,
  stopCopies: "Stop",
  copyNow: "Copy now",
  allowAgain: "Allow writing again",
  folderAsks: ({ name }: { name: string }) =>
    `The browser asks anew before it writes to “${name}”: no copy is made until then.`,
  copied: ({ file }: { file: string }) => `Copied to ${file}.`,
  copyFailed: ({ reason }: { reason: string }) =>
    `The copy could not be written: ${reason} The garden here is unharmed. Choose the folder again, or save a file.`,
  copiesHeading: "Copies in the folder",
  noCopies: "No copy there yet.",
  lookAtCopy: ({ file }: { file: string }) => `Look at ${file}`,
  restoreHelp: "Look at a copy to see what would change; nothing is replaced before you say so.",
  lastCopy: ({ time }: { time: string }) => `Last copy ${time}.`,
  shareGarden: "Share garden file…",
  shareTitle: "Share garden file",
  preparing: "Preparing the file…",
  shareReady: ({ file }: { file: string }) =>
    `${file} is ready. Whoever gets it can open it in Late Ember, or join it with their own.`,
  share: "Share",
  shareFailed: "The device did not take the file. Save it instead, and send it as you like.",
  saveInstead: "Save as a file instead",
  shareList: "Share list",
  dropHere: "Let go to look at the file",
  dropOne: "Drop one file at a time.",
  dropUnknown: ({ file }: { file: string }) =>
    `Late Ember cannot tell what ${file} is. It takes garden files (.json), maps of beds (.geojson) and tables (.csv).`,
});

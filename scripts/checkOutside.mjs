// What is exported, read by programs that are not ours: Debian's python3-icalendar, GDAL and LibreOffice.
// `apt-get install python3-icalendar gdal-bin libreoffice-calc` brings them; nothing else here needs them.
import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { root } from "./prepare.mjs";

const GARDEN = join(root, "data", "demo", "tarnholt-commons.json");
const garden = JSON.parse(readFileSync(GARDEN, "utf8"));
const folder = mkdtempSync(join(tmpdir(), "late-ember-outside-"));
/** Letters that a wrong encoding spoils, and a note that begins with a minus. */
garden.beds[0].name = "Gärtchen – süd";
garden.logEntries[0].note = "- über Nacht 2 °C";
const named = join(folder, "garden.json");
writeFileSync(named, JSON.stringify(garden));

const failures = [];
calendar();
map();
for (const as of ["plantings.csv", "tasks.csv", "log.csv", "seedbox.csv"]) table(as);
rmSync(folder, { recursive: true, force: true });
for (const failure of failures) console.error(`✗ ${failure}`);
process.exit(failures.length > 0 ? 1 : 0);

function exported(as, ...more) {
  const tsx = join(root, "node_modules", ".bin", "tsx");
  const words = [join(root, "src/cli/index.ts"), "export", "--garden", named, "--as", as, ...more];
  const text = execFileSync(tsx, words, { encoding: "utf8", maxBuffer: 64e6 });
  const path = join(folder, as === "ics" ? "garden.ics" : as);
  writeFileSync(path, text);
  return path;
}

/** Runs a reader and looks at what it found. */
function read(what, program, words, isRight) {
  try {
    const said = execFileSync(program, words, { encoding: "utf8", maxBuffer: 64e6 });
    const wrong = isRight(said);
    if (wrong) failures.push(`${what}: ${wrong}`);
    else console.log(`✓ ${what}`);
  } catch (error) {
    failures.push(`${what}: ${error.message.split("\n", 1)[0]}`);
  }
}

function calendar() {
  const path = exported("ics", "--rings");
  const script = [
    "import icalendar, json, sys",
    "calendar = icalendar.Calendar.from_ical(open(sys.argv[1], 'rb').read())",
    "events = [one for one in calendar.walk('VEVENT')]",
    "days = [one.decoded('dtstart') for one in events]",
    "print(json.dumps({'events': len(events), 'days': sum(type(day).__name__ == 'date' for day in days),",
    "  'alarms': len(calendar.walk('VALARM')), 'uids': len({str(one['uid']) for one in events}),",
    "  'places': sorted({str(one.get('location', '')) for one in events})}))",
  ].join("\n");
  read("calendar, by python3-icalendar", "/usr/bin/python3", ["-c", script, path], (said) => {
    const { events, days, alarms, uids, places } = JSON.parse(said);
    console.log(`  ${events} events, ${alarms} alarms`);
    if (events === 0 || days !== events) return `${days} of ${events} events are whole days`;
    if (uids !== events) return `${events} events have ${uids} UIDs`;
    if (alarms === 0) return "no alarm";
    const known = new Set([...garden.beds, ...garden.shelters].map(({ name }) => name));
    return places.some((place) => known.has(place)) ? null : "no place is one of the garden's";
  });
}

function map() {
  const path = exported("geojson");
  read("beds, by GDAL", "ogrinfo", ["-ro", "-al", "-so", path], (said) => {
    const count = Number(/Feature Count: (\d+)/.exec(said)?.[1]);
    console.log(`  ${count} features`);
    if (!(count >= garden.beds.length)) return `${count} features of ${garden.beds.length} beds`;
    return /WGS 84/.test(said) ? null : "not in WGS 84";
  });
}

function table(as) {
  const path = exported(as);
  const out = join(folder, "read");
  // Back out as UTF-8 with semicolons: what the spreadsheet has understood.
  const wanted = "csv:Text - txt - csv (StarCalc):59,34,76";
  // Asked by nobody it takes every table for Windows-1252; its dialog proposes UTF-8 by the byte order mark.
  const asDialogProposes = "--infilter=Text - txt - csv (StarCalc):44,34,76";
  const words = ["--headless", asDialogProposes, "--convert-to", wanted, "--outdir", out, path];
  read(`${as}, by LibreOffice`, "soffice", words, () => {
    const text = readFileSync(join(out, as), "utf8");
    const lines = text.trim().split("\n").length;
    const meant = readFileSync(path, "utf8").trim().split("\r\n").length;
    console.log(`  ${lines} lines`);
    if (lines !== meant) return `${lines} of ${meant} lines`;
    if (/Ã|â€/.test(text)) return "letters are spoilt";
    if (as === "log.csv" && !text.includes("- über Nacht 2 °C")) return "the note is spoilt";
    return null;
  });
}

import Box from "@mui/material/Box";
import type { DayNumber } from "@/core/calendar";
import type { Garden } from "@/core/garden";
import type { TaskAhead } from "@/core/tasks";
import { regionOf } from "@/ui/region";
import { useWording } from "@/ui/wording";
import { sheetOf, type SheetLine, type SheetStop } from "./sheetStops";
import { today as say } from "@/words/en/today";

interface Props {
  garden: Garden;
  ahead: readonly TaskAhead[];
  fromDay: DayNumber;
  withReasons: boolean;
}

/** The sheet as it comes out of the printer: black on white, two columns, a box for each task. */
export function SheetPage({ garden, ahead, fromDay, withReasons }: Props) {
  const wording = useWording();
  const stops = sheetOf(garden, ahead, fromDay, wording);
  const count = stops.reduce((sum, { lines }) => sum + lines.length, 0);
  // A full week of a large garden goes into three narrow columns, and smaller, but stays legible.
  const columns = withReasons ? 2 : count > 60 ? 3 : 2;
  const fontSize = withReasons
    ? "9.5pt"
    : count > 90
      ? "7.8pt"
      : count > 70
        ? "8.6pt"
        : count > 45
          ? "9.4pt"
          : "10.5pt";
  return (
    <Box
      component="article"
      aria-label={say.weekFrom({ head: garden.head.name, date: wording.longDate(fromDay) })}
      sx={{
        bgcolor: "#fff",
        color: "#000",
        p: { xs: 1.5, sm: 2 },
        fontSize,
        lineHeight: 1.28,
        "@media print": { p: 0 },
        "@page": { size: regionOf().paper, margin: "9mm" },
      }}
    >
      <Box
        sx={{ display: "flex", justifyContent: "space-between", alignItems: "baseline", mb: "2mm" }}
      >
        <Box sx={{ fontFamily: "var(--font-heading)", fontWeight: 600, fontSize: "15pt" }}>
          {garden.head.name}
        </Box>
        <Box sx={{ fontSize: "10.5pt" }}>
          {say.to({ date: wording.longDate(fromDay), date2: wording.longDate(fromDay + 6) })}
        </Box>
      </Box>
      <Box
        sx={{
          columnCount: { xs: 1, sm: columns },
          columnGap: "6mm",
          "@media print": { columnCount: columns },
        }}
      >
        {stops.map((stop) => (
          <StopBlock key={stop.name} stop={stop} withReasons={withReasons} />
        ))}
      </Box>
      {count <= ROOM_TO_WRITE && <WriteDown fromDay={fromDay} />}
    </Box>
  );
}

/** Up to so many lines leave room to write at the foot of the page. */
const ROOM_TO_WRITE = 45;
const WRITTEN = [say.lowestInside, say.lowestOutside, "picked"];

/** A small table to be filled by hand and typed into the log later. */
function WriteDown({ fromDay }: Pick<Props, "fromDay">) {
  const wording = useWording();
  const days = Array.from({ length: 7 }, (_, index) => fromDay + index);
  const cell = { border: "0.2mm solid #000", height: "6.5mm", px: "1mm", fontWeight: 400 };
  return (
    <Box
      component="table"
      aria-label={say.writeDown}
      sx={{ width: "100%", borderCollapse: "collapse", mt: "3mm", breakInside: "avoid" }}
    >
      <thead>
        <tr>
          <Box component="td" sx={{ ...cell, border: 0 }} />
          {days.map((day) => (
            <Box component="th" key={day} scope="col" sx={{ ...cell, height: "auto" }}>
              {wording.narrowDate(day)}
            </Box>
          ))}
        </tr>
      </thead>
      <tbody>
        {WRITTEN.map((what) => (
          <tr key={what}>
            <Box
              component="th"
              scope="row"
              sx={{ ...cell, textAlign: "left", whiteSpace: "nowrap" }}
            >
              {what}
            </Box>
            {days.map((day) => (
              <Box component="td" key={day} sx={cell} />
            ))}
          </tr>
        ))}
      </tbody>
    </Box>
  );
}

function StopBlock({ stop, withReasons }: { stop: SheetStop; withReasons: boolean }) {
  return (
    <Box component="section" aria-label={stop.name} sx={{ mb: "2mm" }}>
      <Box
        component="h2"
        sx={{
          m: 0,
          mb: "0.6mm",
          fontSize: "1.1em",
          borderBottom: "0.3mm solid #000",
          breakAfter: "avoid",
        }}
      >
        {stop.name}
      </Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {stop.lines.map((line) => (
          <LineItem key={line.id} line={line} withReasons={withReasons} />
        ))}
      </Box>
    </Box>
  );
}

function LineItem({ line, withReasons }: { line: SheetLine; withReasons: boolean }) {
  return (
    <Box
      component="li"
      sx={{
        display: "grid",
        gridTemplateColumns: "1.25em minmax(0, 1fr)",
        breakInside: "avoid",
        py: "0.45mm",
      }}
    >
      <Box
        aria-hidden
        sx={{ width: "0.8em", height: "0.8em", mt: "0.18em", border: "0.3mm solid #000" }}
      />
      <span>
        {line.days !== "" && <b>{line.days} </b>}
        {line.title}
        {line.howMuch !== null && `: ${line.howMuch}`}
        {withReasons && (
          <Box component="span" sx={{ display: "block", color: "#333" }}>
            {line.reason}
          </Box>
        )}
      </span>
    </Box>
  );
}

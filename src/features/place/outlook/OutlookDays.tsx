"use client";

import Box from "@mui/material/Box";
import { scaleLinear, type ScaleLinear } from "d3-scale";
import { useId } from "react";
import { dayNumber } from "@/core/calendar";
import type { OutlookDay } from "@/core/climate";
import { Hatch, useSize } from "@/ui/chart/index";
import { useWording, type LocalWording } from "@/ui/wording";
import { frostOddsWords, skyWords } from "./outlookWords";
import { place as say } from "@/words/en/place";

interface Props {
  days: readonly OutlookDay[];
}

const BAR_HEIGHT = 34;
const EDGE = 34;

/** The days to come, each as a stretch from its low to its high, with how sure both are. */
export function OutlookDays({ days }: Props) {
  const wording = useWording();
  const lows = days.map((day) => day.minTempC - day.spreadC);
  const highs = days.map((day) => day.maxTempC + day.spreadC);
  const domain = [Math.min(-1, ...lows), Math.max(1, ...highs)] as const;
  return (
    <Box component="table" sx={TABLE}>
      <Box component="thead" sx={VISUALLY_HIDDEN}>
        <tr>
          <th scope="col">{say.day}</th>
          <th scope="col">{say.lowToHigh}</th>
          <th scope="col">{say.frost}</th>
          <th scope="col">{say.sky}</th>
        </tr>
      </Box>
      <tbody>
        {days.map((day) => (
          <tr key={day.date}>
            <Box component="th" scope="row" sx={{ fontWeight: 600, whiteSpace: "nowrap" }}>
              {wording.narrowDate(dayNumber(day.date))}
              {/* On a phone the odds stand under the date: a column of their own has no room. */}
              <Box sx={{ display: { xs: "block", sm: "none" }, fontWeight: 400 }}>
                {frostOddsWords(day)}
              </Box>
            </Box>
            <Box component="td" sx={{ width: "60%", minWidth: 120 }}>
              <TemperatureBar day={day} domain={domain} />
            </Box>
            <Box
              component="td"
              sx={{
                fontWeight: 600,
                whiteSpace: "nowrap",
                display: { xs: "none", sm: "table-cell" },
              }}
            >
              {frostOddsWords(day)}
            </Box>
            <Box component="td" sx={{ display: { xs: "none", sm: "table-cell" } }}>
              {skyWords(day, wording)}
            </Box>
          </tr>
        ))}
      </tbody>
    </Box>
  );
}

const TABLE = {
  width: "100%",
  borderCollapse: "collapse",
  fontSize: 14,
  "& td, & th": { textAlign: "left", px: 0.75, py: 0.25, borderTop: "1px solid var(--line)" },
} as const;
const VISUALLY_HIDDEN = {
  position: "absolute",
  width: 1,
  height: 1,
  overflow: "hidden",
  clipPath: "inset(50%)",
} as const;

interface BarProps {
  day: OutlookDay;
  domain: readonly [number, number];
}

function TemperatureBar({ day, domain }: BarProps) {
  const wording = useWording();
  const [attach, { width }] = useSize();
  const id = useId();
  const x = scaleLinear()
    .domain(domain)
    .range([EDGE, Math.max(EDGE + 1, width - EDGE)]);
  const { minTempC, maxTempC, spreadC } = day;
  const middle = BAR_HEIGHT / 2;
  return (
    // The drawing does not hold its column open: it would never get narrower again.
    <Box ref={attach} sx={{ height: BAR_HEIGHT, position: "relative" }}>
      {width > 0 && (
        <svg
          style={{ position: "absolute", inset: 0 }}
          width={width}
          height={BAR_HEIGHT}
          role="img"
          aria-label={say.toGiveOrTake({
            temperature: wording.temperature(minTempC),
            temperature2: wording.temperature(maxTempC),
            degrees: wording.degrees(spreadC),
          })}
        >
          <defs>
            <Hatch id={`${id}cold`} every={5} lineWidth={1.5} line="#fff" ground="var(--frost)" />
          </defs>
          <line x1={x(0)} x2={x(0)} y1={0} y2={BAR_HEIGHT} stroke="var(--frost-text)" />
          <Spread x={x} fromC={minTempC - spreadC} toC={maxTempC + spreadC} />
          <rect
            x={x(minTempC)}
            width={Math.max(2, x(maxTempC) - x(minTempC))}
            y={middle - 6}
            height={12}
            rx={6}
            fill="var(--glow)"
          />
          {minTempC < 0 && (
            <rect
              x={x(minTempC)}
              width={x(Math.min(0, maxTempC)) - x(minTempC)}
              y={middle - 6}
              height={12}
              rx={4}
              fill={`url(#${id}cold)`}
            />
          )}
          <text
            x={x(minTempC - spreadC) - 5}
            y={middle + 4.5}
            fontSize="13"
            textAnchor="end"
            fontWeight="700"
          >
            {degreesOnly(minTempC, wording)}
          </text>
          <text x={x(maxTempC + spreadC) + 5} y={middle + 4.5} fontSize="13">
            {degreesOnly(maxTempC, wording)}
          </text>
        </svg>
      )}
    </Box>
  );
}

/** A thin line as far as low and high may stray, with a stop at each end. */
function Spread({ x, fromC, toC }: { x: ScaleLinear<number, number>; fromC: number; toC: number }) {
  const middle = BAR_HEIGHT / 2;
  return (
    <g stroke="var(--ash-text)" strokeWidth="1.5">
      <line x1={x(fromC)} x2={x(toC)} y1={middle} y2={middle} />
      {[fromC, toC].map((end) => (
        <line key={end} x1={x(end)} x2={x(end)} y1={middle - 5} y2={middle + 5} />
      ))}
    </g>
  );
}

function degreesOnly(tempC: number, wording: LocalWording): string {
  return wording.temperature(tempC).replace(/ °[CF]$/, "°");
}

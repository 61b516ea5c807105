"use client";

import Box from "@mui/material/Box";
import type { Garden } from "@/core/garden";
import { summariseReadings } from "@/core/log";
import { useReadings } from "@/store/index";
import { useWording } from "@/ui/wording";
import { place as say } from "@/words/en/place";
import { told } from "@/ui/wording";

interface Props {
  garden: Garden;
}

/** What the station's thermometers measured last, a line each. */
export function Thermometers({ garden }: Props) {
  const wording = useWording();
  const asked = useReadings(garden);
  if (!asked) return null;
  if (!asked.ok) return <Box sx={{ color: "var(--ash-text)" }}>{told(asked.problem)}</Box>;
  const sensors = summariseReadings(asked.value);
  return (
    <Box component="table" className="tabular" sx={TABLE} aria-label={say.thermometers}>
      <thead>
        <tr>
          <Box component="td" />
          <th scope="col">{say.lowest}</th>
          <th scope="col">{say.highest}</th>
          <th scope="col">{say.last}</th>
        </tr>
      </thead>
      <tbody>
        {sensors.map(({ sensor, minTempC, maxTempC, lastTempC, lastAt }) => (
          <tr key={sensor}>
            <th scope="row">
              {sensor === OUTSIDE ? say.outside : (garden.shelters.get(sensor)?.name ?? sensor)}
            </th>
            <td>{wording.temperature(minTempC, 1)}</td>
            <td>{wording.temperature(maxTempC, 1)}</td>
            <td>
              {say.at({ temperature: wording.temperature(lastTempC, 1), slice: lastAt.slice(11) })}
            </td>
          </tr>
        ))}
      </tbody>
    </Box>
  );
}

/** What a station calls the thermometer in the open. */
const OUTSIDE = "outside";

const TABLE = {
  borderCollapse: "collapse",
  fontSize: 14,
  "& th, & td": { textAlign: "right", px: 1.5, py: 0.4, borderTop: "1px solid var(--line)" },
  "& thead th": { borderTop: 0, color: "var(--ash-text)", fontWeight: 400 },
  "& thead td": { borderTop: 0 },
  "& th[scope=row]": { textAlign: "left", pl: 0.75, fontWeight: 600 },
} as const;

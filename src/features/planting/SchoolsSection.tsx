"use client";

import Box from "@mui/material/Box";
import type { DayNumber } from "@/core/calendar";
import { timelineIfSown } from "@/core/plantings";
import type { Growing } from "@/core/schedule";
import type { PlanSettings, Site } from "@/core/growth";
import { InspectorSection } from "@/ui/frame/index";
import { useWording } from "@/ui/wording";
import { planting as say } from "@/words/en/planting";

const SCHOOLS = [
  { id: "growth", name: say.growth },
  { id: "tenhour", name: say.tenHourDay },
  { id: "calendar", name: say.calendarDays },
] as const;

interface Props {
  site: Site;
  settings: PlanSettings;
  growing: Growing;
  sowDay: DayNumber;
}

/** The same sowing by the three ways of counting, the one in force marked. */
export function SchoolsSection({ site, settings, growing, sowDay }: Props) {
  const wording = useWording();
  return (
    <InspectorSection title={say.byEachMethod}>
      <Box component="table" sx={{ width: "100%", fontSize: 14, borderSpacing: 0 }}>
        <tbody>
          {SCHOOLS.map((school) => {
            const { readyDay } = timelineIfSown(
              site,
              { ...settings, school: school.id },
              growing,
              sowDay,
            );
            const inForce = school.id === settings.school;
            return (
              <Box component="tr" key={school.id} sx={{ fontWeight: inForce ? 700 : 400 }}>
                <Box
                  component="th"
                  scope="row"
                  sx={{ textAlign: "left", fontWeight: "inherit", p: 0 }}
                >
                  {school.name}
                  {inForce ? say.selected : ""}
                </Box>
                <Box component="td" className="tabular" sx={{ textAlign: "right", p: 0 }}>
                  {readyDay === null ? say.notHere : wording.date(readyDay, sowDay)}
                </Box>
              </Box>
            );
          })}
        </tbody>
      </Box>
    </InspectorSection>
  );
}

"use client";

import Box from "@mui/material/Box";
import { sowingAdvice } from "@/core/schedule";
import { InspectorSection } from "@/ui/frame/index";
import type { SectionProps } from "./section";

/** When it is up, until when it can be sown again, and the tricks that this soil asks for. */
export function ComingUpSection({ site, settings, growing, timeline, wording }: SectionProps) {
  const advice = sowingAdvice(site, settings, growing, timeline, wording);
  const { emergeDay, resow, soil } = advice;
  const around = timeline.sowDay;
  return (
    <InspectorSection title="Coming up">
      <Box sx={{ fontSize: 14, lineHeight: 1.45 }}>
        {emergeDay === null ? (
          "It does not come up in this soil."
        ) : (
          <>
            Up about <b>{wording.date(emergeDay, around)}</b>
            {soil ? `, in soil of ${wording.temperature(soil.meanC)}` : " on the bench"}; about{" "}
            {Math.round(advice.share * 100)} in 100 sound seeds.
          </>
        )}{" "}
        {resow.kind === "tooLate"
          ? "A second sowing would come too late."
          : resow.kind === "by"
            ? `If too few are up, sow again by ${wording.date(resow.day, around)}.`
            : "If too few are up, sow again at once: each day's wait costs about a day."}
      </Box>
      {advice.hints.length > 0 && (
        <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.25, fontSize: 14, lineHeight: 1.4 }}>
          {advice.hints.map((hint) => (
            <li key={hint}>{hint}</li>
          ))}
        </Box>
      )}
      {advice.cautions.map((caution) => (
        <Box
          key={caution}
          sx={{ mt: 0.75, pl: 1, borderLeft: "4px solid var(--ember)", fontSize: 14 }}
        >
          {caution}
        </Box>
      ))}
    </InspectorSection>
  );
}

"use client";

import Box from "@mui/material/Box";
import { sowingAdvice } from "@/core/schedule";
import { InspectorSection } from "@/ui/frame/index";
import type { SectionProps } from "./section";
import { planting as say } from "@/words/en/planting";
import { useWording, told } from "@/ui/wording";
import "@/words/en/facts/schedule";

/** When it is up, until when it can be sown again, and the tricks that this soil asks for. */
export function ComingUpSection({ site, settings, growing, timeline }: SectionProps) {
  const wording = useWording();
  const advice = sowingAdvice(site, settings, growing, timeline);
  const { emergeDay, resow, soil } = advice;
  const around = timeline.sowDay;
  return (
    <InspectorSection title={say.emergence}>
      <Box sx={{ fontSize: 14, lineHeight: 1.45 }}>
        {emergeDay === null ? (
          say.itWillNotGerminateInThisSoil
        ) : (
          <>
            {say.upAbout} <b>{wording.date(emergeDay, around)}</b>
            {say.aboutOf100GoodSeeds({
              value: soil
                ? say.inSoilOf({ temperature: wording.temperature(soil.meanC) })
                : say.onTheBench,
              share: Math.round(advice.share * 100),
            })}
          </>
        )}{" "}
        {resow.kind === "tooLate"
          ? say.itIsTooLateToResow
          : resow.kind === "by"
            ? say.ifTooFewComeUpResowBy({ date: wording.date(resow.day, around) })
            : say.ifTooFewComeUpResowAtOnceEachDayOf}
      </Box>
      {advice.hints.length > 0 && (
        <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.25, fontSize: 14, lineHeight: 1.4 }}>
          {advice.hints.map((hint) => (
            <li key={told(hint)}>{told(hint)}</li>
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

"use client";

import Box from "@mui/material/Box";
import { useId, type ReactNode } from "react";
import type { BedOnEvening, Choice, Evening } from "@/core/practice";
import { Hatch } from "@/ui/chart";
import { useWording } from "@/ui/wording";
import { practise as say } from "@/words/en/practise";
import { bedWords, cropWords } from "./bedWords";

const [WIDTH, HEIGHT, GROUND] = [190, 116, 96];
const PLANTS = 5;
const SOFT_BELOW = 0.4;

/** The beds at dusk in section, their plants as large as they are; what is chosen is seen at once. */
export function DuskScene(props: { evening: Evening; choice: Choice; children: ReactNode }) {
  const { evening, choice, children } = props;
  return (
    <Box
      sx={{
        background: "linear-gradient(#272b45 0%, #6b3d4a 52%, #c56a43 84%, #efa461 100%)",
        position: "relative",
      }}
    >
      <Box sx={{ px: { xs: 2, md: 2.75 }, pt: 1.5 }}>{children}</Box>
      <Box
        component="ul"
        sx={{
          m: 0,
          p: 0,
          pt: 0.5,
          listStyle: "none",
          display: "grid",
          gridTemplateColumns: {
            xs: "repeat(2, minmax(0, 1fr))",
            md: `repeat(${evening.beds.length}, minmax(0, 1fr))`,
          },
        }}
      >
        {evening.beds.map((bed) => (
          <Box key={bed.id} component="li" sx={{ display: "flex", flexDirection: "column" }}>
            <BedDrawing
              bed={bed}
              isCovered={choice.cover.includes(bed.id)}
              lid={bed.hasFrame ? choice.lid : null}
              isPicked={choice.pick.includes(bed.id)}
            />
            <BedCaption bed={bed} />
          </Box>
        ))}
      </Box>
    </Box>
  );
}

function BedCaption({ bed }: { bed: BedOnEvening }) {
  const wording = useWording();
  const { cropId, lt50C, hardened, sizeShare, isReady, aliveShare, waterShare } = bed;
  const percent = (share: number) => Math.round(share * 100);
  const parts =
    cropId === null
      ? []
      : [
          lt50C === null
            ? say.notUp
            : hardened < SOFT_BELOW
              ? say.softAt({ temp: wording.temperature(Math.round(lt50C)) })
              : say.hardTo({ temp: wording.temperature(Math.round(lt50C)) }),
          isReady ? say.ready : say.grown({ percent: percent(sizeShare) }),
          ...(aliveShare < 0.98 ? [say.aliveShare({ percent: percent(aliveShare) })] : []),
          ...(waterShare === null ? [] : [waterShare < 0.3 ? say.dry : say.moist]),
        ];
  return (
    <Box
      sx={{
        bgcolor: "#3a2a20",
        color: "#fff3e0",
        px: { xs: 1.5, md: 2.25 },
        pb: 1,
        pt: 0.25,
        flex: 1,
      }}
    >
      <Box sx={{ fontSize: 16, fontWeight: 700, lineHeight: 1.25 }}>{cropWords(cropId)}</Box>
      <Box sx={{ fontSize: 14.5, lineHeight: 1.3 }}>{[bedWords(bed), ...parts].join(" · ")}</Box>
    </Box>
  );
}

function BedDrawing(props: {
  bed: BedOnEvening;
  isCovered: boolean;
  lid: Choice["lid"];
  isPicked: boolean;
}) {
  const { bed, isCovered, lid, isPicked } = props;
  const ids = useId();
  const { sizeShare, leafShare, aliveShare, cropId, hasFrame } = bed;
  const radius = 3 + 14 * Math.sqrt(sizeShare);
  const alive = Math.round(PLANTS * aliveShare);
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} width="100%" style={{ display: "block" }} aria-hidden>
      <defs>
        <Hatch id={`${ids}cloth`} every={6} lineWidth={1.6} line="#ffffff" opacity={0.8} />
      </defs>
      <rect x="0" y={GROUND} width={WIDTH} height={HEIGHT - GROUND} fill="#3a2a20" />
      <rect x="14" y={GROUND - 4} width={WIDTH - 28} height="12" fill="#57402f" />
      {cropId !== null &&
        !isPicked &&
        Array.from({ length: PLANTS }, (_, at) => {
          const x = 34 + (at * (WIDTH - 68)) / (PLANTS - 1);
          const isDead = at >= alive;
          return (
            <ellipse
              key={at}
              cx={x}
              cy={GROUND - 4 - (isDead ? 2 : radius * 0.75)}
              rx={isDead ? 8 : radius}
              ry={isDead ? 2 : radius * 0.8}
              fill={isDead ? "#8a6a4a" : leafShare > 0.7 ? "#6f9152" : "#9aa052"}
              stroke="#1f2a18"
              strokeWidth="0.8"
              strokeDasharray={leafShare > 0.7 ? undefined : "2 2"}
            />
          );
        })}
      {hasFrame && (
        <g stroke="#dfe9ee" strokeWidth="2" fill="#cfe3ec">
          <path
            d={`M16,${GROUND - 3} V${GROUND - 34} L${WIDTH - 16},${GROUND - 52} V${GROUND - 3}`}
            fillOpacity="0.18"
          />
          <path
            d={
              lid === "open"
                ? `M${WIDTH - 16},${GROUND - 52} L34,${GROUND - 88}`
                : `M16,${GROUND - 34} L${WIDTH - 16},${GROUND - 52}`
            }
            strokeWidth="4"
          />
        </g>
      )}
      {isCovered && (
        <path
          d={`M10,${GROUND} Q${WIDTH / 2},${GROUND - 62} ${WIDTH - 10},${GROUND} Z`}
          fill={`url(#${ids}cloth)`}
          stroke="#ffffff"
          strokeWidth="2"
        />
      )}
    </svg>
  );
}

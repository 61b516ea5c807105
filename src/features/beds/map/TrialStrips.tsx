import { Fragment } from "react";
import type { Trial } from "@/core/garden";
import { cornersOf, type Outline } from "@/core/layout";
import { letterOf } from "@/core/trials";
import { partOf, pathOf, type MapScale } from "./mapScale";

interface Props {
  trial: Trial;
  outlineOf: (bedId: string) => Outline | undefined;
  scale: MapScale;
}

/** The strips of a trial that goes on, with the letters of their treatments. */
export function TrialStrips({ trial, outlineOf, scale }: Props) {
  return trial.plots.map((plot) => {
    const outline = outlineOf(plot.bedId);
    if (!outline) return null;
    const corners = cornersOf(partOf(outline, plot));
    const places = corners.map((corner) => scale.at(corner));
    const x = places.reduce((sum, place) => sum + place.x, 0) / places.length;
    const y = places.reduce((sum, place) => sum + place.y, 0) / places.length;
    return (
      <Fragment key={plot.id}>
        <path
          d={pathOf(scale, corners)}
          fill="none"
          stroke="var(--ember)"
          strokeWidth="1.5"
          strokeDasharray="5 3"
        />
        <text
          x={x}
          y={y + 5}
          textAnchor="middle"
          fontSize="14"
          fontWeight="700"
          fill="var(--ember-text)"
          stroke="var(--paper)"
          strokeWidth="3"
          paintOrder="stroke"
        >
          {letterOf(trial, plot.treatmentId)}
        </text>
      </Fragment>
    );
  });
}

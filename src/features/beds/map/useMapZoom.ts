"use client";

import { select } from "d3-selection";
import { zoom, zoomIdentity, type ZoomBehavior } from "d3-zoom";
import { useCallback, useMemo, useState } from "react";
import { WHOLE_MAP, type MapView } from "./mapScale";

export interface MapZoom {
  view: MapView;
  /** For the element whose wheel, pinch and drags on bare ground move the map. */
  attachZoom: (element: HTMLElement | null) => void;
  zoomBy(times: number): void;
  panBy(dx: number, dy: number): void;
  showAll(): void;
}

const MOST = 8;

/** Zooming the map: the wheel, two fingers, or dragging bare ground once it is larger than its room. */
export function useMapZoom(): MapZoom {
  const [view, setView] = useState<MapView>(WHOLE_MAP);
  const [element, setElement] = useState<HTMLElement | null>(null);
  const behavior = useMemo(() => {
    const made: ZoomBehavior<HTMLElement, unknown> = zoom<HTMLElement, unknown>()
      .scaleExtent([1, MOST])
      .filter((event: Event) => isForMap(event))
      .on("zoom", ({ transform: { k, x, y } }: { transform: MapView }) => setView({ k, x, y }));
    return made;
  }, []);
  const attachZoom = useCallback(
    (next: HTMLElement | null) => {
      setElement(next);
      if (!next) return;
      select(next).call(behavior).on("dblclick.zoom", null);
    },
    [behavior],
  );
  return {
    view,
    attachZoom,
    zoomBy: (times) => element && behavior.scaleBy(select(element), times),
    panBy: useCallback(
      (dx: number, dy: number) => {
        if (!element) return;
        setView((before) => {
          const next = zoomIdentity.translate(before.x + dx, before.y + dy).scale(before.k);
          Object.assign(element, { __zoom: next });
          return { k: next.k, x: next.x, y: next.y };
        });
      },
      [element],
    ),
    showAll: () => element && behavior.transform(select(element), zoomIdentity),
  };
}

/** Beds and plantings are dragged by themselves: the map takes the wheel, two fingers and bare ground. */
function isForMap(event: Event): boolean {
  if (event.type === "wheel") return true;
  if ("touches" in event) return (event as TouchEvent).touches.length > 1;
  const { button } = event as MouseEvent;
  return button === 0 && !(event.target as Element).closest(".bed, button, .map-handle");
}

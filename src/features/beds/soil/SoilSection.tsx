"use client";

import { FeedingsList } from "./FeedingsList";
import { FeedingForm } from "./FeedingForm";
import { RestForm } from "./RestForm";
import { WinterGroundForm } from "./WinterGroundForm";
import { RotationSection } from "./RotationSection";
import type { BedSectionProps } from "../section";

/** What the bed's soil gets: rotation, feed, rest. */
export default function SoilSection(props: BedSectionProps) {
  return (
    <>
      <RotationSection garden={props.garden} bed={props.bed} day={props.day} />
      <FeedingsList {...props} />
      <FeedingForm {...props} />
      <RestForm {...props} />
      <WinterGroundForm key={props.bed.id} garden={props.garden} bed={props.bed} />
    </>
  );
}

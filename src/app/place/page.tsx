import type { Metadata } from "next";
import { PlaceView } from "@/features/place";

export const metadata: Metadata = { title: "Place · Late Ember" };

export default function PlacePage() {
  return <PlaceView />;
}

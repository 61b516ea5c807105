import type { Metadata } from "next";
import { LabelsView } from "@/features/trays";

export const metadata: Metadata = { title: "Labels · Late Ember" };

export default function LabelsPage() {
  return <LabelsView />;
}

import type { Metadata } from "next";
import { TrialsView } from "@/features/trials";

export const metadata: Metadata = { title: "Trials · Late Ember" };

export default function TrialsPage() {
  return <TrialsView />;
}

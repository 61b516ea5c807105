import type { Metadata } from "next";
import { PlanView } from "@/features/plan";

export const metadata: Metadata = { title: "Plan · Late Ember" };

export default function PlanPage() {
  return <PlanView />;
}

import type { Metadata } from "next";
import { NumbersView } from "@/features/numbers";

export const metadata: Metadata = { title: "Your numbers · Late Ember" };

export default function NumbersPage() {
  return <NumbersView />;
}

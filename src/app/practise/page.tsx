import type { Metadata } from "next";
import { PractiseView } from "@/features/practise";

export const metadata: Metadata = { title: "Practise · Late Ember" };

export default function PractisePage() {
  return <PractiseView />;
}

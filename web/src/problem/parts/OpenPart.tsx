import type { ReactNode } from "react";
import { useStore } from "zustand";
import { DocumentProvider } from "../document/document-context";
import type { QuestionStore } from "../document/document-store";
import { usePartInAddress } from "./part-in-address";

interface OpenPartProps {
  readonly question: QuestionStore;
  readonly children: ReactNode;
}

/** What is in it shows the part that is open. */
export function OpenPart({ question, children }: OpenPartProps) {
  usePartInAddress(question);
  const open = useStore(question, (state) => state.open);
  return <DocumentProvider value={question.part(open)}>{children}</DocumentProvider>;
}

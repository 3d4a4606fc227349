import { lazy, Suspense, type ComponentType } from "react";
import { ErrorBoundary } from "react-error-boundary";
import { Route, Routes, useLocation } from "react-router";
import { untilLoaded } from "../ui/until-loaded";
import { FailurePage } from "./FailurePage";
import { NotFoundPage } from "./NotFoundPage";

/** A place is loaded when it is first gone to; until then the place before it stays. */
const place = (load: () => Promise<ComponentType>) =>
  lazy(() => untilLoaded(async () => ({ default: await load() })));

const NotebookPage = place(async () => (await import("../notebook/NotebookPage")).NotebookPage);
const ProblemPage = place(async () => (await import("../problem/ProblemPage")).ProblemPage);
const KeepingPage = place(async () => (await import("../keeping/KeepingPage")).KeepingPage);
const SharedPage = place(async () => (await import("../problem/SharedPage")).SharedPage);
const RatesPage = place(async () => (await import("../rates/RatesPage")).RatesPage);
const TablesPage = place(async () => (await import("../tables/TablesPage")).TablesPage);

/** The page of each address; one that breaks says so until another is gone to. */
export function Places() {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary FallbackComponent={FailurePage} resetKeys={[pathname]}>
      <Suspense>
        <Routes>
          <Route index element={<NotebookPage />} />
          <Route path="problems/:id" element={<ProblemPage />} />
          <Route path="keep" element={<KeepingPage />} />
          <Route path="shared/:address" element={<SharedPage />} />
          <Route path="rates" element={<RatesPage />} />
          <Route path="tables" element={<TablesPage />} />
          <Route path="*" element={<NotFoundPage />} />
        </Routes>
      </Suspense>
    </ErrorBoundary>
  );
}

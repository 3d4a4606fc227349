import type { ComponentType } from "react";
import { createBrowserRouter } from "react-router";
import { untilLoaded } from "../ui/until-loaded";
import { FailurePage } from "./FailurePage";
import { NotFoundPage } from "./NotFoundPage";

const place = (load: () => Promise<ComponentType>) => async () => ({
  Component: await untilLoaded(load),
});

/** Each place is loaded when it is first gone to. */
export function createRouter() {
  return createBrowserRouter([
    {
      errorElement: <FailurePage />,
      hydrateFallbackElement: <></>,
      children: [
        {
          index: true,
          lazy: place(async () => (await import("../notebook/NotebookPage")).NotebookPage),
        },
        {
          path: "problems/:id",
          lazy: place(async () => (await import("../problem/ProblemPage")).ProblemPage),
        },
        {
          path: "keep",
          lazy: place(async () => (await import("../keeping/KeepingPage")).KeepingPage),
        },
        {
          path: "shared/:address",
          lazy: place(async () => (await import("../problem/SharedPage")).SharedPage),
        },
        {
          path: "rates",
          lazy: place(async () => (await import("../rates/RatesPage")).RatesPage),
        },
        {
          path: "tables",
          lazy: place(async () => (await import("../tables/TablesPage")).TablesPage),
        },
        { path: "*", element: <NotFoundPage /> },
      ],
    },
  ]);
}

import { createBrowserRouter } from "react-router";
import { FailurePage } from "./FailurePage";
import { NotFoundPage } from "./NotFoundPage";

/** Each place is loaded when it is first gone to. */
export function createRouter() {
  return createBrowserRouter([
    {
      errorElement: <FailurePage />,
      hydrateFallbackElement: <></>,
      children: [
        {
          index: true,
          lazy: async () => ({
            Component: (await import("../notebook/NotebookPage")).NotebookPage,
          }),
        },
        {
          path: "problems/:id",
          lazy: async () => ({ Component: (await import("../problem/ProblemPage")).ProblemPage }),
        },
        {
          path: "rates",
          lazy: async () => ({ Component: (await import("../rates/RatesPage")).RatesPage }),
        },
        {
          path: "tables",
          lazy: async () => ({ Component: (await import("../tables/TablesPage")).TablesPage }),
        },
        { path: "*", element: <NotFoundPage /> },
      ],
    },
  ]);
}

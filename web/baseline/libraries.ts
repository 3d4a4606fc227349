import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { ConfigProvider, Button, Dropdown, Input } from "antd";
import { produce } from "immer";
import { createElement } from "react";
import { createRoot } from "react-dom/client";
import { createBrowserRouter, RouterProvider } from "react-router";
import { z } from "zod";
import { create } from "zustand";

/** The interface libraries of the page, each at work once, and nothing of the page itself. */
const useText = create(() => produce({ text: "" }, (draft) => void (draft.text = "4500")));

function Field() {
  const { text } = useText();
  const words = z.string().parse(text);
  return createElement(
    Dropdown,
    { menu: { items: [] } },
    createElement(
      "div",
      null,
      createElement(Input, { "aria-label": "Amount of money", defaultValue: words }),
      createElement(Button, null, words),
    ),
  );
}

const router = createBrowserRouter([{ path: "*", element: createElement(Field) }]);
const place = document.createElement("div");
document.body.append(place);
createRoot(place).render(
  createElement(
    ConfigProvider,
    null,
    createElement(
      QueryClientProvider,
      { client: new QueryClient() },
      createElement(RouterProvider, { router }),
    ),
  ),
);

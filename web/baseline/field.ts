import { createElement, useState } from "react";
import { createRoot } from "react-dom/client";

/** The least that a page can do with a key: a controlled text field that shows its value beside it. */
function Field() {
  const [text, setText] = useState("4500");
  return createElement(
    "p",
    null,
    createElement("input", {
      "aria-label": "Baseline",
      value: text,
      onChange: (event: { readonly target: { readonly value: string } }) =>
        setText(event.target.value),
    }),
    createElement("output", null, text),
  );
}

const place = document.createElement("div");
place.id = "baseline";
document.body.prepend(place);
createRoot(place).render(createElement(Field));

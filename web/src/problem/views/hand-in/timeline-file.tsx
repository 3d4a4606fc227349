import type { AnswerFormat } from "@kestrelmoor/core";
import regularFont from "@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff2?url";
import boldFont from "@fontsource/source-sans-3/files/source-sans-3-latin-600-normal.woff2?url";
import type { Draft } from "@kestrelmoor/core/typing";
import type { Outcome } from "../../document/outcome";
import { layOut } from "../../timeline/layout";
import { sketchOf } from "../../timeline/sketch";
import { TimelinePicture } from "../../timeline/TimelinePicture";
import { renderAside } from "./render-aside";

const WIDTH = 900;
const HEIGHT = 250;

/** The picture is twice as fine as its size says, for print. */
const PIXELS_PER_UNIT = 2;

/** What a style sheet says of a shape and a picture by itself has to say again, unless SVG takes it so. */
const STYLES: Readonly<Record<string, string>> = {
  fill: "rgb(0, 0, 0)",
  stroke: "none",
  "stroke-width": "1px",
  "stroke-dasharray": "none",
  "stroke-linejoin": "miter",
  opacity: "1",
  "paint-order": "normal",
};
const TEXT_STYLES: Readonly<Record<string, string>> = {
  ...STYLES,
  "font-size": "",
  "font-weight": "400",
  "text-anchor": "start",
};
const SHAPES = "rect, line, path, circle, ellipse, polygon, polyline, text";

const FONT_FAMILY = "'Source Sans 3', 'Segoe UI', 'Noto Sans', sans-serif";

/** The timeline as a picture that stands for itself: SVG, with its colours in it. */
export function timelineSvg(
  draft: Draft,
  outcome: Outcome,
  { title, words }: { readonly title: string; readonly words: readonly string[] },
  format: AnswerFormat,
  width = WIDTH,
): string {
  const size = { width, height: HEIGHT, isSmall: false };
  const layout = layOut(sketchOf(draft, outcome, format), size, format);
  return renderAside(<TimelinePicture layout={layout} />, (place) => {
    const drawn = place.querySelector("svg");
    if (drawn === null) throw new TypeError("A timeline is a picture");
    const copy = standAlone(drawn);
    copy.prepend(named("title", title), named("desc", words.join(". ")));
    return new XMLSerializer().serializeToString(copy);
  });
}

/** The same as PNG, on white paper. */
export async function timelinePng(svg: string): Promise<Blob> {
  const [regular, bold] = await Promise.all([regularFont, boldFont].map(asDataAddress));
  const face = (weight: number, address: string) =>
    `@font-face{font-family:"Source Sans 3";font-weight:${weight};src:url(${address})}`;
  const fonts = `<style>${face(400, regular ?? "")}${face(600, bold ?? "")}</style>`;
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg.replace("</desc>", `</desc>${fonts}`))}`;
  await image.decode();
  const canvas = document.createElement("canvas");
  canvas.width = image.naturalWidth * PIXELS_PER_UNIT;
  canvas.height = image.naturalHeight * PIXELS_PER_UNIT;
  const pen = canvas.getContext("2d");
  if (pen === null) throw new Error("This browser cannot draw pictures");
  pen.fillStyle = "#ffffff";
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve, reject) => {
    canvas.toBlob((blob) => {
      if (blob === null) reject(new Error("This browser cannot make a PNG"));
      else resolve(blob);
    }, "image/png");
  });
}

async function asDataAddress(address: string): Promise<string> {
  const font = await (await fetch(address)).blob();
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(typeof reader.result === "string" ? reader.result : "");
    reader.onerror = () => reject(new Error("The font could not be read"));
    reader.readAsDataURL(font);
  });
}

function named(tag: "title" | "desc", words: string): SVGElement {
  const element = document.createElementNS("http://www.w3.org/2000/svg", tag);
  element.textContent = words;
  return element;
}

/** A copy of a drawing with all that style sheets say of it written on its shapes. */
function standAlone(drawn: SVGSVGElement): SVGSVGElement {
  const copy = drawn.cloneNode(true) as SVGSVGElement;
  const [shapes, copies] = [drawn, copy].map((one) => [...one.querySelectorAll("*")]);
  shapes?.forEach((shape, index) => {
    const twin = copies?.[index];
    if (twin === undefined || !(shape instanceof SVGElement)) return;
    // What can be grabbed on the page is wider than what is seen.
    if (shape.getAttribute("fill") === "transparent") twin.remove();
    else if (shape instanceof SVGForeignObjectElement) twin.replaceWith(wordsOf(shape));
    else writeStyles(shape, twin);
  });
  for (const name of ["class", "aria-hidden", "focusable"]) copy.removeAttribute(name);
  copy.setAttribute("xmlns", "http://www.w3.org/2000/svg");
  copy.setAttribute("font-family", FONT_FAMILY);
  return copy;
}

function writeStyles(shape: SVGElement, twin: Element): void {
  const style = getComputedStyle(shape);
  // A group hands its style on to its shapes, which have it computed already.
  if (shape.matches(SHAPES)) {
    for (const [name, usual] of Object.entries(shape.matches("text") ? TEXT_STYLES : STYLES)) {
      const value = style.getPropertyValue(name);
      if (value !== usual) twin.setAttribute(name, value);
    }
  }
  for (const { name } of [...twin.attributes]) {
    if (name === "class" || name.startsWith("data-")) twin.removeAttribute(name);
  }
}

/** Words in a box of HTML, which few drawing programs know, as a text in its middle. */
function wordsOf(box: SVGForeignObjectElement): SVGElement {
  const text = document.createElementNS("http://www.w3.org/2000/svg", "text");
  const inner = box.firstElementChild;
  if (inner === null) return text;
  const style = getComputedStyle(inner);
  const [x, y, width, height] = ["x", "y", "width", "height"].map((name) =>
    Number(box.getAttribute(name)),
  ) as [number, number, number, number];
  const parts = [...inner.children].map((part) => part.textContent);
  text.textContent = fitted(parts.join("   "), width - 16, style.font);
  text.setAttribute("x", String(x + width / 2));
  text.setAttribute("y", String(y + height / 2 + 5));
  text.setAttribute("text-anchor", "middle");
  text.setAttribute("fill", style.color);
  text.setAttribute("font-size", style.fontSize);
  text.setAttribute("font-weight", style.fontWeight);
  return text;
}

/** As much of a text as fits, with a mark where the rest is missing. */
function fitted(words: string, width: number, font: string): string {
  const pen = document.createElement("canvas").getContext("2d");
  if (pen === null) return words;
  pen.font = font;
  if (pen.measureText(words).width <= width) return words;
  let length = words.length;
  while (length > 0 && pen.measureText(`${words.slice(0, length)}…`).width > width) length -= 1;
  return length < 3 ? "" : `${words.slice(0, length).trimEnd()}…`;
}

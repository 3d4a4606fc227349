/**
 * Sizes of type, distances and corners come from `web/src/app/look.ts`; in a sentence, distances in em go with
 * the type, and formulas are larger than their words. What is printed has a paper's own sizes.
 */
const SIZES = ["/^var\\(--type-[a-z-]+\\)$/", "inherit", "1.1em"];
const DISTANCE =
  "(0|auto|-?[\\d.]+(em|vh)|var\\(--space-[a-z]+\\)|calc\\(-1 \\* var\\(--space-[a-z]+\\)\\))";
const DISTANCES = [
  // The tools of a line, side by side.
  "calc(2 * var(--touch))",
  `/^${DISTANCE}( ${DISTANCE}){0,3}$/`,
];
const CORNER = "(0|50%|var\\(--round-[a-z]+\\))";

export default {
  reportNeedlessDisables: true,
  reportDescriptionlessDisables: true,
  rules: {
    "declaration-property-value-allowed-list": {
      "font-size": SIZES,
      font: [
        "inherit",
        "/^(italic )?\\d+ var\\(--type-[a-z-]+\\) \\/ [\\d.]+ var\\(--(sans|serif)\\)$/",
      ],
      "font-family": ["/^var\\(--(sans|serif)\\)$/"],
      "/^(padding|margin)/": DISTANCES,
      "/^((row|column)-)?gap$/": DISTANCES,
      "border-radius": [`/^${CORNER}( ${CORNER}){0,3}$/`],
    },
    // A colour of a style sheet's own would stay what it is in the dark.
    "color-no-hex": true,
    "color-named": "never",
  },
  overrides: [
    {
      files: ["**/sheet.css", "**/OnPaper.module.css"],
      rules: {
        "declaration-property-value-allowed-list": null,
        "color-no-hex": null,
        "color-named": null,
      },
    },
  ],
};

import js from "@eslint/js";
import prettier from "eslint-config-prettier";
import reactHooks from "eslint-plugin-react-hooks";
import { defineConfig, globalIgnores } from "eslint/config";
import tseslint from "typescript-eslint";

const nodeGlobals = {
  process: "readonly",
  console: "readonly",
  setTimeout: "readonly",
  clearTimeout: "readonly",
  setInterval: "readonly",
  clearInterval: "readonly",
  URL: "readonly",
  fetch: "readonly",
  performance: "readonly",
};

export default defineConfig(
  globalIgnores(["**/dist/", "**/node_modules/", ".data/", ".cache/", "**/test-results/"]),
  js.configs.recommended,
  {
    files: ["**/*.{ts,tsx}"],
    extends: [tseslint.configs.strictTypeChecked, tseslint.configs.stylisticTypeChecked],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      "@typescript-eslint/consistent-type-imports": "error",
      "@typescript-eslint/restrict-template-expressions": ["error", { allowNumber: true }],
      "@typescript-eslint/no-confusing-void-expression": ["error", { ignoreArrowShorthand: true }],
      "@typescript-eslint/consistent-type-definitions": ["error", "interface"],
      // Index signatures say that any key may be asked for; dots say that it is known to be there.
      "@typescript-eslint/dot-notation": "off",
      eqeqeq: "error",
      "no-console": "error",
    },
  },
  {
    // The core is the computation: no clock, no chance, no input or output.
    files: ["core/src/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-globals": ["error", "Date", "console", "window", "document", "process"],
      "no-restricted-properties": ["error", { object: "Math", property: "random" }],
    },
  },
  {
    // How close two numbers have to be is a decision, and is made once.
    files: ["core/src/**/*.ts", "web/src/**/*.{ts,tsx}"],
    ignores: ["**/*.test.*"],
    rules: {
      "no-restricted-syntax": [
        "error",
        {
          selector: "BinaryExpression[operator=/^[<>]/] Literal[raw=/e-/]",
          message:
            "Compare by the functions of core/src/engine/numbers/compare.ts, or by a tolerance that has a name and a reason.",
        },
      ],
    },
  },
  {
    // A reply's body is unknown to the type checker; the assertions are what checks it.
    files: ["**/*.test.ts", "e2e/**/*.ts"],
    rules: { "@typescript-eslint/no-unsafe-assignment": "off" },
  },
  {
    files: ["web/**/*.{ts,tsx}"],
    extends: [reactHooks.configs.flat.recommended],
    rules: {
      // It warns of what React's compiler would leave alone; the page is built without that compiler.
      "react-hooks/incompatible-library": "off",
    },
  },
  {
    files: ["**/*.{mjs,cjs,js}"],
    languageOptions: { globals: { ...nodeGlobals, module: "writable" } },
  },
  { files: ["scripts/**/*.mjs"], rules: { "no-console": "off" } },
  prettier,
);

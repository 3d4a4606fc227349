import { readdirSync, readFileSync } from "node:fs";
import { join, relative } from "node:path";
import ts from "typescript";

/** @typedef {{ place: string, text: string }} Prose a text of the product, and where it is */

/** Attributes of an element that nobody reads or hears. */
const SILENT = new Set([
  "className",
  "type",
  "role",
  "id",
  "href",
  "to",
  "htmlFor",
  "key",
  "dataKey",
]);

/**
 * Every text that a person may read in the sources of a folder; tests and programmer errors are left out.
 *
 * @returns {Prose[]}
 */
export function proseIn(root, folder) {
  return sourcesIn(join(root, folder)).flatMap((path) => {
    const kind = path.endsWith("x") ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
    const source = ts.createSourceFile(
      path,
      readFileSync(path, "utf8"),
      ts.ScriptTarget.Latest,
      true,
      kind,
    );
    const found = [];
    const visit = (node) => {
      if (isSilent(node)) return;
      const text = textOf(node);
      if (text !== null && isProse(text)) {
        const { line } = source.getLineAndCharacterOfPosition(node.getStart());
        found.push({ place: `${relative(root, path)}:${line + 1}`, text });
      }
      ts.forEachChild(node, visit);
    };
    visit(source);
    return found;
  });
}

function sourcesIn(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return sourcesIn(path);
    return /\.tsx?$/.test(path) && !/\.test\.|\.d\.ts$/.test(path) ? [path] : [];
  });
}

function isSilent(node) {
  if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return true;
  if (ts.isJsxAttribute(node)) return SILENT.has(node.name.getText());
  return ts.isNewExpression(node) && /Error$/.test(node.expression.getText());
}

function textOf(node) {
  if (ts.isJsxText(node)) return node.text.replace(/\s+/g, " ");
  if (ts.isStringLiteralLike(node)) return node.text;
  if (!ts.isTemplateExpression(node)) return null;
  return [node.head.text, ...node.templateSpans.map(({ literal }) => `X${literal.text}`)].join("");
}

/** Two words in a row, or a capital letter first; codes, classes and keys have neither. */
function isProse(text) {
  return /[a-z] [a-z“(]/i.test(text) || /^ ?[A-Z][a-z]+/.test(text);
}

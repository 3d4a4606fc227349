/** How a problem is called where it is named; one without a title too. */
export function titleOf({ title }: { readonly title: string }): string {
  return title.trim() === "" ? "Untitled problem" : title;
}

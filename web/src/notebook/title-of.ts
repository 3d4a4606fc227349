export function titleOf({ title }: { readonly title: string }): string {
  return title.trim() === "" ? "Untitled problem" : title;
}

import { formatExact } from "../../../wording/format-number";

/** So many payments, as somebody would have typed them. */
export function payments(count: number): string {
  return `${formatExact(count)} payment${count === 1 ? "" : "s"}`;
}

/** A rectangle of the picture, in pixels. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The part of the picture that posts and their words may fill. */
export interface Frame {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly axisY: number;
  readonly isSmall: boolean;
}

/** How far the axis goes on beyond its last date; what goes on without end ends with it. */
export function axisOverhang(isSmall: boolean): number {
  return isSmall ? 6 : 40;
}

/** How tall words and lozenges are, and how wide a character of each is at the most. */
export const LABEL_HEIGHT = 21;
export const LOZENGE_HEIGHT = 30;
const CHARACTER = 8.1;
const LOZENGE_CHARACTER = 9.2;

export function labelWidth(text: string): number {
  return text.length * CHARACTER + 4;
}

export function lozengeWidth(text: string): number {
  return Math.max(44, text.length * LOZENGE_CHARACTER + 28);
}

/** Whether two boxes touch; words keep a little apart sideways. */
export function cross(one: Box, other: Box): boolean {
  return (
    one.x < other.x + other.width + 6 &&
    other.x < one.x + one.width + 6 &&
    one.y < other.y + other.height &&
    other.y < one.y + one.height
  );
}

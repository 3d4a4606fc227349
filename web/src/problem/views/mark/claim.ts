import { keptBeside } from "../../document/kept-beside";

/** The number that the student got, and a value that they got on the way, as they are typed. */
export const useClaim = keptBeside(() => ({ answer: "", onTheWay: "" }));

import { untilLoaded } from "../../ui/until-loaded";

/** What reads the text of a question, which is loaded when a text is there. */
export const loadReader = () => untilLoaded(() => import("@kestrelmoor/core/question"));

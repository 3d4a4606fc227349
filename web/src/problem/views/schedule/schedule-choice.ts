import { keptBeside } from "../../document/kept-beside";

export interface ScheduleChoice {
  /** The id of the stream; another one is taken where the problem has it no longer. */
  readonly flow: string;
  /** As they are typed. */
  readonly goTo: string;
  readonly spanFrom: string;
  readonly spanTo: string;
  readonly below: string;
  readonly paidOff: string;
  /** Years whose payments are shown; `null` until somebody opens or closes one. */
  readonly open: ReadonlySet<number> | null;
}

/** What somebody looks at in a schedule. */
export const useScheduleChoice = keptBeside((): ScheduleChoice => ({
  flow: "",
  goTo: "",
  spanFrom: "",
  spanTo: "",
  below: "",
  paidOff: "",
  open: null,
}));

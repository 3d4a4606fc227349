import { Alert, type AlertProps } from "antd";
import styles from "./Trouble.module.css";

interface SaidProps extends Pick<
  AlertProps,
  "id" | "className" | "action" | "description" | "banner" | "title"
> {
  readonly type: "warning" | "info";
  readonly role: string;
}

/** Words in a frame; where they and what can be done about it do not fit side by side, they stand one under the other. */
function Said(props: SaidProps) {
  return (
    <Alert
      showIcon={false}
      classNames={{
        root: styles.said ?? "",
        section: styles.words ?? "",
        actions: styles.action ?? "",
      }}
      {...props}
    />
  );
}

interface TroubleProps extends Omit<SaidProps, "type" | "role"> {
  /** Whether somebody has to know at once; otherwise it is read out when nothing else is. */
  readonly isUrgent?: boolean;
}

/** What does not work just now, and what is done about it. */
export function Trouble({ isUrgent = true, ...props }: TroubleProps) {
  return <Said type="warning" role={isUrgent ? "alert" : "status"} {...props} />;
}

/** What somebody should know of the page before they begin. */
export function Note(props: Omit<SaidProps, "type" | "role">) {
  return <Said type="info" role="note" {...props} />;
}

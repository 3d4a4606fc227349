import { Alert, type AlertProps } from "antd";

interface TroubleProps extends Pick<
  AlertProps,
  "id" | "className" | "action" | "description" | "closable" | "banner"
> {
  /** What is wrong, in a sentence. */
  readonly title: AlertProps["title"];
  /** Whether somebody has to know at once; otherwise it is read out when nothing else is. */
  readonly isUrgent?: boolean;
}

/** What does not work just now, and what is done about it. */
export function Trouble({ isUrgent = true, ...props }: TroubleProps) {
  return <Alert type="warning" showIcon={false} role={isUrgent ? "alert" : "status"} {...props} />;
}

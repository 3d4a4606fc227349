import type { DropdownProps } from "antd";
import { cloneElement, Suspense, useId, useState, type MouseEvent, type ReactElement } from "react";
import { leaveMenu } from "./focus";
import { LazyDropdown } from "./lazy-dropdown";

interface LateDropdownProps extends Omit<DropdownProps, "open" | "trigger" | "children"> {
  /** The button that opens it. */
  readonly children: ReactElement<{
    onClick?: (event: MouseEvent) => void;
    id?: string;
  }>;
}

/**
 * A menu that is made when it is first opened: a page has dozens of them, most are never opened, and
 * each one would cost a little of every keystroke.
 */
export function LateDropdown({ children, onOpenChange, ...props }: LateDropdownProps) {
  const [isMade, setMade] = useState(false);
  const [isOpen, setOpen] = useState(false);
  const id = useId();
  const opener = cloneElement(children, { id });
  const change: DropdownProps["onOpenChange"] = (opens, info) => {
    setOpen(opens);
    onOpenChange?.(opens, info);
    if (!opens) setTimeout(() => leaveMenu(document.getElementById(id)), 0);
  };
  if (!isMade) {
    return cloneElement(opener, {
      onClick: () => {
        setMade(true);
        change(true, { source: "trigger" });
      },
    });
  }
  return (
    <Suspense fallback={opener}>
      <LazyDropdown
        autoFocus
        destroyOnHidden
        {...props}
        open={isOpen}
        trigger={["click"]}
        onOpenChange={change}
      >
        {opener}
      </LazyDropdown>
    </Suspense>
  );
}

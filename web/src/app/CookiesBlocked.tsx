import { Trouble } from "../ui/Trouble";

/** Without cookies the server cannot tell whose notebook it is: that is said before anything is typed. */
export function CookiesBlocked() {
  if (navigator.cookieEnabled) return null;
  return (
    <Trouble
      banner
      isUrgent={false}
      title="This browser blocks cookies, so nothing you type can be saved. Allow cookies for this site to keep your notebook."
    />
  );
}

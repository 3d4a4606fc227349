import { LateTrouble } from "../ui/LateTrouble";

/** Without cookies the server cannot tell whose notebook it is: that is said before anything is typed. */
export function CookiesBlocked() {
  if (navigator.cookieEnabled) return null;
  return (
    <LateTrouble
      banner
      isUrgent={false}
      title="This browser blocks cookies, so nothing you type can be saved. Allow cookies for this site to keep your notebook."
    />
  );
}

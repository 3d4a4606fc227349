import styles from "./Shell.module.css";

/** Without cookies the server cannot tell whose notebook it is: that is said before anything is typed. */
export function CookiesBlocked() {
  if (navigator.cookieEnabled) return null;
  return (
    <p className={styles.blocked} role="status">
      This browser blocks cookies, so nothing you type can be saved. Allow cookies for this site to
      keep your notebook.
    </p>
  );
}

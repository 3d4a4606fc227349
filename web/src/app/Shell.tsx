import type { ReactNode } from "react";
import { Link, NavLink } from "react-router";
import { NoticeBar } from "../ui/NoticeBar";
import { CookiesBlocked } from "./CookiesBlocked";
import { Logo } from "./Logo";
import { ShortcutsButton } from "./ShortcutsButton";
import { ThemeButton } from "./ThemeButton";
import styles from "./Shell.module.css";

interface ShellProps {
  /** What the page at hand adds to the header: its state and its tools. */
  readonly tools?: ReactNode;
  readonly children: ReactNode;
}

/** The frame around every place: name, places, tools. */
export function Shell({ tools, children }: ShellProps) {
  return (
    <>
      <a className={styles.skip} href="#main">
        Skip to the content
      </a>
      <header className={styles.header}>
        <Link to="/" className={styles.brand}>
          <Logo />
          <span className="hidden-when-narrow">Kestrelmoor</span>
        </Link>
        <nav aria-label="Main" className={styles.places}>
          <NavLink to="/" end className={styles.place ?? ""}>
            Notebook
          </NavLink>
          <NavLink to="/rates" className={styles.place ?? ""}>
            Rates
          </NavLink>
          <NavLink to="/tables" className={styles.place ?? ""}>
            Tables
          </NavLink>
        </nav>
        <div className={styles.tools}>
          {tools}
          <ThemeButton />
          <span className={styles.shortcuts}>
            <ShortcutsButton />
          </span>
        </div>
      </header>
      <CookiesBlocked />
      <main id="main" tabIndex={-1} className={styles.main}>
        {children}
      </main>
      <NoticeBar />
    </>
  );
}

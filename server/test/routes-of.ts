import { Router, type Express } from "express";

interface Mounted {
  readonly path: string;
  readonly child: object;
}

interface Served {
  readonly path: string;
  readonly route: { readonly stack: readonly { readonly method?: string }[] };
}

type Method = (this: object, ...args: unknown[]) => unknown;
type Patchable = Record<"use" | "route", Method>;

/**
 * Every call that an application serves, as `post /api/solve`. A router does not tell afterwards where it was mounted,
 * so what each of them is told is noted while the application is made.
 */
export function routesOf(make: () => Express): readonly string[] {
  const mounted = new Map<object, Mounted[]>();
  const served = new Map<object, Served[]>();
  const prototype = (Router as unknown as { prototype: Patchable }).prototype;
  const { use, route } = prototype;
  prototype.use = function (...args) {
    const [first, ...rest] = args;
    const path = typeof first === "string" ? first : "";
    const children = (path === "" ? args : rest).flat();
    for (const child of children) {
      if (typeof child === "function") note(mounted, this, { path, child });
    }
    return use.apply(this, args);
  };
  prototype.route = function (...args) {
    const made = route.apply(this, args) as Served["route"];
    note(served, this, { path: String(args[0]), route: made });
    return made;
  };
  try {
    return callsOf(make().router, "");
  } finally {
    Object.assign(prototype, { use, route });
  }

  function callsOf(router: object, prefix: string): string[] {
    const own = (served.get(router) ?? []).flatMap(({ path, route: { stack } }) => {
      const methods = new Set(stack.flatMap(({ method }) => method ?? []));
      return [...methods].map((method) => `${method} ${prefix}${path === "/" ? "" : path}`);
    });
    const inner = (mounted.get(router) ?? []).flatMap(({ path, child }) =>
      callsOf(child, prefix + path),
    );
    return [...own, ...inner];
  }
}

function note<Told>(notes: Map<object, Told[]>, router: object, told: Told): void {
  notes.set(router, [...(notes.get(router) ?? []), told]);
}

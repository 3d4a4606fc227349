import { lazy, Suspense, type ComponentProps } from "react";
import { untilLoaded } from "./until-loaded";

const Loaded = lazy(async () => ({
  default: (await untilLoaded(() => import("./Trouble"))).Trouble,
}));

/** What goes wrong seldom, on pages that have to be there soon: how it is told is loaded when it happens. */
export function LateTrouble(props: ComponentProps<typeof Loaded>) {
  return (
    <Suspense>
      <Loaded {...props} />
    </Suspense>
  );
}

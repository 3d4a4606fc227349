import type { Draft } from "@kestrelmoor/core/typing";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { createProblem } from "../api/problems";
import { showNotice } from "../ui/notices";
import { WordButton } from "../ui/Buttons";

interface OpenAsProblemProps {
  /** `null` while what is typed makes no problem. */
  readonly draft: (() => Draft) | null;
  readonly words?: string;
}

/** Puts what stands here on a page of its own, where it is saved, varied, marked and handed in like any other. */
export function OpenAsProblem({ draft, words = "Open as a problem" }: OpenAsProblemProps) {
  const navigate = useNavigate();
  const queryClient = useQueryClient();
  const create = useMutation({
    mutationFn: (made: Draft) => createProblem(made),
    onSuccess: ({ id }) => {
      void queryClient.invalidateQueries({ queryKey: ["problems"] });
      void navigate(`/problems/${id}`);
    },
    onError: () =>
      showNotice({
        kind: "failed",
        text: "Could not save the problem. Your entries are still here; try again.",
      }),
  });
  if (draft === null) return null;
  return (
    <WordButton disabled={create.isPending} onClick={() => create.mutate(draft())}>
      {words}
    </WordButton>
  );
}

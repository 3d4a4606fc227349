import type { ListedProblem } from "@kestrelmoor/contract";
import type { Draft } from "@kestrelmoor/core/typing";
import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import {
  binProblem,
  createProblem,
  listProblems,
  readProblem,
  restoreProblem,
  saveProblem,
} from "../api/problems";
import { titleOf } from "../ui/title-of";

/** One page of the notebook, kept on screen while the next one comes. */
export function useProblemList(search: string, page: number) {
  return useQuery({
    queryKey: ["problems", search, page],
    queryFn: ({ signal }) => listProblems(search, page, signal),
    placeholderData: keepPreviousData,
  });
}

/** What can be done to the problems of the notebook; each shows in the list at once. */
export function useNotebookActions() {
  const queryClient = useQueryClient();
  const refresh = () => queryClient.invalidateQueries({ queryKey: ["problems"] });
  const options = { onSettled: refresh };
  return {
    create: useMutation({ mutationFn: (draft: Draft) => createProblem(draft), ...options }),
    // A card has the lines alone: what is saved again is read first.
    rename: useMutation({
      mutationFn: async ({ listed, title }: { listed: ListedProblem; title: string }) => {
        const { id, version, draft } = await readProblem(listed.id);
        return saveProblem(id, version, { ...draft, title });
      },
      ...options,
    }),
    duplicate: useMutation({
      mutationFn: async ({ id, title }: ListedProblem) => {
        const { draft } = await readProblem(id);
        return createProblem({ ...draft, title: `${titleOf({ title }).slice(0, 190)} (copy)` });
      },
      ...options,
    }),
    bin: useMutation({ mutationFn: (id: string) => binProblem(id), ...options }),
    restore: useMutation({ mutationFn: (id: string) => restoreProblem(id), ...options }),
  };
}

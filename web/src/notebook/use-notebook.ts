import type { SavedProblem } from "@kestrelmoor/contract";
import type { Draft } from "@kestrelmoor/core/typing";
import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import {
  binProblem,
  createProblem,
  listProblems,
  restoreProblem,
  saveProblem,
} from "../api/problems";

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
    rename: useMutation({
      mutationFn: ({ saved, title }: { saved: SavedProblem; title: string }) =>
        saveProblem(saved.id, saved.version, { ...saved.draft, title }),
      ...options,
    }),
    bin: useMutation({ mutationFn: (id: string) => binProblem(id), ...options }),
    restore: useMutation({ mutationFn: (id: string) => restoreProblem(id), ...options }),
  };
}

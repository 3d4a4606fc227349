import { freeId } from "../free-id";

/** A list of a document that one adds to and removes from. Every change is made in the document, in place. */
export interface Collection<Document, Item extends { readonly id: string }> {
  /** How many it holds at most. */
  readonly most: number;
  /** Adds at the end, where the eye is; `null` where it is full. */
  readonly add: (document: Document, item: WithoutId<Item>) => Item | null;
  readonly remove: (document: Document, id: string) => void;
  /** Changes one; where there is none of that id, nothing. */
  readonly edit: (document: Document, id: string, recipe: (item: Item) => void) => void;
}

/** Of each kind of item by itself. */
export type WithoutId<Item> = Item extends unknown ? Omit<Item, "id"> : never;

interface CollectionParts<Document, Item> {
  /** What ids begin with. */
  readonly stem: string;
  readonly most: number;
  readonly in: (document: Document) => Item[];
}

export function collection<Document, Item extends { readonly id: string }>({
  stem,
  most,
  in: listIn,
}: CollectionParts<Document, Item>): Collection<Document, Item> {
  return {
    most,
    add: (document, item) => {
      const list = listIn(document);
      if (list.length >= most) return null;
      const id = freeId(
        stem,
        list.map((one) => one.id),
      );
      const added = { id, ...item } as unknown as Item;
      list.push(added);
      return added;
    },
    remove: (document, id) => {
      const list = listIn(document);
      const place = list.findIndex((one) => one.id === id);
      if (place >= 0) list.splice(place, 1);
    },
    edit: (document, id, recipe) => {
      const item = listIn(document).find((one) => one.id === id);
      if (item !== undefined) recipe(item);
    },
  };
}

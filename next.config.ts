import { type NextConfig } from "next";

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  // native module: loaded as it is, not bundled
  serverExternalPackages: ["better-sqlite3"],
  // types are checked by npm test, over tests and scripts too; a build need not do it again
  typescript: { ignoreBuildErrors: true },
};

export default config;

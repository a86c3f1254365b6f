import { checkAll, DatabaseProblem, openToRead } from "../../src/server/db";

/** Reads a whole data folder, holds all in it against its digests, and says what is not as it was written. */
async function check(dataDir: string): Promise<boolean> {
  const db = openToRead(dataDir);
  const { plans, readings, sheets, photos, weather, problems } = await checkAll(db);
  await db.destroy();
  console.log(
    `${dataDir}: ${plans} plans, ${readings} readings, ${sheets} library sheets, ${photos} photos, ${weather} weather files read.`,
  );
  for (const problem of problems) console.error(`- ${problem}`);
  console.log(problems.length === 0 ? "All is as it was written." : `${problems.length} not as it was written.`);
  return problems.length === 0;
}

const [dataDir] = process.argv.slice(2);
if (dataDir === undefined) throw new Error("usage: check DIR");
check(dataDir).then(
  (isWhole) => process.exit(isWhole ? 0 : 1),
  (error: unknown) => {
    console.error(error instanceof DatabaseProblem ? error.message : error);
    process.exit(1);
  },
);

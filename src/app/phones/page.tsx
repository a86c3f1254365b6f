import { headers } from "next/headers";
import { toString as drawCode } from "qrcode";
import { PhonesView } from "@/features/phones";
import { isPhone, phonesState } from "@/server/http";

export const dynamic = "force-dynamic";

export const metadata = { title: "Phones: Golden Array" };

export default async function PhonesPage() {
  if (isPhone(await headers())) return <PhonesView opened="seenFromPhone" />;
  const state = phonesState();
  if (state === null) return <PhonesView opened={null} />;
  const doors = await Promise.all(
    state.addresses.map(async (address) => ({
      address,
      picture: `data:image/svg+xml,${encodeURIComponent(await drawCode(address, { type: "svg", margin: 2 }))}`,
    })),
  );
  return <PhonesView opened={{ doors, state }} />;
}

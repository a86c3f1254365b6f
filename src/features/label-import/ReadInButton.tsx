import Button from "@mui/material/Button";
import { ClipboardPaste } from "lucide-react";
import { useHash } from "@/ui";
import { readInButtonTexts } from "@/messages/en/label-import/view";

/** Whether reading in is open on this page: it stands in the address, so that it can be gone to. */
export function useReadingIn(): boolean {
  return useHash()[0] === readingIn;
}

/** Opens and shuts the way in for pages and photos. */
export function ReadInButton() {
  const [hash, setHash] = useHash();
  const isOpen = hash === readingIn;
  return (
    <Button
      size="small"
      variant={isOpen ? "contained" : "outlined"}
      aria-pressed={isOpen}
      startIcon={<ClipboardPaste size={16} />}
      onClick={() => setHash(isOpen ? "" : readingIn)}
    >
      {readInButtonTexts.importFromPhotoOrText}
    </Button>
  );
}

const readingIn = "read";

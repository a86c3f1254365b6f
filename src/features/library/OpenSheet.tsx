import { copyName } from "@/messages/en";
import { type InputRecord, type PanelRecord } from "@/api";
import { EditSheet } from "./EditSheet";
import { LeftSheets } from "./LeftSheets";
import { type SheetEditor } from "./sheet-editor";
import { type Shelf } from "./useShelf";

type AnyRecord = PanelRecord | InputRecord;

/** What was left unsaved of a shelf. */
export function LeftOn<Sheet extends { readonly name: string }, R extends AnyRecord & { readonly sheet: Sheet }>({
  shelf,
}: {
  shelf: Shelf<Sheet, R>;
}) {
  return (
    <LeftSheets<Sheet>
      left={shelf.left}
      onShelf={(id) => shelf.records.some((record) => record.id === id)}
      onOpen={shelf.open}
      onKeep={(draft) => void shelf.keepLeft(draft)}
      onDiscard={shelf.discard}
    />
  );
}

type OpenProps<Sheet, R> = {
  readonly shelf: Shelf<Sheet, R>;
  readonly fileText: (sheet: Sheet) => string;
  readonly children: (editor: SheetEditor<Sheet>, sheet: Sheet) => React.ReactNode;
};

/** The sheet of a shelf that is open. */
export function OpenSheet<Sheet extends { readonly name: string }, R extends AnyRecord & { readonly sheet: Sheet }>({
  shelf,
  fileText,
  children,
}: OpenProps<Sheet, R>) {
  const { editor } = shelf;
  const record = shelf.records.find(({ id }) => id === editor?.id);
  if (editor === null || record === undefined) return null;
  return (
    <EditSheet<Sheet>
      key={editor.id}
      editor={editor}
      record={record}
      fileText={fileText}
      onClose={shelf.close}
      onCopy={(sheet) => void shelf.start({ ...sheet, name: copyName(sheet.name) })}
      onNew={() => (editor.store.getState().save.type === "gone" ? shelf.forget(record.id) : shelf.close())}
      onRetire={(retired) => {
        void shelf.retire([record.id], retired);
        shelf.close();
      }}
    >
      {(sheet) => children(editor, sheet)}
    </EditSheet>
  );
}

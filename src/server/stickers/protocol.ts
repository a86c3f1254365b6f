import { type PictureFault, type PhotoReading } from "@/core/panels/label-import/photo";

/** What a thread that reads stickers is asked, and what it answers. */
export type Asked = { readonly id: number; readonly file: Uint8Array };
export type Shown = { readonly jpeg: Uint8Array; readonly width: number; readonly height: number };
export type Answered =
  | { readonly id: number; readonly type: "progress"; readonly share: number }
  | { readonly id: number; readonly type: "read"; readonly reading: PhotoReading; readonly shown: Shown }
  | { readonly id: number; readonly type: "fault"; readonly fault: PictureFault }
  | { readonly id: number; readonly type: "failed"; readonly message: string };

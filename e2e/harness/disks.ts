import { spawnSync } from "node:child_process";
import { existsSync, writeFileSync } from "node:fs";
import path from "node:path";
import { temporaryDir } from "./server";

/** A real disk of a few megabytes to be mistreated, mounted in a folder of its own. */
export type Disk = { readonly dir: string; readonly end: () => void };

const ran = (command: string, ...args: string[]) => spawnSync(command, args, { encoding: "utf8" }).status === 0;

/** A disk in memory whose size can be changed while it is in use; null where this account may not mount. */
export function memoryDisk(megabytes: number): (Disk & { readonly resize: (megabytes: number) => void }) | null {
  const { dir, remove } = temporaryDir();
  if (!ran("mount", "-t", "tmpfs", "-o", `size=${megabytes}m`, "tmpfs", dir)) {
    remove();
    return null;
  }
  return {
    dir,
    resize: (to) => void ran("mount", "-o", `remount,size=${to}m`, dir),
    end: () => {
      ran("umount", dir);
      remove();
    },
  };
}

/** A disk in a file, whose system turns it to reading only upon a fault; null where that cannot be had. */
export function fileDisk(
  megabytes: number,
): (Disk & { readonly breakDown: () => void; readonly writable: (is: boolean) => boolean }) | null {
  const { dir: home, remove } = temporaryDir();
  const image = path.join(home, "disk.img");
  const { dir, remove: removeDir } = temporaryDir();
  const mounted =
    ran("truncate", "-s", `${megabytes}M`, image) &&
    ran("mkfs.ext4", "-q", "-F", "-e", "remount-ro", image) &&
    ran("mount", "-o", "loop", image, dir);
  const device = path.basename(
    spawnSync("findmnt", ["-n", "-o", "SOURCE", dir], { encoding: "utf8" }).stdout?.trim() ?? "",
  );
  const fault = `/sys/fs/ext4/${device}/trigger_fs_error`;
  const end = () => {
    ran("umount", dir);
    removeDir();
    remove();
  };
  if (!mounted || !existsSync(fault)) {
    end();
    return null;
  }
  return {
    dir,
    breakDown: () => writeFileSync(fault, "a fault for a test"),
    writable: (is) => ran("mount", "-o", `remount,${is ? "rw" : "ro"}`, dir),
    end,
  };
}

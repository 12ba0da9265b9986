/** A file that was dropped, with its path inside the folder it came in. */
export interface Dropped {
  file: File;
  name: string;
}

/** Every file in what was dropped, folders opened to any depth, in order of their names. */
export async function filesIn(entries: (FileSystemEntry | null)[]): Promise<Dropped[]> {
  const found = await Promise.all(entries.map((entry) => (entry ? opened(entry) : [])));
  return found.flat();
}

async function opened(entry: FileSystemEntry): Promise<Dropped[]> {
  if (entry.isFile) {
    const file = await new Promise<File>((done, failed) => (entry as FileSystemFileEntry).file(done, failed));
    return file.size ? [{ file, name: entry.fullPath.replace(/^\//, "") }] : [];
  }
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  const inside: FileSystemEntry[] = [];
  // A reader gives its entries in portions; an empty one is the end.
  for (;;) {
    const some = await new Promise<FileSystemEntry[]>((done, failed) => reader.readEntries(done, failed));
    if (some.length === 0) break;
    inside.push(...some);
  }
  inside.sort((a, b) => a.name.localeCompare(b.name));
  return filesIn(inside);
}

/** All files of what was dropped, those in folders and their folders too. */
export async function droppedFiles(data: DataTransfer): Promise<File[]> {
  const entries = [...data.items]
    .map((item) => item.webkitGetAsEntry?.())
    .filter((entry): entry is FileSystemEntry => Boolean(entry));
  if (entries.length === 0) {
    return [...data.files];
  }
  const found = await Promise.all(entries.map(filesIn));
  return found.flat();
}

async function filesIn(entry: FileSystemEntry): Promise<File[]> {
  if (entry.name.startsWith(".")) {
    return [];
  }
  if (entry.isFile) {
    return [await new Promise<File>((ok, no) => (entry as FileSystemFileEntry).file(ok, no))];
  }
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  const all: FileSystemEntry[] = [];
  for (;;) {
    const some = await new Promise<FileSystemEntry[]>((ok, no) => reader.readEntries(ok, no));
    if (some.length === 0) {
      break;
    }
    all.push(...some);
  }
  all.sort((a, b) => a.name.localeCompare(b.name));
  const files = await Promise.all(all.map(filesIn));
  return files.flat();
}

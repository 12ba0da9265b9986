"""Several reports at once: the files of a zip archive, with limits that a hostile one cannot pass."""

from __future__ import annotations

import io
import zipfile
import zlib
from collections.abc import Iterator
from dataclasses import dataclass

MAX_FILES, MAX_TOTAL, MAX_FILE = 500, 64 * 2**20, 16 * 2**20
_MAGIC = (b"PK\x03\x04", b"PK\x05\x06")
_PIECE = 1 << 20


class NotUnpacked(ValueError):
    """The archive cannot be taken in; the text says why. Nothing of it was."""


@dataclass(frozen=True, slots=True)
class Unpacked:
    """One file of an archive: its name within, and its bytes."""

    name: str
    data: bytes


def is_archive(data: bytes) -> bool:
    """Whether bytes begin as a zip archive does."""
    return data.startswith(_MAGIC)


def unpack(data: bytes) -> list[Unpacked]:
    """The files of an archive that hold something. Raises ``NotUnpacked``."""
    try:
        with zipfile.ZipFile(io.BytesIO(data)) as archive:
            found = list(_files(archive))
    except (zipfile.BadZipFile, zlib.error, NotImplementedError, RuntimeError, OSError, EOFError, ValueError) as error:
        if isinstance(error, NotUnpacked):
            raise
        reason = "it needs a password" if "encrypted" in str(error) else str(error)
        raise NotUnpacked(f"the archive cannot be opened: {reason}. Nothing of it was taken in") from error
    if not found:
        raise NotUnpacked("there is no report in the archive")
    return found


def _files(archive: zipfile.ZipFile) -> Iterator[Unpacked]:
    entries = [entry for entry in archive.infolist() if not entry.is_dir() and entry.file_size]
    if len(entries) > MAX_FILES:
        raise NotUnpacked(f"the archive holds {len(entries)} files; at most {MAX_FILES} are taken at once")
    room = MAX_TOTAL
    for entry in entries:
        with archive.open(entry) as file:
            data = bytearray()
            while piece := file.read(_PIECE):
                data += piece
                # What an archive says of its sizes may be a lie, so what comes out is counted.
                if len(data) > MAX_FILE or len(data) > room:
                    raise NotUnpacked(
                        f"“{entry.filename}” is too large: at most {MAX_FILE >> 20} MB a file and {MAX_TOTAL >> 20} MB together are taken"
                    )
        room -= len(data)
        yield Unpacked(entry.filename, bytes(data))

"""Files written whole or not at all, private to the user."""

import fcntl
import os
import stat
import tempfile
from pathlib import Path

PRIVATE, PRIVATE_FOLDER = 0o600, 0o700


def private_folder(folder: Path) -> None:
    """Make a folder that only its user can enter; the rights of one that is there are left as they are."""
    folder.mkdir(parents=True, exist_ok=True, mode=PRIVATE_FOLDER)


def own_folder(folder: Path, file: str) -> Path:
    """Return where a store may lie: the folder itself, or one of its own inside where others can enter the folder.

    A folder that holds the store's file already is taken as it is.
    """
    if not folder.is_dir() or (folder / file).exists() or not stat.S_IMODE(folder.stat().st_mode) & 0o077:
        return folder
    return folder / "daruma"


def write_whole(path: Path, data: bytes) -> None:
    """Write a file aside, make sure that it is on the disk, and move it into place; raise OSError."""
    # a name that nobody can have put something under before
    descriptor, name = tempfile.mkstemp(".part", f".{path.name}.", path.parent)
    spare = Path(name)
    try:
        with os.fdopen(descriptor, "wb") as file:
            file.write(data)
            file.flush()
            os.fsync(file.fileno())
        spare.replace(path)
    except OSError:
        spare.unlink(missing_ok=True)
        raise
    settle_folder(path.parent)


def append_synced(path: Path, lines: bytes) -> int:
    """Add whole lines behind a file, make sure that they are on the disk, and return the file's size; raise OSError.

    Whoever adds at the same time waits. What stands behind the last line's end was cut off and spoils no line that follows.
    """
    flags = os.O_RDWR | os.O_APPEND | os.O_CREAT | os.O_NOFOLLOW | os.O_NONBLOCK
    descriptor = os.open(path, flags, PRIVATE)
    try:
        fcntl.flock(descriptor, fcntl.LOCK_EX)
        size = os.lseek(descriptor, 0, os.SEEK_END)
        if size and os.pread(descriptor, 1, size - 1) != b"\n":
            lines = b"\n" + lines
        done = 0
        while done < len(lines):
            done += os.write(descriptor, lines[done:])
        os.fsync(descriptor)
        return size + len(lines)
    finally:
        os.close(descriptor)


def settle_folder(folder: Path) -> None:
    """Make sure that a folder's entries are on the disk."""
    descriptor = os.open(folder, os.O_RDONLY | os.O_DIRECTORY)
    try:
        os.fsync(descriptor)
    finally:
        os.close(descriptor)


def remove_database(file: Path) -> None:
    """Remove a database file and what lies beside it of its log; raise OSError."""
    for ending in ("", "-journal", "-wal", "-shm"):
        file.with_name(file.name + ending).unlink(missing_ok=True)

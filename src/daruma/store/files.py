"""Files written whole or not at all, private to the user."""

import os
from pathlib import Path

PRIVATE, PRIVATE_FOLDER = 0o600, 0o700


def private_folder(folder: Path) -> None:
    """Make a folder that only its user can enter; an existing one is closed to others."""
    folder.mkdir(parents=True, exist_ok=True, mode=PRIVATE_FOLDER)
    if folder.stat().st_mode & 0o077:
        folder.chmod(PRIVATE_FOLDER)


def write_whole(path: Path, data: bytes) -> None:
    """Write a file aside, make sure that it is on the disk, and move it into place; raise OSError."""
    spare = path.with_name(path.name + ".part")
    descriptor = os.open(spare, os.O_WRONLY | os.O_CREAT | os.O_TRUNC, PRIVATE)
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


def settle_folder(folder: Path) -> None:
    """Make sure that a folder's entries are on the disk."""
    descriptor = os.open(folder, os.O_RDONLY | os.O_DIRECTORY)
    try:
        os.fsync(descriptor)
    finally:
        os.close(descriptor)

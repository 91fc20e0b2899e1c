"""Backups kept in the shop's second place as well: as files that any text editor can open, read back before they count."""

import hashlib
import re
from pathlib import Path

from daruma.catalogue.reading import read_bounded
from daruma.core.backup import Backup
from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.store.files import private_folder, write_whole

FOLDER = "face modules"
LARGEST = 1 << 20  # bytes of one file


def keep_twice(second: Path | None, backup: Backup, part: str) -> str:
    """Keep a verified backup in the second place, too; return the file's name. Raises Trouble where that does not work.

    It is named by phone, the part's serial and time: never by time alone.
    """
    if second is None:
        raise Trouble(
            tr("There is no second place for backups."),
            safe=tr("{backup} is in the vault. The module is untouched.", backup=backup.name),
            advice=tr("Name one under Shop, Set-up: a folder of another disk or a network share."),
        )
    content = backup.content
    name = "_".join(re.sub(r"[^0-9A-Za-z]+", "-", text) for text in (content.imei, part, content.taken)) + ".json"
    path = second / FOLDER / name
    try:
        private_folder(path.parent)
        write_whole(path, content.canonical())
    except OSError as error:
        raise Trouble(
            tr("The second place cannot be written: {strerror}.", strerror=error.strerror or error),
            safe=tr("{backup} is in the vault. The module is untouched.", backup=backup.name),
            advice=tr("Look at the disk or the share, then try again."),
        ) from error
    if not is_kept(second, name, backup):
        raise Trouble(
            tr("The backup did not come back from the second place as it went in."),
            safe=tr("{backup} is in the vault. The module is untouched.", backup=backup.name),
            advice=tr("Look at the disk or the share, then try again."),
        )
    return name


def is_kept(second: Path | None, name: str, backup: Backup) -> bool:
    """Return whether the second place has a backup, byte for byte, as it is read now."""
    if second is None or not name or Path(name).name != name:
        return False
    try:
        data = read_bounded(second / FOLDER / name, LARGEST)
    except OSError:
        return False
    return hashlib.sha256(data).digest() == hashlib.sha256(backup.content.canonical()).digest()

"""The copies of a store as files: which there are, in their own order."""

from collections.abc import Iterator
from contextlib import suppress
from datetime import datetime
from pathlib import Path

from msgspec import Struct

from daruma.core.language import tr
from daruma.store.trouble import StoreTrouble
from daruma.store.version import FILE

FOLDER = "copies"
STEM, STAMP = "daruma-", "%Y%m%d-%H%M%S"
REPLACED = "replaced-"  # folders of stores in whose place a copy was put


class Copy(Struct, frozen=True):
    """Hold one copy: its file, when it was made by the clock, how large it is, its place in the order of copies."""

    file: Path
    made: datetime
    size: int
    turn: int = 0

    @property
    def name(self) -> str:
        """Return the copy's name as it is written."""
        return self.file.stem

    @property
    def order(self) -> tuple[int, datetime]:
        """Return what a later copy has more of: the clock tells only where the copies' own order does not."""
        return self.turn, self.made


def copies_of(folder: Path) -> tuple[Copy, ...]:
    """Return the copies in a data folder, newest first."""
    found = []
    for file in (folder / FOLDER).glob(f"{STEM}*.sqlite3"):
        stamp, _, turn = file.stem.removeprefix(STEM).partition(".")
        with suppress(ValueError, OSError):
            made = datetime.strptime(stamp, STAMP).astimezone()
            found.append(Copy(file, made, file.stat().st_size, int(turn or 0)))
    return tuple(sorted(found, key=lambda copy: copy.order, reverse=True))


def copy_named(folder: Path, name: str) -> Copy:
    """Return a copy by its name; raise StoreTrouble where there is none."""
    for copy in copies_of(folder):
        if copy.name == name:
            return copy
    raise StoreTrouble(
        tr("There is no copy {name}.", name=name),
        safe=tr("Nothing was changed."),
        advice=tr("daruma copies list shows what there is."),
    )


def replaced_stores(folder: Path) -> Iterator[Path]:
    """Yield the files of stores that restores have replaced and kept."""
    for place in sorted((folder / FOLDER).glob(f"{REPLACED}*")):
        if (place / FILE).is_file():
            yield place / FILE

"""The demo's folder: built where it is missing, asked for fresh, or of an earlier program."""

import shutil
from collections.abc import Callable
from datetime import datetime
from pathlib import Path
from tempfile import TemporaryDirectory

from daruma.core.errors import Trouble
from daruma.demo.marks import MADE, WORLD, made_as
from daruma.demo.prepared import lay_out


def demo_folder(folder: Path, *, fresh: bool = False, report: Callable[[float, str], None] = lambda *_: None) -> Path:
    """Return the demo's folder, made where it is missing or asked for fresh: whole or not at all.

    `report` is told the share that is done (0 to 1) and what is going on.
    """
    # nothing but a demo is ever taken away: the folder may be any that somebody named
    is_demo = (folder / WORLD).exists()
    if is_demo and not fresh and _made_as(folder) == made_as():
        return folder
    earlier = folder.with_name(folder.name + ".earlier")
    try:
        folder.parent.mkdir(parents=True, exist_ok=True)
        with TemporaryDirectory(prefix=f"{folder.name}.", dir=folder.parent) as spare:
            lay_out(Path(spare) / "demo", datetime.now().astimezone(), report)
            if is_demo:
                if (earlier / WORLD).exists():
                    shutil.rmtree(earlier)
                # records of an earlier program have another layout; what was tried there is laid aside
                folder.replace(earlier)
            (Path(spare) / "demo").replace(folder)
    except OSError as error:
        raise Trouble(
            f"The demo's data cannot be made in {folder}: {error.strerror}.",
            safe="Nothing else was touched.",
            advice="Name another folder: daruma demo --folder FOLDER",
        ) from error
    return folder


def _made_as(folder: Path) -> str:
    """Return which scenario a folder was built from; empty for those of before there was a mark."""
    try:
        return (folder / MADE).read_text(encoding="ascii")
    except (OSError, ValueError):
        return ""

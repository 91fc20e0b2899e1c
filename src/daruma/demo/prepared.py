"""The demo as it was built when the program was set up: copied at the first start, since building it takes seconds."""

import shutil
import sys
from collections.abc import Callable
from datetime import datetime, timedelta
from pathlib import Path
from tempfile import TemporaryDirectory

from daruma.core.language import spoken
from daruma.demo.marks import MADE, made_as

FRESH = timedelta(days=30)  # an invented shop whose last job is older looks closed


def prepared_folder() -> Path:
    """Return where the demo in the language spoken lies once it is prepared."""
    return Path(sys.prefix) / "share" / "daruma" / "demo" / spoken()


def is_usable(prepared: Path, now: datetime) -> bool:
    """Return whether a prepared demo is what this program would build, and not too old."""
    try:
        made = datetime.fromtimestamp((prepared / MADE).stat().st_mtime).astimezone()
        return (prepared / MADE).read_text(encoding="ascii") == made_as() and now - made < FRESH
    except (OSError, ValueError):
        return False


def lay_out(folder: Path, now: datetime, report: Callable[[float, str], None]) -> None:
    """Put the demo's data into a folder that is not there yet: a copy of what is prepared, else built anew."""
    if is_usable(prepared_folder(), now):
        shutil.copytree(prepared_folder(), folder)
        return
    from daruma.demo.build import build  # brings NumPy and SciPy, and is needed once

    build(folder, now, report)


def prepare() -> Path:
    """Build the demo for later starts, whole or not at all; return its folder."""
    from daruma.demo.build import build

    folder = prepared_folder()
    folder.parent.mkdir(parents=True, exist_ok=True)
    with TemporaryDirectory(prefix="new.", dir=folder.parent) as spare:
        build(Path(spare) / "demo", datetime.now().astimezone())
        shutil.rmtree(folder, ignore_errors=True)
        (Path(spare) / "demo").replace(folder)
    return folder

"""Logs that rotate, and a report that a crash leaves: a file that the user can read before anybody else gets it."""

import logging
import os
import platform
import sys
import traceback
from datetime import datetime
from logging.handlers import RotatingFileHandler
from pathlib import Path

from platformdirs import PlatformDirs

from daruma import __version__
from daruma.core.language import tr

LARGEST_LOG, LOGS = 1 << 20, 5  # bytes of one file, files
MOST_REPORTS = 20
LAST_LINES = 200  # of the log in a report
FORMAT = "%(asctime)s %(levelname)s %(name)s: %(message)s"


def folder() -> Path:
    """Return where logs and reports lie."""
    return Path(PlatformDirs("daruma", appauthor=False).user_log_dir)


def keep_log(*, verbose: bool = False) -> None:
    """Log to the terminal, and to files that rotate where they can be written."""
    handlers: list[logging.Handler] = [logging.StreamHandler()]
    handlers[0].setLevel(logging.DEBUG if verbose else logging.WARNING)
    try:
        folder().mkdir(parents=True, exist_ok=True)
        file = RotatingFileHandler(
            folder() / "daruma.log", maxBytes=LARGEST_LOG, backupCount=LOGS - 1, encoding="utf-8", delay=True
        )
        file.setLevel(logging.DEBUG if verbose else logging.INFO)
        handlers.append(file)
    except OSError:
        pass  # a full or foreign disk must not keep the program from starting
    logging.basicConfig(level=logging.DEBUG if verbose else logging.INFO, format=FORMAT, handlers=handlers)


def write_report(error: BaseException) -> Path | None:
    """Write what is known of a mistake of the program's own; return the file, None where none could be written.

    Nothing of a job is in it but what the last lines of the log say; the first lines tell the user so.
    """
    where = folder()
    name = f"report-{datetime.now():%Y%m%d-%H%M%S}-{os.getpid()}.txt"
    said = [
        tr("Daruma made a mistake of its own. This file stays on this machine: read it before you pass it on."),
        tr("The log's last lines may name ports, jobs and parts."),
        "",
        tr(
            "daruma {version}, Python {python_version}, {platform}",
            version=__version__,
            python_version=platform.python_version(),
            platform=platform.platform(),
        ),
        tr("started as: {argv}", argv=" ".join(Path(word).name for word in sys.argv[:3])),
        "",
        *"".join(traceback.format_exception(error)).splitlines(),
        "",
        tr("Last lines of the log:"),
        *_last_lines(where / "daruma.log"),
    ]
    try:
        where.mkdir(parents=True, exist_ok=True)
        path = where / name
        path.write_text("\n".join(said) + "\n", encoding="utf-8")
        for old in sorted(where.glob("report-*.txt"))[:-MOST_REPORTS]:
            old.unlink(missing_ok=True)
    except OSError:
        return None
    return path


def _last_lines(file: Path) -> list[str]:
    try:
        return file.read_text(encoding="utf-8", errors="replace").splitlines()[-LAST_LINES:]
    except OSError:
        return [tr("(there is no log)")]

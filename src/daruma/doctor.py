"""What is wrong with this machine for this program: libraries, window, ports, rights, disk, clock, settings, store."""

import importlib
import os
import platform
import shutil
import sqlite3
from collections.abc import Callable, Iterator
from datetime import datetime
from enum import Enum
from pathlib import Path

from msgspec import Struct

from daruma.core.errors import Trouble
from daruma.core.language import tr, word
from daruma.store.settings import load_settings

LIBRARIES = ("PySide6.QtWidgets", "numpy", "scipy", "sqlalchemy", "alembic", "pydantic", "msgspec", "serial", "cbor2", "segno")
LEAST_FREE = 200 * 1024 * 1024  # bytes: a few hundred copies of a store
FIRST_YEAR = 2026  # no clock that is right says less
AHEAD_SECONDS = 3600.0  # that a file may be younger than now


class Health(Enum):
    """Say how a thing is."""

    WELL = "well"
    NOTE = "note"
    WRONG = "wrong"


class Thing(Enum):
    """Name what is looked at; libraries have names of their own."""

    PYTHON = "Python"
    WINDOW = "window"
    TOOLS = "desktop tools"
    PORTS = "serial ports"
    CLOCK = "clock"
    SETTINGS = "settings"
    DATA = "data folder"
    SECOND = "second place"
    STORE = "store"


class Finding(Struct, frozen=True):
    """Hold what was found of one thing, and what to do where it is not well."""

    thing: Thing | str
    health: Health
    said: str
    remedy: str = ""

    @property
    def what(self) -> str:
        """Return what was looked at by a name that is the same in every language."""
        return self.thing.value if isinstance(self.thing, Thing) else self.thing

    @property
    def title(self) -> str:
        """Return what was looked at in the user's language."""
        return word(self.thing) if isinstance(self.thing, Thing) else self.thing


def examine(data: Path, earlier: Path | None = None) -> Iterator[Finding]:
    """Yield a finding for each thing that the program rests on; nothing that is kept is changed."""
    for look in (_python, *map(_library, LIBRARIES), _window, _tools, _ports, _clock):
        yield look()
    yield _settings(data, earlier)
    yield _disk(Thing.DATA, data)
    second = load_settings(data, earlier).settings["places.second"]
    if second:
        yield _second(Path(second).expanduser(), data)
    else:
        said = tr("none is named: if this disk dies, the backups die with it")
        yield Finding(Thing.SECOND, Health.NOTE, said, tr("Name a folder on another disk under Shop, Set-up."))
    yield _store(data, Path(second).expanduser() if second else None)


def _python() -> Finding:
    said = tr(
        "Python {python_version}, SQLite {sqlite_version}",
        python_version=platform.python_version(),
        sqlite_version=sqlite3.sqlite_version,
    )
    return Finding(Thing.PYTHON, Health.WELL, said)


def _library(name: str) -> Callable[[], Finding]:
    def look() -> Finding:
        try:
            module = importlib.import_module(name)
        except (ImportError, OSError) as error:
            remedy = tr(
                "Install the program anew (pipx reinstall daruma); a missing .so is named in the README's list of libraries."
            )
            return Finding(name, Health.WRONG, str(error), remedy)
        return Finding(name, Health.WELL, str(getattr(module, "__version__", tr("installed"))))

    return look


def _window() -> Finding:
    for name in ("QT_QPA_PLATFORM", "WAYLAND_DISPLAY", "DISPLAY"):
        if os.environ.get(name):
            return Finding(Thing.WINDOW, Health.WELL, f"{name}={os.environ[name]}")
    return Finding(Thing.WINDOW, Health.WRONG, tr("no display is set"), tr("Start it from the desktop, or set DISPLAY."))


def _tools() -> Finding:
    missing = [name for name in ("xdg-email", "xdg-open") if shutil.which(name) is None]
    if missing:
        return Finding(
            Thing.TOOLS,
            Health.NOTE,
            tr("not here: {missing}", missing=", ".join(missing)),
            tr("Install xdg-utils to open and mail papers."),
        )
    return Finding(Thing.TOOLS, Health.WELL, tr("xdg-utils are here"))


def _ports() -> Finding:
    from daruma.link.ports import ports

    found = ports()
    barred = next((port for port in found if port.barred), None)
    if barred is not None:
        return Finding(Thing.PORTS, Health.WRONG, barred.barred, barred.remedy)
    return Finding(Thing.PORTS, Health.WELL, ", ".join(port.url for port in found) or tr("none is plugged in"))


def _clock() -> Finding:
    now = datetime.now().astimezone()
    said = now.isoformat(timespec="seconds")
    if now.year < FIRST_YEAR:
        return Finding(
            Thing.CLOCK, Health.WRONG, said, tr("Set the clock: backups and acts carry its time. (timedatectl set-ntp true)")
        )
    return Finding(Thing.CLOCK, Health.WELL, said)


def _settings(data: Path, earlier: Path | None) -> Finding:
    troubles = load_settings(data, earlier).troubles
    if troubles:
        return Finding(Thing.SETTINGS, Health.WRONG, " ".join(t.what for t in troubles), troubles[0].advice)
    return Finding(Thing.SETTINGS, Health.WELL, tr("every value can be used"))


def _disk(what: Thing, folder: Path) -> Finding:
    there = next(each for each in (folder, *folder.parents) if each.exists())
    free = shutil.disk_usage(there).free
    said = tr("{folder}, {free:.1f} GB free", folder=folder, free=free / 1000000000.0)
    if not os.access(there, os.W_OK):
        return Finding(
            what, Health.WRONG, tr("{folder} cannot be written to", folder=folder), tr("sudo chown -R $USER {there}", there=there)
        )
    if free < LEAST_FREE:
        return Finding(what, Health.WRONG, said, tr("Make room: nothing can be kept on a full disk."))
    return Finding(what, Health.WELL, said)


def _second(folder: Path, data: Path) -> Finding:
    if not folder.is_dir():
        return Finding(
            Thing.SECOND,
            Health.WRONG,
            tr("{folder} is not there", folder=folder),
            tr("Plug the disk in or mount the share."),
        )
    found = _disk(Thing.SECOND, folder)
    there = next(each for each in (data, *data.parents) if each.exists())
    if found.health is Health.WELL and folder.stat().st_dev == there.stat().st_dev:
        return Finding(
            Thing.SECOND,
            Health.NOTE,
            tr("{said}, on the same disk as the data", said=found.said),
            tr("Choose a folder on another disk."),
        )
    return found


def _store(data: Path, second: Path | None) -> Finding:
    from daruma.store.version import FILE, is_current

    file = data / FILE
    if not file.exists():
        return Finding(Thing.STORE, Health.WELL, tr("none yet: the first start makes it"))
    ahead = file.stat().st_mtime - datetime.now().timestamp()
    if ahead > AHEAD_SECONDS:
        return Finding(
            Thing.STORE,
            Health.WRONG,
            tr("it was written in the future: the clock ran ahead, or runs behind"),
            tr("Set the clock."),
        )
    try:
        if not is_current(file):
            return Finding(Thing.STORE, Health.NOTE, tr("of an earlier program: the next start brings it up to date"))
        from daruma.store.shop import Shop

        with Shop(data, second) as shop:
            losses, doubts = shop.losses(), shop.journal.left_in_doubt()
            said = tr("{count} backups, {count_doubts} acts in doubt", count=shop.vault.count(), count_doubts=len(doubts))
            if losses:
                return Finding(
                    Thing.STORE, Health.WRONG, f"{losses[0].name}: {losses[0].what}", tr("daruma vault check names all of it.")
                )
            if shop.read_only:
                return Finding(
                    Thing.STORE,
                    Health.WRONG,
                    tr("{said}; it can only be read", said=said),
                    tr("sudo chown -R $USER {data}", data=data),
                )
    except Trouble as trouble:
        return Finding(Thing.STORE, Health.WRONG, trouble.what, trouble.advice)
    return Finding(Thing.STORE, Health.WELL, said)

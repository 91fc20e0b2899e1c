"""The system's own libraries that Qt needs: which one is missing, and the one command that installs them all."""

import ctypes
import importlib.util
import re
from collections.abc import Mapping
from pathlib import Path

from daruma.core.language import tr

# Debian's names, as tools/system-libraries has them
OFFSCREEN = "libgl1 libegl1 libxkbcommon0 libglib2.0-0 libfreetype6 libfontconfig1 libdbus-1-3 libgssapi-krb5-2"
WINDOW = "libxkbcommon-x11-0 libxcb-cursor0 libxcb-icccm4 libxcb-keysyms1 libxcb-shape0"
PLUGIN = Path("Qt") / "plugins" / "platforms" / "libqxcb.so"
_MISSING = re.compile(r"(?P<name>[\w.+-]+\.so[\w.]*): cannot open shared object file")


def missing_in(said: str) -> str:
    """Return the library that the loader says is missing, empty where it says something else."""
    found = _MISSING.search(said)
    return found["name"] if found is not None else ""


def remedy(library: str) -> str:
    """Return in words that a library is missing, and the command that installs what a window needs."""
    return tr(
        "Qt needs the system library {library}, which is not installed. Install it and what else a window needs with: {command}",
        library=library,
        command=f"sudo apt-get install {OFFSCREEN} {WINDOW}",
    )


def refuse_missing(environment: Mapping[str, str], plugin: Path | None = None) -> str | None:
    """Return why Qt could open no window on this screen, None where it can: it would end the program without a word of use."""
    platform = environment.get("QT_QPA_PLATFORM", "")
    if platform.partition(":")[0] not in ("", "xcb") or (not platform and environment.get("WAYLAND_DISPLAY")):
        return None
    place = plugin or _plugin()
    if place is None or not place.is_file():
        return None
    try:
        ctypes.CDLL(str(place))
    except OSError as error:
        library = missing_in(str(error))
        return remedy(library) if library else None
    return None


def _plugin() -> Path | None:
    found = importlib.util.find_spec("PySide6")
    return Path(found.origin).parent / PLUGIN if found is not None and found.origin else None

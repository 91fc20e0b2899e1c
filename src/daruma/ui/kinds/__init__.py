"""What the window shows of single kinds of parts: panels at the bench, pages at Proof. A kind without a module here has none."""

from functools import cache
from importlib import import_module
from importlib.util import find_spec

from daruma.core.kinds import KINDS
from daruma.core.parts import PartKind
from daruma.ui.kinds.room import UiRoom


@cache
def room(kind: PartKind) -> UiRoom:
    """Return what the window shows of a kind of part besides what it shows of all."""
    name = f"{__name__}.{KINDS[kind]}"
    found = import_module(name).ROOM if find_spec(name) is not None else UiRoom()
    assert isinstance(found, UiRoom)
    return found


@cache
def rooms() -> tuple[UiRoom, ...]:
    """Return every kind's room."""
    return tuple(room(kind) for kind in KINDS)

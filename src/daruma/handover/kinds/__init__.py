"""The kinds of parts in what is handed over and taken in: sheets, case files."""

from functools import cache

from daruma.core.kinds import KINDS, module
from daruma.core.parts import PartKind
from daruma.handover.kinds.room import HandoverRoom


@cache
def room(kind: PartKind) -> HandoverRoom:
    """Return what sheets and case files know of a kind of part."""
    found = module("handover", kind).ROOM
    assert isinstance(found, HandoverRoom)
    return found


@cache
def rooms() -> tuple[HandoverRoom, ...]:
    """Return every kind's room."""
    return tuple(room(kind) for kind in KINDS)

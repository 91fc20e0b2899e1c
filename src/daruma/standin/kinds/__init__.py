"""The kinds of parts among the stand-ins: what each is, and what programmer, phone and hands do with it."""

from functools import cache

from daruma.core.kinds import KINDS, module
from daruma.core.parts import PartKind
from daruma.standin.kinds.room import StandinRoom


@cache
def room(kind: PartKind) -> StandinRoom:
    """Return what the stand-ins know of a kind of part."""
    found = module("standin", kind).ROOM
    assert isinstance(found, StandinRoom)
    return found


@cache
def rooms() -> tuple[StandinRoom, ...]:
    """Return every kind's room."""
    return tuple(room(kind) for kind in KINDS)

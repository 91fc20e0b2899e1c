"""The kinds of parts in the demo: those that phones bring along, new ones, and what tickets say of them."""

from functools import cache

from daruma.core.kinds import KINDS, module
from daruma.demo.kinds.room import DemoRoom


@cache
def rooms() -> tuple[DemoRoom, ...]:
    """Return every kind's room."""
    found = tuple(module("demo", kind).ROOM for kind in KINDS)
    assert all(isinstance(room, DemoRoom) for room in found)
    return found

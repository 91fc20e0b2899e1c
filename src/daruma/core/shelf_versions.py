"""Two versions of one part on the shelf, merged field by field where neither is known to be the later one."""

from msgspec.structs import asdict, replace

from daruma.core.shelf import ShelfPart
from daruma.core.tri import Tri

_EMPTY = ("", Tri.UNKNOWN, 0, 0.0)


def merged(first: ShelfPart, other: ShelfPart) -> ShelfPart:
    """Return one part from two versions: what only one of them knows is taken, and where both know the first one's stands.

    Counts never fall; a part that either of them says is taken or withdrawn is not free.
    """
    one, two = asdict(first), asdict(other)
    known = {name: two[name] for name in one if one[name] in _EMPTY and two[name] not in _EMPTY}
    return with_count_of(replace(first, **known), other)


def with_count_of(part: ShelfPart, other: ShelfPart) -> ShelfPart:
    """Return a part with the higher count of earlier writes of two versions."""
    return replace(part, earlier_writes=max(part.earlier_writes, other.earlier_writes))


def differing(one: ShelfPart, other: ShelfPart) -> tuple[str, ...]:
    """Return the names of the fields that differ."""
    mine, theirs = asdict(one), asdict(other)
    return tuple(name for name in mine if mine[name] != theirs[name])

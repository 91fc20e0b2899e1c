"""The shape of what comes over a wire: every value is checked and bounded here before anything believes it."""

from collections.abc import Callable, Mapping
from math import isfinite
from typing import Any, TypeVar

from daruma.core.colour.chromaticity import XYZ
from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.core.parts import PartKind, PartSelf, Version
from daruma.core.plain import plain
from daruma.link.errors import DeviceFault

LONGEST_TEXT = 200  # characters of a text in an answer
LONGEST_DIE = 64
MOST_SOCKETS, MOST_ENTRIES, MOST_CHANNELS = 64, 64, 64
LARGEST_MEMORY = 1 << 20  # bytes
LARGEST_NUMBER = 1e9  # of what is measured

_T = TypeVar("_T")


def xyz(answer: Mapping[str, Any]) -> XYZ:
    """Return the XYZ of an answer."""

    def built() -> XYZ:
        x, y, z = numbers(answer["xyz"])
        return x, y, z

    return read(built)


def part(said: Mapping[str, Any]) -> PartSelf:
    """Return what a part says of itself; raise ValueError where that makes no sense."""
    chip = said.get("chip")
    size = said["size"]
    if type(size) is not int or not 0 < size <= LARGEST_MEMORY:
        raise ValueError("no size of a memory")
    return PartSelf(
        text(said["die"], LONGEST_DIE),
        PartKind(said["kind"]),
        text(said["maker"]),
        text(said["family"]),
        size,
        text(chip) if chip else None,
    )


def text(value: object, most: int = LONGEST_TEXT) -> str:
    """Return a text, what steers in it replaced; raise ValueError for another thing or a longer one."""
    if not isinstance(value, str) or len(value) > most:
        raise ValueError("no text, or a long one")
    return plain(value)


def version(value: object) -> Version:
    """Return a version."""
    return Version.parse(text(value, 20))


def flag(value: object) -> bool:
    """Return true or false; raise ValueError for anything else."""
    if not isinstance(value, bool):
        raise ValueError("neither true nor false")
    return value


def number(value: object) -> float:
    """Return a finite number that could have been measured; raise ValueError for anything else."""
    if isinstance(value, bool) or not isinstance(value, int | float) or not isfinite(value) or abs(value) > LARGEST_NUMBER:
        raise ValueError("no number, or none that could be measured")
    return float(value)


def share(value: object) -> float:
    """Return a number from 0 to 1."""
    found = number(value)
    if not 0 <= found <= 1:
        raise ValueError("not between 0 and 1")
    return found


def numbers(values: object) -> tuple[float, ...]:
    """Return several numbers."""
    return tuple(number(value) for value in several(values, MOST_CHANNELS))


def several(values: Any, most: int) -> list[Any]:
    """Return a list of at most so many values."""
    if not isinstance(values, list) or len(values) > most:
        raise ValueError("no list, or a long one")
    return values


def few(values: Any, most: int) -> dict[Any, Any]:
    """Return a map of at most so many entries."""
    if not isinstance(values, dict) or len(values) > most:
        raise ValueError("no map, or a large one")
    return values


def read(build: Callable[[], _T]) -> _T:
    """Return what an answer is built to; raise DeviceFault where it makes no sense."""
    try:
        return build()
    except Trouble:
        raise
    except (KeyError, ValueError, TypeError, IndexError, AttributeError) as error:
        raise DeviceFault(
            tr("The device gave an answer that makes no sense."),
            safe=tr("Nothing was changed."),
            advice=tr("Check its firmware, then try again."),
        ) from error

"""What a model draws from its charging cable while it starts."""

from enum import Enum

from msgspec import Struct


class Boot(Enum):
    """Name what a start came to."""

    BOOTS = "boots"
    LOOPS = "loops"
    HANGS = "hangs"
    DEAD = "dead"
    SHORTED = "shorted"
    UNKNOWN = "not known"


class BootSignature(Struct, frozen=True):
    """Hold what is drawn from 5 V while a model starts: seconds after the start and amperes, as corners of a line; after
    `settle` seconds it has started.
    """

    corners: tuple[tuple[float, float], ...]
    settle: float

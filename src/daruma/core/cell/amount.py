"""A capacity as a value: how much, how well it is known and how it was found."""

from enum import Enum

from msgspec import Struct


class Method(Enum):
    """Name how a capacity was found."""

    FULL = "full discharge"
    RESTS = "two rests"
    PRIOR = "origin alone"


class Capacity(Struct, frozen=True):
    """Hold a capacity with its standard uncertainty, mAh, how it was found, and the part of the charge that it rests on."""

    mah: float
    u: float
    method: Method
    swing: float = 1.0

    @property
    def low(self) -> float:
        """Return the lower end of the 95 % interval, mAh."""
        return self.mah - 1.96 * self.u

    @property
    def high(self) -> float:
        """Return the upper end of the 95 % interval, mAh."""
        return self.mah + 1.96 * self.u

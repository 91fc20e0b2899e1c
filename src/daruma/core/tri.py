"""Three-valued truth: a fact may be unknown, and unknown is carried through."""

from collections.abc import Iterable
from enum import Enum


class Tri(Enum):
    """Say yes, no, or not known."""

    YES = "yes"
    NO = "no"
    UNKNOWN = "unknown"

    @classmethod
    def of(cls, value: bool | None) -> "Tri":
        """Turn a bool or None into a Tri."""
        if value is None:
            return cls.UNKNOWN
        return cls.YES if value else cls.NO


def all_of(values: Iterable[Tri]) -> Tri:
    """Return the Kleene conjunction: one NO decides, else one UNKNOWN."""
    seen = set(values)
    if Tri.NO in seen:
        return Tri.NO
    return Tri.UNKNOWN if Tri.UNKNOWN in seen else Tri.YES


def any_of(values: Iterable[Tri]) -> Tri:
    """Return the Kleene disjunction: one YES decides, else one UNKNOWN."""
    seen = set(values)
    if Tri.YES in seen:
        return Tri.YES
    return Tri.UNKNOWN if Tri.UNKNOWN in seen else Tri.NO

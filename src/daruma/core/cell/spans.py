"""Phases of a log by name, and where they lie."""

from enum import Enum

from msgspec import Struct


class Phase(Enum):
    """Name a phase."""

    NOTHING = "nothing"
    SHORT = "short"
    BOOT = "boot"
    IDLE = "idle"
    CONSTANT_CURRENT = "constant_current"
    CONSTANT_VOLTAGE = "constant_voltage"
    TRICKLE = "trickle"
    FULL = "full"
    DISCHARGE = "discharge"


class Span(Struct, frozen=True):
    """Hold a phase with its start and end, s."""

    phase: Phase
    start: float
    end: float

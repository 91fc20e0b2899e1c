"""A recording of the charging cable as it is looked at: its samples, phases, and where it is laid over others."""

from __future__ import annotations

from msgspec import Struct

from daruma.core.cell.log import Floats
from daruma.core.cell.spans import Span
from daruma.core.power.recording import Recording


class Trace(Struct, frozen=True):
    """Hold samples: seconds, volts, amperes into the phone (n)."""

    t: Floats
    v: Floats
    a: Floats


class Played(Struct, frozen=True):
    """Hold a recording with its samples and phases, and when current first begins to flow, s: by that it is laid over others.

    `amounts` are mAh, mWh and mean amperes of each phase.
    """

    recording: Recording
    trace: Trace
    spans: tuple[Span, ...]
    start: float = 0.0
    amounts: tuple[tuple[float, float, float], ...] = ()

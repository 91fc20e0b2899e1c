"""Whether a haptic motor taps as its drive calibration says: by taps and a ring-down that the phone's accelerometer saw.

Resonance and damping come from the free decay after the drive has ended (core.haptic.ring), rise and brake from the envelope of
a tap. A value is within its limits, or beyond them, only with 95 % (JCGM 106, guarded on both sides).
"""

from __future__ import annotations

from collections.abc import Sequence
from enum import Enum

import numpy as np
from msgspec import Struct
from msgspec.structs import replace

from daruma.core.haptic.ring import Floats, ring_down
from daruma.core.haptic.shaking import Drive, Shake
from daruma.core.language import tr

F0_WITHIN = 0.04  # of the calibrated resonance (ours)
DAMPING = (0.02, 0.12)  # of a motor that moves freely (ours)
RISE_MOST, BRAKE_MOST = 0.100, 0.060  # seconds (ours)
_NOISE = 6.0  # standard deviations: what moves by less does not move
_HARDLY = 0.3  # of the level that the calibration says
_HARD = 1.6  # of that level: a first tap of a motor that then stays dumb
_RISEN, _BRAKED = 0.9, 0.15  # of the steady level
_GUARD = 1.64  # standard uncertainties: 95 % on one side


class Motor(Enum):
    """Name what a motor is found to be."""

    TAPS = "taps as calibrated"
    WORN = "worn"
    STUCK = "stuck"
    OPEN = "open"
    DUMB = "dumb after one buzz"
    OFF = "off its calibration"
    UNSURE = "not sure"


class Tap(Struct, frozen=True):
    """Hold how a motor is found: why, resonance (Hz) and damping with their standard uncertainties, rise and brake (s)."""

    motor: Motor
    why: str
    f0: tuple[float, float] | None = None
    damping: tuple[float, float] | None = None
    rise: float | None = None
    brake: float | None = None
    level: float = 0.0


def judged(shakes: Sequence[Shake], drive: Drive) -> Tap:
    """Return how a motor is found by shakes in the order in which they were taken, the free ones among them."""
    taps = [shake for shake in shakes if shake.braked]
    free = [shake for shake in shakes if not shake.braked]
    if not taps or not free:
        return Tap(Motor.UNSURE, tr("it was not measured yet"))
    levels = [_level(shake) for shake in taps]
    noise = min(_noise(shake) for shake in (*taps, *free))
    moves = [level > _NOISE * noise for level in levels]
    if not any(moves):
        return Tap(Motor.OPEN, tr("it does not move at all: its coil is open, or its contacts do not touch"), level=levels[0])
    if moves[0] and not any(moves[1:]):
        hard = tr(", harder than calibrated") if levels[0] > _HARD * drive.level else ""
        why = tr("it buzzes once{hard}, and stays dumb: faulty or counterfeit", hard=hard)
        return Tap(Motor.DUMB, tr("{why}. Try a known-good motor before the board is blamed", why=why), level=levels[0])
    level = float(np.median(levels))
    found = _by_ring(taps, free[-1], drive, level)
    if level < _HARDLY * drive.level and found.motor is not Motor.WORN:
        why = tr("it hardly moves: {level:.0f} % of its calibrated level", level=100 * level / drive.level)
        return replace(found, motor=Motor.STUCK, why=why)
    return found


def _by_ring(taps: Sequence[Shake], free: Shake, drive: Drive, level: float) -> Tap:
    t, a = series(free)
    late = t > free.driven
    try:
        ring = ring_down(t[late], a[late])
    except ValueError as error:
        return Tap(Motor.STUCK, tr("it does not ring after its drive: {error}", error=error), level=level)
    rise = float(np.median([rise_of(tap) for tap in taps]))
    brake = float(np.median([brake_of(tap) for tap in taps]))
    f0, damping = (ring.f0_hz, ring.f0_u), (ring.damping, ring.damping_u)

    def found(motor: Motor, why: str) -> Tap:
        return Tap(motor, why, f0, damping, rise, brake, level)

    if not DAMPING[0] - _GUARD * ring.damping_u <= ring.damping <= DAMPING[1] + _GUARD * ring.damping_u:
        kind = Motor.STUCK if ring.damping > DAMPING[1] else Motor.OFF
        return found(
            kind,
            tr(
                "its damping is {damping:.3f}, a free motor's is {least} to {most}",
                damping=ring.damping,
                least=DAMPING[0],
                most=DAMPING[1],
            ),
        )
    limit = F0_WITHIN * drive.f0
    off = ring.f0_hz - drive.f0
    if abs(off) - _GUARD * ring.f0_u > limit:
        way, kind = (tr("below"), Motor.WORN) if off < 0 else (tr("above"), Motor.OFF)
        spring = tr(": its spring is worn") if off < 0 else ""
        return found(
            kind,
            tr(
                "it rings at {f0_hz:.1f} Hz, {off:.1f} Hz {way} its calibration{spring}",
                f0_hz=ring.f0_hz,
                off=abs(off),
                way=way,
                spring=spring,
            ),
        )
    if rise > RISE_MOST or brake > BRAKE_MOST:
        slow = tr("it takes {rise:.0f} ms to rise and {brake:.0f} ms to stop", rise=1000 * rise, brake=1000 * brake)
        return found(
            Motor.OFF,
            tr(
                "{slow}, at most {rise_most:.0f} and {brake_most:.0f} are allowed",
                slow=slow,
                rise_most=1000 * RISE_MOST,
                brake_most=1000 * BRAKE_MOST,
            ),
        )
    sure = abs(off) + _GUARD * ring.f0_u <= limit
    inside = DAMPING[0] + _GUARD * ring.damping_u <= ring.damping <= DAMPING[1] - _GUARD * ring.damping_u
    if not (sure and inside):
        return found(Motor.UNSURE, tr("resonance or damping lie too near their limits: measure again"))
    return found(
        Motor.TAPS,
        tr(
            "it rings at {f0_hz:.1f} Hz, calibrated {f0:.1f} Hz, and stops in {brake:.0f} ms",
            f0_hz=ring.f0_hz,
            f0=drive.f0,
            brake=1000 * brake,
        ),
    )


def series(shake: Shake) -> tuple[Floats, Floats]:
    """Return times (s) and accelerations (g) of a shake (n)."""
    values = np.asarray(shake.values, dtype=float)
    return np.arange(len(values)) / shake.rate, values


def envelope_of(shake: Shake) -> Floats:
    """Return the height of the swing at each sample (n): the largest deflection within half a period of 150 Hz around it."""
    _, values = series(shake)
    swing = np.abs(values - np.median(values))
    reach = max(1, round(shake.rate / 300))
    padded = np.pad(swing, reach, mode="edge")
    highest: Floats = np.lib.stride_tricks.sliding_window_view(padded, 2 * reach + 1).max(axis=1)
    return highest


def rise_of(shake: Shake) -> float:
    """Return how long a tap takes to rise, s."""
    heights, level = envelope_of(shake), _level(shake)
    over = np.flatnonzero(heights >= _RISEN * level)
    return float(over[0] / shake.rate) if len(over) else shake.driven


def brake_of(shake: Shake) -> float:
    """Return how long a tap takes to stop after its drive has ended, s."""
    heights, level = envelope_of(shake), _level(shake)
    moving = np.flatnonzero(heights > max(_BRAKED * level, 4 * _noise(shake)))
    return max(0.0, float(moving[-1] / shake.rate) - shake.driven) if len(moving) else 0.0


def _level(shake: Shake) -> float:
    """Return the steady level of a shake, g: the median of its swing's height in the second half of the drive."""
    heights = envelope_of(shake)
    first, last = round(0.5 * shake.driven * shake.rate), round(shake.driven * shake.rate)
    inside = heights[first:last]
    return float(np.median(inside)) if len(inside) else 0.0


def _noise(shake: Shake) -> float:
    """Return the noise of a shake, g: what is left at its end."""
    _, values = series(shake)
    return max(1e-6, float(np.std(values[-max(16, len(values) // 8) :])))

"""A simulated haptic motor: a mass on a spring, driven by a voltage, as an accelerometer sees it."""

from __future__ import annotations

import random
from math import cos, exp, pi, sin, sqrt

from msgspec import Struct

RATE, FINE = 1600, 8  # samples a second of the accelerometer, steps of the simulation between two of them
DRIVEN, LASTS = 0.12, 0.4  # seconds of drive, and of a shake
NOISE = 0.004  # g
BUZZ = 2.2  # times the level of a counterfeit's one buzz


class Spring(Struct, frozen=True):
    """Hold a resonator: resonance (Hz), damping ratio, level that a drive at resonance reaches (g)."""

    f0: float
    damping: float
    level: float


def shake(spring: Spring | None, drive_hz: float, brake: float, rng: random.Random) -> list[float]:
    """Return accelerations (g) of a spring, or of none, driven at a frequency and then braked for so many seconds."""
    moved = _moved(spring, drive_hz, brake) if spring is not None else [0.0] * round(LASTS * RATE)
    return [value + rng.gauss(0, NOISE) for value in moved]


def _moved(spring: Spring, drive_hz: float, brake: float) -> list[float]:
    w, z, step = 2 * pi * spring.f0, spring.damping, 1 / (RATE * FINE)
    # exact steps of the free motion; the drive is a push at each of them
    wd = w * sqrt(1 - z * z)
    decay, c, s = exp(-z * w * step), cos(wd * step), sin(wd * step)
    a11, a12 = decay * (c + z * w / wd * s), decay * s / wd
    a21, a22 = -decay * w * w / wd * s, decay * (c - z * w / wd * s)
    force = spring.level * 2 * z  # a steady drive at resonance then reaches the level as acceleration
    x = v = 0.0
    found = []
    for number in range(round(LASTS * RATE) * FINE):
        t = number * step
        sign = 1.0 if t < DRIVEN else -1.0 if t < DRIVEN + brake else 0.0
        push = sign * force * sin(2 * pi * drive_hz * t)
        v += push * step
        x, v = a11 * x + a12 * v, a21 * x + a22 * v
        if number % FINE == 0:
            found.append(push - 2 * z * w * v - w * w * x)
    return found

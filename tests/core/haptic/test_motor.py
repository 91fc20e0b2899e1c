"""Haptic motors told apart: sound, worn, stuck, open, dumb; made by another way than the stand-in's, SciPy's filters."""

import random
from collections import Counter
from math import pi

import numpy as np
import pytest
from scipy.signal import cont2discrete, lfilter
from tests.conftest import seeds

from daruma.core.haptic.motor import Motor, Tap, brake_of, judged, rise_of
from daruma.core.haptic.shaking import Drive, Shake

RATE, DRIVEN, LASTS, NOISE = 1600.0, 0.12, 0.4, 0.004


def shaken(spring: tuple[float, float, float] | None, hertz: float, brake: float, rng: np.random.Generator) -> Shake:
    """Return a shake of a mass on a spring (resonance, damping, level), driven at a frequency."""
    fine = 8
    t = np.arange(round(LASTS * RATE) * fine) / (RATE * fine)
    a = np.zeros(len(t))
    if spring is not None:
        f0, damping, level = spring
        w = 2 * pi * f0
        sign = np.where(t < DRIVEN, 1.0, np.where(t < DRIVEN + brake, -1.0, 0.0))
        push = sign * level * 2 * damping * np.sin(2 * pi * hertz * t)
        # acceleration of a driven resonator: s^2 / (s^2 + 2 z w s + w^2), the drive held from one step to the next
        over, under, _ = cont2discrete(([1.0, 0.0, 0.0], [1.0, 2 * damping * w, w * w]), 1 / (RATE * fine), method="foh")
        a = lfilter(np.ravel(over), under, push)
    seen = a[::fine] + rng.normal(0, NOISE, round(LASTS * RATE))
    return Shake(RATE, DRIVEN, brake > 0, tuple(seen.tolist()))


def found(kind: str, seed: int) -> tuple[Tap, float, float]:
    rng, noise = random.Random(f"{kind}/{seed}"), np.random.default_rng(seed)
    f0, damping, level = rng.uniform(150, 190), rng.uniform(0.03, 0.08), rng.uniform(1.0, 2.5)
    drive = Drive(f0 * (1 + rng.gauss(0, 0.005)), level, rng.uniform(0.010, 0.025))
    spring: tuple[float, float, float] | None = {
        "sound": (f0, damping, level),
        "worn": (f0 * rng.uniform(0.8, 0.93), damping, level),
        "stuck": (f0, rng.uniform(0.3, 0.6), 0.2 * level),
        "dumb": (f0, damping, 2.2 * level),
    }.get(kind)
    springs = [spring, *([None if kind == "dumb" else spring] * 3)]
    brakes = [drive.brake, drive.brake, drive.brake, 0.0]
    shakes = [shaken(one, drive.f0, brake, noise) for one, brake in zip(springs, brakes, strict=True)]
    return judged(shakes, drive), f0, damping


WANTED = {"sound": Motor.TAPS, "worn": Motor.WORN, "stuck": Motor.STUCK, "open": Motor.OPEN, "dumb": Motor.DUMB}


@pytest.mark.parametrize("tried", seeds(20, 500))
@pytest.mark.parametrize("kind", WANTED)
def test_what_ails_a_motor_is_told(kind: str, tried: range) -> None:
    seen = Counter(found(kind, seed)[0].motor for seed in tried)
    assert kind == "sound" or seen[Motor.TAPS] == 0, "no false proof"
    assert seen[WANTED[kind]] >= 0.95 * len(tried), seen


def test_resonance_and_damping_lie_within_three_uncertainties() -> None:
    """At least 99 % of them, to be seen in 60 as at most two."""
    off = 0
    for seed in range(60):
        tap, f0, damping = found("sound", seed)
        assert tap.f0 is not None
        assert tap.damping is not None
        off += abs(tap.f0[0] - f0) > 3 * tap.f0[1] or abs(tap.damping[0] - damping) > 3 * tap.damping[1]
    assert off <= 2


def test_brake_and_rise() -> None:
    rng = np.random.default_rng(1)
    free, braked = (shaken((170.0, 0.04, 1.5), 170.0, brake, rng) for brake in (0.0, 0.02))
    assert brake_of(braked) < 0.5 * brake_of(free)
    # the envelope of a driven resonator rises as 1 - exp(-z w t): 90 % after 2.303 / (z w)
    assert rise_of(free) == pytest.approx(2.303 / (0.04 * 2 * pi * 170), abs=0.012)


def test_another_motors_calibration_is_no_proof() -> None:
    rng = np.random.default_rng(2)
    shakes = [shaken((160.0, 0.05, 1.5), 160.0, brake, rng) for brake in (0.02, 0.02, 0.02, 0.0)]
    assert judged(shakes, Drive(160.0, 1.5, 0.02)).motor is Motor.TAPS
    assert judged(shakes, Drive(185.0, 1.5, 0.02)).motor is Motor.WORN
    assert judged(shakes, Drive(145.0, 1.5, 0.02)).motor is Motor.OFF
    assert judged(shakes[:2], Drive(160.0, 1.5, 0.02)).motor is Motor.UNSURE

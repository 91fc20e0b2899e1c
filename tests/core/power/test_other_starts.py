"""Starts of phones that share nothing with the stand-in: paces and levels of their own, ripple, restarts, charging alone.

What each is called is counted; docs/battery.md holds the figures.
"""

import random
from collections import Counter

import numpy as np
import pytest

from daruma.catalogue.loader import Catalogue
from daruma.core.cell.log import Floats
from daruma.core.cell.sign import dominant_sign
from daruma.core.power.boot import boot_of
from daruma.core.power.signature import Boot, BootSignature
from tests.conftest import seeds


def course(model: BootSignature, seconds: Floats) -> Floats:
    corners = np.array(model.corners)
    return np.interp(seconds, corners[:, 0], corners[:, 1])


def wander(noise: np.random.Generator, count: int, rate: float, mean: float, share: float) -> Floats:
    """A current that wanders as that of a phone at rest does: a random walk that is drawn back, over some seconds."""
    out, now, back = np.empty(count), 0.0, float(np.exp(-1 / (3 * rate)))
    kicks = noise.normal(0, share * mean * (1 - back**2) ** 0.5, count)
    for place in range(count):
        now = back * now + kicks[place]
        out[place] = now
    return np.maximum(mean + out, 0.035)


def recorded(what: str, model: BootSignature, rng: random.Random) -> tuple[Floats, Floats, Floats]:
    """Return times, volts and amperes of a start, from before the phone is plugged in."""
    noise = np.random.default_rng(rng.randrange(1 << 31))
    rate, lead, pace, gain = rng.choice((5.0, 10.0, 50.0)), rng.uniform(1, 4), rng.uniform(0.96, 1.04), rng.uniform(0.92, 1.08)
    t = np.arange(0, lead + model.settle + rng.uniform(20, 120), 1 / rate)
    since = (t - lead) / pace
    work = gain * course(model, since) * (1 + 0.06 * noise.standard_normal(len(t)))
    idle = wander(noise, len(t), rate, rng.uniform(0.12, 0.5), 0.25)
    charge = rng.uniform(0.6, 1.6) * np.exp(-np.maximum(since, 0) / rng.uniform(400, 4000)) + 0.05 * noise.standard_normal(len(t))
    ripple = 1 + rng.uniform(0, 0.05) * np.sin(2 * np.pi * t / rng.uniform(1, 9)) + 0.01 * noise.standard_normal(len(t))
    match what:
        case "sound":
            a = np.where(since < model.settle, work, idle if rng.random() < 0.5 else charge)
        case "hangs":
            stop = rng.uniform(0.25, 0.9) * model.settle
            a = np.where(since < stop, work, gain * course(model, np.full(len(t), stop)) * ripple)
        case "restarts":
            every, off = rng.uniform(0.4, 1.6) * model.settle, rng.uniform(0.8, 3)
            t = np.arange(0, lead + rng.uniform(4.2, 7) * (every + off), 1 / rate)
            within = np.mod((t - lead) / pace, every + off)
            work = gain * course(model, within) * (1 + 0.06 * noise.standard_normal(len(t)))
            idle = wander(noise, len(t), rate, 0.3, 0.2)
            a = np.where(within < every, np.where(within < model.settle, work, idle), 0.002)
        case "charges":
            a = charge
        case "dead":
            a = np.full(len(t), rng.uniform(0, 0.02))
    a = np.where(t < lead, 0.0, a) + noise.normal(0, 0.002, len(t))
    volts = rng.uniform(4.95, 5.25) - rng.uniform(0.03, 0.25) * a + noise.normal(0, 0.004, len(t))
    return t, volts, a


def told(what: str, catalogue: Catalogue, tried: range, *, other: bool = False) -> Counter[Boot]:
    models = [model.boot for model in catalogue.models.values() if model.boot is not None]
    found: Counter[Boot] = Counter()
    for seed in tried:
        rng = random.Random(f"{what}/{other}/{seed}")
        model, another = rng.sample(models, 2)
        t, v, a = recorded(what, another if other else model, rng)
        signed = -a if rng.random() < 0.5 else a
        found[boot_of(t, v, dominant_sign(t, signed) * signed, model).boot] += 1
    return found


RIGHT = {"sound": Boot.BOOTS, "hangs": Boot.HANGS, "restarts": Boot.LOOPS, "dead": Boot.DEAD}


@pytest.mark.parametrize("tried", seeds(60, 300))
@pytest.mark.parametrize("what", RIGHT)
def test_what_a_start_is_called(what: str, tried: range, catalogue: Catalogue) -> None:
    found = told(what, catalogue, tried)
    wrong = sum(count for boot, count in found.items() if boot not in (RIGHT[what], Boot.UNKNOWN))
    assert wrong <= 0.05 * len(tried), found
    assert found[RIGHT[what]] >= 0.85 * len(tried), found


@pytest.mark.parametrize("tried", seeds(60, 300))
def test_what_is_like_no_start_of_the_model_is_called_none(tried: range, catalogue: Catalogue) -> None:
    for found in (told("charges", catalogue, tried), told("sound", catalogue, tried, other=True)):
        assert found[Boot.UNKNOWN] >= 0.95 * len(tried), found
